package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Albums as makers have them, in shapes: what is offered is worth choosing between. */
class LeafChoicesTest {

  private static List<Place> page(String id, int places, int w, int h) {
    return IntStream.range(0, places).mapToObj(i -> PlacingCases.place(id + i, w, h)).toList();
  }

  private static LeafPlanning.LeafKind kind(String key, int places, int w, int h) {
    return new LeafPlanning.LeafKind(
        key, page(key + "f", places, w, h), page(key + "b", places, w, h), null);
  }

  private static final List<LeafPlanning.LeafKind> KINDS =
      List.of(
          kind("six-wide", 6, 6, 4),
          kind("six-upright", 6, 4, 6),
          kind("nine-squares", 9, 4, 4),
          kind("twelve-small", 12, 3, 4));

  private static final Map<LeafChoices.Aim, ToDoubleFunction<LeafChoices.Measures>> MEASURE_OF =
      Map.of(
          LeafChoices.Aim.FEWEST_LEAVES, LeafChoices.Measures::leaves,
          LeafChoices.Aim.LEAST_CROPPED, LeafChoices.Measures::cropped,
          LeafChoices.Aim.AIR_AS_ASKED, LeafChoices.Measures::off);

  private static LeafPlanning.Request request(
      int photos, int chapter, Random random, Breathing breathing) {
    List<List<Candidate>> chapters = new ArrayList<>();
    for (int i = 0; i < photos; i++) {
      if (i % chapter == 0) {
        chapters.add(new ArrayList<>());
      }
      chapters.get(chapters.size() - 1).add(PlacingCases.anyKept("p" + i, random));
    }
    return new LeafPlanning.Request(
        chapters, KINDS, breathing, 200, false, 0, 3, PlacingCases.WEIGHTS, PlacingCases.RULES);
  }

  static IntStream seeds() {
    return IntStream.range(0, 24);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void none_is_worse_than_another_in_everything_and_no_aim_is_claimed_twice(int seed) {
    Random random = new Random(seed);
    int photos = 6 + random.nextInt(40);
    Breathing breathing = Breathing.values()[random.nextInt(4)];
    LeafPlanning.Request request = request(photos, 1 + random.nextInt(12), random, breathing);
    List<LeafChoices.Choice> choices = LeafChoices.of(request, ProgressMonitor.NONE);
    assertThat(choices).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    List<LeafChoices.Measures> measures =
        choices.stream().map(each -> LeafChoices.measures(each.plan(), request)).toList();
    Set<LeafChoices.Aim> claimed = new HashSet<>();
    for (int i = 0; i < choices.size(); i++) {
      LeafChoices.Measures own = measures.get(i);
      assertThat(measures).noneMatch(own::isOutdoneBy);
      assertThat(own.left()).isZero();
      for (LeafChoices.Aim aim : choices.get(i).aims()) {
        assertThat(claimed.add(aim)).isTrue();
      }
    }
    assertThat(claimed).as("everything is claimed by one").hasSize(3);
    for (int i = 0; i < choices.size(); i++) {
      LeafChoices.Measures own = measures.get(i);
      for (LeafChoices.Aim aim : choices.get(i).aims()) {
        ToDoubleFunction<LeafChoices.Measures> what = MEASURE_OF.get(aim);
        assertThat(measures)
            .as("the best at %s", aim)
            .allMatch(each -> what.applyAsDouble(own) <= what.applyAsDouble(each));
      }
    }
  }

  /**
   * The large leaf costs least where few leaves are wanted and where little is to be cropped; but
   * of one leaf each, the small one takes less paper, so that is the choice for few leaves.
   */
  @Test
  void what_another_aim_has_found_too_is_still_proven_for_its_own() {
    List<Candidate> wides =
        List.of(PlacingCases.kept("a", 6000, 4000), PlacingCases.kept("b", 6000, 4000));
    List<LeafPlanning.LeafKind> kinds =
        List.of(
            new LeafPlanning.LeafKind("small", page("s", 2, 3, 4), List.of(), null),
            new LeafPlanning.LeafKind("large", page("l", 4, 6, 4), List.of(), null));
    HouseRules rules = PlacingCases.RULES.with(HouseRule.EMPTY_WEIGHT, 0);
    LeafPlanning.Request request =
        new LeafPlanning.Request(
            List.of(wides), kinds, Breathing.PACKED, 9, false, 0, 3, Weights.of(rules), rules);
    List<LeafChoices.Choice> choices = LeafChoices.of(request, ProgressMonitor.NONE);
    assertThat(choices)
        .extracting(choice -> choice.plan().leaves().get(0).kind().key())
        .containsExactly("small", "large");
    assertThat(choices.get(1).aims()).containsExactly(LeafChoices.Aim.LEAST_CROPPED);
    assertThat(choices).allMatch(LeafChoices.Choice::proven);
  }

  /** Forty photos of a year, in chapters of one or two, do not become a leaf each. */
  @Test
  void a_year_of_forty_scattered_photos_takes_within_one_of_the_fewest_leaves() {
    LeafPlanning.Request request = request(40, 2, new Random(5), Breathing.PACKED);
    LeafChoices.Choice least = LeafChoices.of(request, ProgressMonitor.NONE).get(0);
    assertThat(least.aims()).contains(LeafChoices.Aim.FEWEST_LEAVES);
    // Twelve on a page, twenty-four on a leaf: two leaves hold forty.
    assertThat(least.plan().leaves()).hasSizeLessThanOrEqualTo(3);
  }
}
