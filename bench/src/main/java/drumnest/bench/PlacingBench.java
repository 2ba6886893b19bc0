package drumnest.bench;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.place.Candidate;
import drumnest.core.place.FreePlacing;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.StoryPlacing;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 300 photos in 400 slots, as the start script runs the program: with the first compiler only. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
    value = 2,
    jvmArgs = {"-Xmx208m", "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1"})
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class PlacingBench {

  private static final int[][] SHAPES = {{6000, 4000}, {4000, 6000}, {4000, 3000}, {3000, 3000}};
  private static final int[][] PRINTS = {{6, 4}, {4, 6}, {3, 4}, {4, 4}};

  private Placing.Problem problem;

  /** A line of photos, a third of them with a keep box and a third in bursts. */
  @Setup
  public void lay() {
    Random random = new Random(1);
    List<Candidate> photos = new ArrayList<>();
    for (int i = 0; i < 300; i++) {
      int[] shape = SHAPES[random.nextInt(SHAPES.length)];
      PixelBox keep =
          i % 3 == 0 ? new PixelBox(shape[0] / 4, shape[1] / 4, shape[0] / 3, shape[1] / 3) : null;
      String burst = i % 9 < 3 ? "burst" + i / 9 : null;
      photos.add(
          new Candidate("p" + i, new Pixels(shape[0], shape[1]), keep, i % 40 == 0, burst, null));
    }
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      int[] print = PRINTS[random.nextInt(PRINTS.length)];
      places.add(
          new Place("s" + i, Size.ofInches(print[0], print[1]), random.nextInt(10) == 0, false));
    }
    problem = new Placing.Problem(photos, places, Map.of(), HouseRules.defaults());
  }

  @Benchmark
  public Placing.Arrangement story() {
    return new StoryPlacing().place(problem);
  }

  @Benchmark
  public Placing.Arrangement free() {
    return new FreePlacing().place(problem);
  }
}
