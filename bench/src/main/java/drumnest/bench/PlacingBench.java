package drumnest.bench;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.place.Breathing;
import drumnest.core.place.Candidate;
import drumnest.core.place.FreePlacing;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.place.StoryPlacing;
import drumnest.core.place.Weights;
import drumnest.core.stock.HouseRules;
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

  private Placing.Problem story;
  private Placing.Problem roomy;
  private Placing.Problem free;
  private LeafPlanning.Request unlimited;
  private LeafPlanning.Request counted;
  private LeafPlanning.Request sleeved;

  /**
   * A line of photos, a third of them with a keep box and a third in bursts; some with two
   * versions, some with words. And kept photos in 8 chapters for 10 kinds of leaves.
   */
  @Setup
  public void lay() {
    HouseRules rules = HouseRules.defaults();
    List<Candidate> photos = PlacingCase.photos(300, new Random(1));
    List<Place> places = PlacingCase.places(400, new Random(2));
    story =
        new Placing.Problem(
            photos, places, Map.of(), Placing.Order.STORY, Weights.of(rules), rules);
    Map<Integer, List<Size>> pages = new HashMap<>();
    places.forEach(
        place ->
            pages.computeIfAbsent(place.at().page(), page -> new ArrayList<>()).add(place.print()));
    Map<Integer, Area> room = new HashMap<>();
    pages.forEach((page, sizes) -> room.put(page, Breathing.FULL.room(sizes, page + 1, rules)));
    roomy =
        new Placing.Problem(
            photos,
            places,
            Map.of(),
            Map.of(),
            room,
            Placing.Order.STORY,
            Weights.of(rules),
            rules);
    free = story.withOrder(Placing.Order.FREE);
    unlimited = PlacingCase.request(rules, null, new Random(3));
    counted = PlacingCase.request(rules, 3, new Random(3));
    sleeved = PlacingCase.sleeved(rules, 20, new Random(3));
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
    return LeafPlanning.plan(unlimited, ProgressMonitor.NONE);
  }

  /** With six of the ten kinds owned three times. */
  @Benchmark
  public LeafPlanning.Answer leavesCounted() {
    return LeafPlanning.plan(counted, ProgressMonitor.NONE);
  }

  /** Leaves that count on twenty places in sleeves. */
  @Benchmark
  public LeafPlanning.Answer leavesSleeved() {
    return LeafPlanning.plan(sleeved, ProgressMonitor.NONE);
  }
}
