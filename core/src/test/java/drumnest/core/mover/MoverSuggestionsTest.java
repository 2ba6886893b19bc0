package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.mover.MoverSuggestions.Suggestion;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.CatalogueItem.HingeEdge;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class MoverSuggestionsTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final Length THICK = Length.ofInches(1);

  private static Leaf leaf(int number) {
    return Leaf.of(number, number, SIX_WIDE);
  }

  private static Spread spread() {
    return new Spread(1, List.of(leaf(1), leaf(2)));
  }

  private static Sleeves wide(Integer left) {
    return new Sleeves(Size.ofInches(6, 4), HingeEdge.ANY, left);
  }

  private static int faces(List<Suggestion> suggestions) {
    return suggestions.stream().mapToInt(Suggestion::faces).sum();
  }

  @Test
  void thirty_photos_get_their_places_from_few_movers_and_none_is_in_the_way_of_another() {
    List<Suggestion> found = MoverSuggestions.of(spread(), 30, List.of(wide(null)), THICK, RULES);
    assertThat(faces(found)).isGreaterThanOrEqualTo(20);
    for (Suggestion one : found) {
      for (Suggestion other : found) {
        assertThat(one != other && MoverSuggestions.clash(one, other)).isFalse();
      }
    }
  }

  @Test
  void no_more_sleeves_are_used_than_are_left_and_none_that_are_hinged_elsewhere() {
    List<Suggestion> found = MoverSuggestions.of(spread(), 30, List.of(wide(4)), THICK, RULES);
    assertThat(found.stream().mapToInt(Suggestion::used).sum()).isLessThanOrEqualTo(4);
    assertThat(faces(found)).isEqualTo(8);
    Sleeves onShort = new Sleeves(Size.ofInches(4, 6), HingeEdge.SHORT, null);
    assertThat(MoverSuggestions.of(spread(), 6, List.of(onShort), THICK, RULES))
        .isNotEmpty()
        .allMatch(suggestion -> suggestion.edge().isAtSide());
    assertThat(MoverSuggestions.of(spread(), 6, List.of(), THICK, RULES)).isEmpty();
  }

  @Test
  void what_would_be_too_thick_is_left_away() {
    // Two prints of 0.009 in each sleeve: three sleeves are 0.054.
    List<Suggestion> found =
        MoverSuggestions.of(spread(), 30, List.of(wide(null)), Length.parse("0.05"), RULES);
    assertThat(found)
        .isNotEmpty()
        .allMatch(suggestion -> suggestion.kind() == MoverSuggestions.SuggestedMover.FLAP);
  }

  @Test
  void what_is_there_already_is_kept_clear_of() {
    Flap there =
        Flap.sleeve(
            "1",
            new Box(Length.ZERO, Length.ZERO, Length.ofInches(12), Length.ofInches(12)),
            Edge.LEFT,
            new Attachment.ThroughSlit(Length.parse("1/2")),
            Support.PAGE);
    PagePlan plan = PagePlan.EMPTY.withFlaps(List.of(there));
    Leaf covered = new Leaf(2, 2, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
    List<Suggestion> found =
        MoverSuggestions.of(
            new Spread(1, List.of(leaf(1), covered)), 30, List.of(wide(null)), THICK, RULES);
    // It opens over the whole of the left page.
    assertThat(found).isEmpty();
  }

  static Stream<Arguments> cases() {
    return IntStream.range(0, 200).mapToObj(seed -> Arguments.of("seed " + seed, seed));
  }

  /** Up to six places with up to three movers each, on squares of a grid. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void it_is_as_good_as_the_best_of_all(String name, int seed) {
    Random random = new Random(seed);
    List<Sleeves> sleeves = List.of(wide(random.nextInt(4)), wide(null));
    List<List<Suggestion>> options = new ArrayList<>();
    List<Slot> places = leaf(1).slots(Side.FRONT, 0);
    int count = 1 + random.nextInt(6);
    for (int place = 0; place < count; place++) {
      List<Suggestion> here = new ArrayList<>();
      for (int kind = 0; kind < 1 + random.nextInt(3); kind++) {
        Box box =
            new Box(
                Length.ofInches(random.nextInt(8)),
                Length.ofInches(random.nextInt(8)),
                Length.ofInches(1 + random.nextInt(4)),
                Length.ofInches(1 + random.nextInt(4)));
        Flap flap =
            Flap.sleeve(
                place + "-" + kind,
                box,
                Edge.values()[random.nextInt(4)],
                new Attachment.ThroughSlit(Length.parse("1/2")),
                Support.PAGE);
        int of = random.nextInt(3) - 1;
        here.add(
            new Suggestion(
                places.get(place),
                MoverSuggestions.SuggestedMover.FLAP,
                flap.hinge(),
                1 + random.nextInt(6),
                of,
                of < 0 ? 0 : 1 + random.nextInt(2),
                Length.ofInches(random.nextInt(3)),
                random.nextInt(4) == 0,
                List.of(flap)));
      }
      options.add(here);
    }
    int wanted = 1 + random.nextInt(16);
    List<Suggestion> found = MoverSuggestions.best(options, wanted, sleeves);
    assertThat(isAllowed(found, sleeves)).isTrue();
    assertThat(MoverSuggestions.value(found, faces(found), wanted))
        .isEqualTo(bestOfAll(options, 0, new ArrayList<>(), wanted, sleeves));
  }

  private static boolean isAllowed(List<Suggestion> taken, List<Sleeves> sleeves) {
    Map<Integer, Integer> used = new HashMap<>();
    for (Suggestion one : taken) {
      used.merge(one.sleeves(), one.used(), Integer::sum);
      for (Suggestion other : taken) {
        if (one != other && MoverSuggestions.clash(one, other)) {
          return false;
        }
      }
    }
    Integer left = sleeves.get(0).left();
    return left == null || used.getOrDefault(0, 0) <= left;
  }

  /** Every choice at every place is tried. */
  private static long bestOfAll(
      List<List<Suggestion>> options,
      int place,
      List<Suggestion> taken,
      int wanted,
      List<Sleeves> sleeves) {
    if (place == options.size()) {
      return isAllowed(taken, sleeves)
          ? MoverSuggestions.value(taken, faces(taken), wanted)
          : Long.MIN_VALUE;
    }
    long best = bestOfAll(options, place + 1, taken, wanted, sleeves);
    for (Suggestion each : options.get(place)) {
      taken.add(each);
      best = Math.max(best, bestOfAll(options, place + 1, taken, wanted, sleeves));
      taken.remove(taken.size() - 1);
    }
    return best;
  }
}
