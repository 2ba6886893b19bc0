package drumnest.bench;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.FreePlacing;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.StoryPlacing;
import drumnest.core.place.Watch;
import drumnest.core.place.Weights;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import java.util.ArrayList;
import java.util.HashMap;
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

  private Placing.Problem story;
  private Placing.Problem roomy;
  private Placing.Problem free;
  private LeafPlanning.Wish unlimited;
  private LeafPlanning.Wish counted;

  /**
   * A line of photos, a third of them with a keep box and a third in bursts; some with two
   * versions, some with words. And kept photos in 8 chapters for 10 kinds of leaves.
   */
  @Setup
  public void lay() {
    HouseRules rules = HouseRules.defaults();
    List<Candidate> photos = photos(300, new Random(1));
    List<Place> places = places();
    story =
        new Placing.Problem(
            photos, places, Map.of(), Placing.Order.STORY, Weights.of(rules), rules);
    Map<Integer, Integer> most = new HashMap<>();
    places.forEach(place -> most.put(place.at().page(), 6));
    roomy =
        new Placing.Problem(
            photos,
            places,
            Map.of(),
            Map.of(),
            most,
            Placing.Order.STORY,
            Weights.of(rules),
            rules);
    free = story.withOrder(Placing.Order.FREE);
    unlimited = wish(rules, null);
    counted = wish(rules, 3);
  }

  private static List<Candidate> photos(int count, Random random) {
    List<Candidate> photos = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int[] shape = SHAPES[random.nextInt(SHAPES.length)];
      PixelBox keep =
          i % 3 == 0 ? new PixelBox(shape[0] / 4, shape[1] / 4, shape[0] / 3, shape[1] / 3) : null;
      photos.add(
          new Candidate(
              "p" + i,
              new Pixels(shape[0], shape[1]),
              keep,
              3,
              i % 9 < 3 ? "burst" + i / 9 : null,
              i % 20 < 2 ? "version" + i / 20 : null,
              null,
              new Candidate.Manner(i % 40 == 0, false, i % 50 == 0, i % 15 == 0),
              null));
    }
    return photos;
  }

  private static List<Place> places() {
    Random random = new Random(2);
    List<Place> places = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      int[] print = PRINTS[random.nextInt(PRINTS.length)];
      places.add(
          new Place(
              "s" + i,
              Size.ofInches(print[0], print[1]),
              random.nextInt(10) == 0,
              false,
              new Place.At((i / 8 + 1) / 2, i / 8, 0.5, i < 8, i % 2 == 0, false)));
    }
    return places;
  }

  private static LeafPlanning.Wish wish(HouseRules rules, Integer owned) {
    List<Candidate> photos = photos(200, new Random(3));
    List<List<Candidate>> chapters = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      chapters.add(photos.subList(25 * i, 25 * i + 25));
    }
    List<LeafPlanning.Kind> kinds = new ArrayList<>();
    Catalogue.beginning()
        .forEach(
            (key, entry) -> {
              if (kinds.size() < 10
                  && entry.item() instanceof LeafType type
                  && type.pattern() != null) {
                kinds.add(
                    new LeafPlanning.Kind(
                        key,
                        page(type.pattern()),
                        page(type.pattern().mirrored()),
                        kinds.size() < 6 ? owned : null));
              }
            });
    return new LeafPlanning.Wish(
        chapters, kinds, Breathing.FULL, 60, true, true, 3, Weights.of(rules), rules);
  }

  private static List<Place> page(PocketPattern pattern) {
    return pattern.pockets().stream()
        .map(pocket -> new Place("", pocket.named(), false, false))
        .toList();
  }

  @Benchmark
  public Placing.Arrangement story() {
    return new StoryPlacing().place(story);
  }

  /** The same with room to breathe on every page. */
  @Benchmark
  public Placing.Arrangement storyWithRoom() {
    return new StoryPlacing().place(roomy);
  }

  @Benchmark
  public Placing.Arrangement free() {
    return new FreePlacing().place(free);
  }

  @Benchmark
  public LeafPlanning.Answer leaves() {
    return LeafPlanning.plan(unlimited, Watch.NONE);
  }

  /** With six of the ten kinds owned three times. */
  @Benchmark
  public LeafPlanning.Answer leavesCounted() {
    return LeafPlanning.plan(counted, Watch.NONE);
  }
}
