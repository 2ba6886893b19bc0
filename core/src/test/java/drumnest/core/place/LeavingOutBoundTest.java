package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LeavingOutBoundTest {

  private static final int SEEDS = 150;

  /** Photos of which some fit few places, and some are hardly wanted. */
  private static LeafPlanning.Request request(Random random, long leftOut) {
    List<List<Candidate>> chapters = new ArrayList<>();
    for (int chapter = 0; chapter < 2; chapter++) {
      chapters.add(
          IntStream.range(0, 4 + random.nextInt(8)).mapToObj(i -> photo("p" + i, random)).toList());
    }
    HouseRules rules =
        PlacingCases.RULES
            .with(HouseRule.LEFT_OUT_WEIGHT, leftOut)
            .with(HouseRule.LEAF_WEIGHT, random.nextInt(200));
    List<LeafPlanning.LeafKind> kinds =
        List.of(
            new LeafPlanning.LeafKind("wide", page(3, 6, 4), page(2, 6, 4), null),
            new LeafPlanning.LeafKind("mixed", mixed(), page(2, 4, 6), null),
            new LeafPlanning.LeafKind(
                "square", page(4, 3, 3), page(4, 3, 3), random.nextBoolean() ? 1 : null));
    return new LeafPlanning.Request(
        chapters,
        kinds,
        random.nextBoolean() ? Breathing.PACKED : Breathing.FULL,
        1 + random.nextInt(6),
        random.nextInt(4) == 0,
        0,
        1,
        Weights.of(rules),
        rules);
  }

  private static Candidate photo(String id, Random random) {
    boolean wide = random.nextInt(3) > 0;
    Pixels pixels = wide ? new Pixels(6000, 4000) : new Pixels(4000, 6000);
    // The whole of it is to be seen, which not every shape does.
    PixelBox keep = random.nextInt(6) == 0 ? new PixelBox(0, 0, pixels.w(), pixels.h()) : null;
    return new Candidate(
        id,
        pixels,
        keep,
        Focus.NONE,
        1 + random.nextInt(3),
        random.nextInt(4) == 0 ? "alike" : null,
        null,
        null,
        new Candidate.PlacementHints(false, false, random.nextInt(8) == 0, random.nextInt(6) == 0),
        null);
  }

  private static List<Place> page(int places, int w, int h) {
    return IntStream.range(0, places).mapToObj(i -> PlacingCases.place("s" + i, w, h)).toList();
  }

  private static List<Place> mixed() {
    List<Place> places = new ArrayList<>(page(1, 6, 4));
    places.addAll(page(2, 3, 4));
    return places;
  }

  @Test
  void no_plan_that_a_closer_look_finds_costs_less_than_it_says() {
    int cheaper = 0;
    for (int seed = 0; seed < SEEDS; seed++) {
      Random random = new Random(seed);
      LeafPlanning.Request request = request(random, 20 + random.nextInt(200));
      long found = cost(lookedAt(request, LeafPlanning.SLACK));
      for (int slack = 0; slack < 3; slack++) {
        LeafPlanning.Answer answer = lookedAt(request, slack);
        assertThat(answer.bound())
            .as("seed %d, %d left out", seed, slack)
            .isLessThanOrEqualTo(found);
        cheaper += found < cost(answer) ? 1 : 0;
      }
    }
    assertThat(cheaper).as("plans that only a closer look finds").isGreaterThan(SEEDS / 10);
  }

  @Test
  void hardly_any_needs_a_closer_look_where_every_photo_is_well_worth_a_leaf() {
    int placed = 0;
    int proven = 0;
    for (int seed = 0; seed < SEEDS; seed++) {
      LeafPlanning.Request request = request(new Random(seed), HouseRule.LEFT_OUT_WEIGHT.most());
      LeafPlanning.Answer answer = lookedAt(request, 0);
      int photos = request.chapters().stream().mapToInt(List::size).sum();
      if (answer.plans().get(0).pictures() == photos) {
        placed++;
        proven += answer.isBest() ? 1 : 0;
      }
    }
    assertThat(placed).as("plans with a place for all").isGreaterThan(SEEDS / 10);
    assertThat(proven).isGreaterThan(placed * 9 / 10);
  }

  private static LeafPlanning.Answer lookedAt(LeafPlanning.Request request, int slack) {
    return new LeafSearch(request, 0, slack, ProgressMonitor.NONE).solve();
  }

  private static long cost(LeafPlanning.Answer answer) {
    return answer.plans().get(0).cost();
  }
}
