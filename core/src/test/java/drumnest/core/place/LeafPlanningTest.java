package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LeafPlanningTest {

  private static final long ROUNDED = 20;

  private static LeafPlanning.LeafKind kind(
      String key, @Nullable Integer owned, int frontPlaces, int backPlaces, int w, int h) {
    return new LeafPlanning.LeafKind(
        key, page(key + "f", frontPlaces, w, h), page(key + "b", backPlaces, w, h), owned);
  }

  private static List<Place> page(String id, int places, int w, int h) {
    return IntStream.range(0, places).mapToObj(i -> PlacingCases.place(id + i, w, h)).toList();
  }

  private static LeafPlanning.Request request(
      List<List<Candidate>> chapters,
      List<LeafPlanning.LeafKind> kinds,
      Breathing breathing,
      int most,
      boolean fresh) {
    return new LeafPlanning.Request(
        chapters, kinds, breathing, most, fresh, 0, 3, PlacingCases.WEIGHTS, PlacingCases.RULES);
  }

  @Test
  void wide_photos_get_wide_leaves_and_uprights_upright_ones() {
    List<LeafPlanning.LeafKind> kinds =
        List.of(kind("wide", null, 3, 3, 6, 4), kind("upright", null, 3, 3, 4, 6));
    List<Candidate> wides =
        IntStream.range(0, 6).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    List<Candidate> uprights =
        IntStream.range(0, 6).mapToObj(i -> PlacingCases.kept("u" + i, 4000, 6000)).toList();
    LeafPlanning.Answer answer =
        LeafPlanning.plan(
            request(List.of(wides, uprights), kinds, Breathing.PACKED, 9, true),
            ProgressMonitor.NONE);
    LeafPlanning.Plan best = answer.plans().get(0);
    assertThat(best.leaves())
        .extracting(leaf -> leaf.kind().key())
        .containsExactly("wide", "upright");
    assertThat(answer.isBest()).isTrue();
    assertThat(best.cost()).as("two leaves, and nothing cropped").isEqualTo(2 * leafWeight());
    assertThat(best.leaves().get(1).front()).containsExactly(6, 7, 8);
  }

  private static long leafWeight() {
    return Weights.weight(PlacingCases.RULES, HouseRule.LEAF_WEIGHT);
  }

  @Test
  void a_leaf_that_is_owned_once_is_used_once() {
    List<LeafPlanning.LeafKind> kinds =
        List.of(kind("wide", 1, 3, 3, 6, 4), kind("square", null, 2, 2, 4, 4));
    List<Candidate> wides =
        IntStream.range(0, 12).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    LeafPlanning.Answer answer =
        LeafPlanning.plan(
            request(List.of(wides), kinds, Breathing.PACKED, 9, true), ProgressMonitor.NONE);
    assertThat(LeafPlanning.used(answer.plans().get(0))).isEqualTo(Map.of("wide", 1, "square", 2));
  }

  /** The first two photos cost less on two small leaves, but then none is left for the others. */
  @Test
  void it_does_not_run_out_of_leaves_for_what_is_cheaper_at_first() {
    List<LeafPlanning.LeafKind> kinds =
        List.of(kind("small", null, 1, 0, 6, 4), kind("square", null, 2, 0, 4, 4));
    List<Candidate> wides =
        IntStream.range(0, 4).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    LeafPlanning.Request two =
        request(List.of(wides), kinds, Breathing.PACKED, 2, true).by(PlacingCases.RULES);
    LeafPlanning.Answer answer = LeafPlanning.plan(two, ProgressMonitor.NONE);
    assertThat(answer.plans()).hasSize(1);
    assertThat(LeafPlanning.used(answer.plans().get(0))).isEqualTo(Map.of("square", 2));
    assertThat(answer.isBest()).isTrue();
  }

  /** Between two that have a place more of the others lie than a page is looked at with. */
  @Test
  void what_has_a_place_nowhere_is_left_out_and_keeps_no_others_from_their_page() {
    List<Place> hidden =
        List.of(
            new Place("h0", Size.ofInches(6, 4), true, false),
            new Place("h1", Size.ofInches(6, 4), true, false));
    List<LeafPlanning.LeafKind> kinds =
        List.of(new LeafPlanning.LeafKind("hidden", hidden, hidden, null));
    List<Candidate> photos =
        IntStream.range(0, 48).mapToObj(i -> meantFor("p" + i, i % 12 == 0)).toList();
    LeafPlanning.Answer answer =
        LeafPlanning.plan(
            request(List.of(photos), kinds, Breathing.PACKED, 9, true), ProgressMonitor.NONE);
    LeafPlanning.Plan best = answer.plans().get(0);
    assertThat(best.leaves()).hasSize(1);
    assertThat(placed(best.leaves().get(0))).containsExactly(0, 12, 24, 36);
    assertThat(best.cost())
        .as("one leaf, and 44 kept photos left out")
        .isEqualTo(
            leafWeight() + 44 * 3 * Weights.weight(PlacingCases.RULES, HouseRule.LEFT_OUT_WEIGHT));
    assertThat(answer.isBest()).isTrue();
  }

  /** A kept photo that may lie hidden, or one that never may. */
  private static Candidate meantFor(String id, boolean hidden) {
    Candidate plain = PlacingCases.kept(id, 6000, 4000);
    return new Candidate(
        id,
        plain.pixels(),
        null,
        Focus.NONE,
        plain.wanted(),
        null,
        null,
        null,
        new Candidate.PlacementHints(!hidden, hidden, false, false),
        null);
  }

  @Test
  void breathing_room_asks_for_more_leaves() {
    List<LeafPlanning.LeafKind> kinds = List.of(kind("wide", null, 5, 5, 6, 4));
    List<Candidate> wides =
        IntStream.range(0, 20).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    Map<Breathing, Integer> leaves = new HashMap<>();
    for (Breathing breathing : Breathing.values()) {
      leaves.put(
          breathing,
          LeafPlanning.plan(
                  request(List.of(wides), kinds, breathing, 20, true), ProgressMonitor.NONE)
              .plans()
              .get(0)
              .leaves()
              .size());
    }
    assertThat(leaves)
        .isEqualTo(
            Map.of(Breathing.PACKED, 2, Breathing.FULL, 3, Breathing.EVEN, 4, Breathing.AIRY, 5));
  }

  @Test
  void a_chapter_begins_on_a_page_of_its_own_if_that_is_wanted() {
    List<LeafPlanning.LeafKind> kinds = List.of(kind("wide", null, 2, 2, 6, 4));
    List<List<Candidate>> chapters =
        List.of(
            List.of(PlacingCases.kept("a", 6000, 4000)),
            List.of(
                PlacingCases.kept("b", 6000, 4000),
                PlacingCases.kept("c", 6000, 4000),
                PlacingCases.kept("d", 6000, 4000)));
    LeafPlanning.PlannedLeaf fresh =
        LeafPlanning.plan(request(chapters, kinds, Breathing.PACKED, 9, true), ProgressMonitor.NONE)
            .plans()
            .get(0)
            .leaves()
            .get(0);
    assertThat(fresh.front().stream().filter(i -> i >= 0)).containsExactly(0);
    LeafPlanning.Plan flowing =
        LeafPlanning.plan(
                request(chapters, kinds, Breathing.PACKED, 9, false), ProgressMonitor.NONE)
            .plans()
            .get(0);
    assertThat(flowing.leaves()).hasSize(1);
  }

  @Test
  void too_few_leaves_leave_photos_out_and_none_at_all_give_no_plan() {
    List<LeafPlanning.LeafKind> kinds = List.of(kind("wide", null, 2, 2, 6, 4));
    List<Candidate> wides =
        IntStream.range(0, 30).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    LeafPlanning.Plan plan =
        LeafPlanning.plan(
                request(List.of(wides), kinds, Breathing.PACKED, 2, true), ProgressMonitor.NONE)
            .plans()
            .get(0);
    assertThat(plan.leaves()).hasSize(2);
    assertThat(plan.cost()).isEqualTo(22 * 3 * PlacingCases.WEIGHTS.leftOut() + 2 * leafWeight());
    assertThat(
            LeafPlanning.plan(
                    request(List.of(List.of()), kinds, Breathing.PACKED, 2, true),
                    ProgressMonitor.NONE)
                .plans())
        .isEmpty();
  }

  @Test
  void stopped_at_once_it_still_answers_with_a_whole_plan() {
    List<LeafPlanning.LeafKind> kinds =
        List.of(kind("wide", 2, 2, 2, 6, 4), kind("square", null, 2, 2, 4, 4));
    List<Candidate> wides =
        IntStream.range(0, 20).mapToObj(i -> PlacingCases.kept("w" + i, 6000, 4000)).toList();
    LeafPlanning.Answer answer =
        LeafPlanning.plan(
            request(List.of(wides), kinds, Breathing.PACKED, 20, true),
            (done, of) -> done < of / 2 + 3);
    Set<Integer> placed = new HashSet<>();
    answer.plans().get(0).leaves().forEach(leaf -> placed.addAll(placed(leaf)));
    assertThat(placed).hasSize(20);
    assertThat(answer.bound()).isLessThanOrEqualTo(answer.plans().get(0).cost());
  }

  private static List<Integer> placed(LeafPlanning.PlannedLeaf leaf) {
    return Stream.concat(leaf.front().stream(), leaf.back().stream()).filter(i -> i >= 0).toList();
  }

  static IntStream seeds() {
    return IntStream.range(2000, 2080);
  }

  /** All sequences of leaves and all ways to break the story over their pages, tried in turn. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void is_as_cheap_as_the_best_of_all_sequences(int seed) {
    Random random = new Random(seed);
    List<List<Candidate>> chapters = new ArrayList<>();
    int number = 0;
    for (int chapter = 0; chapter < 1 + random.nextInt(2); chapter++) {
      List<Candidate> photos = new ArrayList<>();
      for (int i = random.nextInt(4); i >= 0; i--) {
        boolean wide = random.nextBoolean();
        photos.add(PlacingCases.kept("p" + number++, wide ? 6000 : 4000, wide ? 4000 : 6000));
      }
      chapters.add(photos);
    }
    List<LeafPlanning.LeafKind> kinds =
        List.of(
            kind("a", random.nextInt(3), 1 + random.nextInt(2), 1, 6, 4),
            kind("b", random.nextInt(3), 1, 1 + random.nextInt(2), 4, 6),
            kind("c", random.nextBoolean() ? 1 : null, 2, 0, 4, 4));
    HouseRules rules =
        PlacingCases.RULES
            .with(HouseRule.CHAPTER_PHOTOS, 1 + seed % 3)
            .with(HouseRule.EMPTY_WEIGHT, seed % 4 == 0 ? 0 : 25);
    LeafPlanning.Request request =
        new LeafPlanning.Request(
            chapters,
            kinds,
            Breathing.FULL,
            1 + random.nextInt(3),
            random.nextBoolean(),
            0,
            seed % 2 == 0 ? 1 : 3,
            PlacingCases.WEIGHTS,
            rules);
    LeafPlanning.Answer answer = LeafPlanning.plan(request, ProgressMonitor.NONE);
    long best = new Everything(request).cheapest(0, 0, new int[kinds.size()]);
    assertThat(answer.plans().get(0).cost())
        .as("what empty places weigh is rounded for each of them")
        .isCloseTo(best, within(ROUNDED));
    assertThat(answer.isBest()).isTrue();
    assertThat(answer.plans())
        .isSortedAccordingTo((one, other) -> Long.compare(one.cost(), other.cost()));
    assertThat(answer.plans().stream().map(LeafPlanning::used)).doesNotHaveDuplicates();
    for (LeafPlanning.Plan plan : answer.plans()) {
      LeafPlanning.used(plan)
          .forEach(
              (key, used) ->
                  assertThat(used)
                      .isLessThanOrEqualTo(
                          kinds.stream()
                              .filter(kind -> kind.key().equals(key))
                              .findFirst()
                              .map(kind -> kind.owned() == null ? 99 : kind.owned())
                              .orElseThrow()));
    }
  }

  /** The same with sleeves over some pages, as many as are wanted. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void with_sleeves_it_is_as_cheap_as_the_best_of_all_sequences(int seed) {
    LeafPlanning.Request request = sleeved(new Random(seed), null);
    LeafPlanning.Answer answer = LeafPlanning.plan(request, ProgressMonitor.NONE);
    long best = new Everything(request).cheapest(0, 0, new int[request.kinds().size()]);
    assertThat(answer.plans().get(0).cost()).isCloseTo(best, within(ROUNDED));
    for (LeafPlanning.Plan plan : answer.plans()) {
      for (LeafPlanning.PlannedLeaf leaf : plan.leaves()) {
        List<Integer> all = new ArrayList<>(placed(leaf));
        all.addAll(leaf.overFront());
        all.addAll(leaf.overBack());
        assertThat(all).doesNotHaveDuplicates();
        assertThat(leaf.overFront()).hasSizeLessThanOrEqualTo(leaf.kind().overFront());
        assertThat(leaf.overBack()).hasSizeLessThanOrEqualTo(leaf.kind().overBack());
      }
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void no_more_goes_into_sleeves_than_there_are(int seed) {
    LeafPlanning.Plan free =
        LeafPlanning.plan(sleeved(new Random(seed), null), ProgressMonitor.NONE).plans().get(0);
    for (int most = 0; most < free.inSleeves(); most++) {
      LeafPlanning.Answer few =
          LeafPlanning.plan(sleeved(new Random(seed), most), ProgressMonitor.NONE);
      assertThat(few.plans()).allMatch(plan -> plan.inSleeves() < free.inSleeves());
      for (LeafPlanning.Plan plan : few.plans()) {
        assertThat(plan.inSleeves()).isLessThanOrEqualTo(most);
      }
    }
  }

  private static LeafPlanning.Request sleeved(Random random, @Nullable Integer most) {
    List<Candidate> photos = new ArrayList<>();
    for (int i = 3 + random.nextInt(4); i > 0; i--) {
      boolean wide = random.nextBoolean();
      photos.add(PlacingCases.kept("p" + i, wide ? 6000 : 4000, wide ? 4000 : 6000));
    }
    List<LeafPlanning.LeafKind> kinds =
        List.of(
            new LeafPlanning.LeafKind(
                "a", page("af", 1, 6, 4), page("ab", 2, 6, 4), null, random.nextInt(3), 1),
            new LeafPlanning.LeafKind(
                "b", page("bf", 1, 4, 4), page("bb", 1, 4, 4), null, 2, random.nextInt(3)));
    return new LeafPlanning.Request(
        List.of(photos),
        kinds,
        new LeafPlanning.Sleeves(List.of(Size.ofInches(4, 6)), most),
        Breathing.PACKED,
        1 + random.nextInt(2),
        false,
        0,
        3,
        PlacingCases.WEIGHTS,
        PlacingCases.RULES);
  }

  /** The least of all, found by trying everything. */
  private static final class Everything {
    private final LeafPlanning.Request request;
    private final List<Candidate> all;
    private final List<Integer> chapterOf = new ArrayList<>();

    Everything(LeafPlanning.Request request) {
      this.request = request;
      this.all = request.chapters().stream().flatMap(List::stream).toList();
      for (int chapter = 0; chapter < request.chapters().size(); chapter++) {
        for (int i = 0; i < request.chapters().get(chapter).size(); i++) {
          chapterOf.add(chapter);
        }
      }
    }

    long cheapest(int from, int leaves, int[] used) {
      int page = 2 * leaves + 1;
      if (from == all.size()) {
        return 0;
      }
      long best = 3 * request.weights().leftOut() + cheapest(from + 1, leaves, used);
      if (leaves == request.mostLeaves()) {
        return best;
      }
      for (int kind = 0; kind < used.length; kind++) {
        LeafPlanning.LeafKind of = request.kinds().get(kind);
        if (of.owned() != null && used[kind] >= of.owned()) {
          continue;
        }
        used[kind]++;
        for (int middle = from; middle <= all.size(); middle++) {
          for (int to = Math.max(middle, from + 1); to <= all.size(); to++) {
            if (oneChapter(from, middle) && oneChapter(middle, to)) {
              best =
                  Math.min(
                      best,
                      leafWeight()
                          + page(of.front(), of.overFront(), page, from, middle)
                          + page(of.back(), of.overBack(), page + 1, middle, to)
                          + cheapest(to, leaves + 1, used));
            }
          }
        }
        used[kind]--;
      }
      return best;
    }

    private boolean oneChapter(int from, int to) {
      return !request.freshPages() || chapterOf.subList(from, to).stream().distinct().count() <= 1;
    }

    /** Tells what it costs that chapters worth a page begin among these, not before them. */
    private long withinPage(int from, int to) {
      long worth = request.rules().number(HouseRule.CHAPTER_PHOTOS);
      long begin =
          IntStream.range(from + 1, to)
              .filter(i -> !chapterOf.get(i).equals(chapterOf.get(i - 1)))
              .filter(i -> request.chapters().get(chapterOf.get(i)).size() >= worth)
              .count();
      return begin * Weights.weight(request.rules(), HouseRule.CHAPTER_WITHIN_WEIGHT);
    }

    /** The least over every choice of who stands where on the page. */
    private long page(List<Place> places, int over, int number, int from, int to) {
      boolean sleeves =
          over > 0 && places.stream().anyMatch(each -> request.sleeves().goOver(each.print()));
      if (sleeves && to - from > places.size() + over) {
        return Long.MAX_VALUE / 8;
      }
      List<Place> here =
          places.stream()
              .map(
                  place ->
                      new Place(
                          place.id(),
                          place.print(),
                          place.hidden(),
                          place.mayTurn(),
                          new Place.At(0, 0, place.at().low(), false, false, false)))
              .toList();
      Area room =
          request
              .breathing()
              .room(here.stream().map(Place::print).toList(), number, request.rules());
      long best = Long.MAX_VALUE;
      // Every choice of the places that hold a picture.
      for (int chosen = 0; chosen < 1 << here.size(); chosen++) {
        int choice = chosen;
        Area held = area(here, i -> (choice >> i & 1) == 1);
        if (held.compareTo(room) <= 0) {
          long sum = emptyCost(room.minus(held)) + filling(here, choice, sleeves, from, to);
          best = Math.min(best, sum);
        }
      }
      return best + withinPage(from, to);
    }

    private static Area area(List<Place> places, IntPredicate counts) {
      return IntStream.range(0, places.size())
          .filter(counts)
          .mapToObj(i -> Area.of(places.get(i).print()))
          .reduce(Area.NONE, Area::plus);
    }

    private long emptyCost(Area empty) {
      long weight = Weights.weight(request.rules(), HouseRule.EMPTY_WEIGHT);
      return Math.round(weight * empty.over(Area.of(Size.ofInches(6, 4))));
    }

    /** The least for exactly these places, every one with a picture, in story order. */
    private long filling(List<Place> here, int chosen, boolean sleeves, int from, int to) {
      if (Integer.bitCount(chosen) > to - from) {
        return Long.MAX_VALUE / 8;
      }
      Placing.Problem problem =
          new Placing.Problem(
              all.subList(from, to),
              here,
              Map.of(),
              Placing.Order.STORY,
              request.weights(),
              request.rules());
      long best = Long.MAX_VALUE / 8;
      for (int told = 0; told < 1 << (to - from); told++) {
        if (Integer.bitCount(told) == Integer.bitCount(chosen)) {
          long saved = sleeves ? savedBySleeves(here, told, from, to) : 0;
          long sum = PlacingCases.cost(problem, inOrder(told, chosen, to - from)) - saved;
          best = Math.min(best, sum);
        }
      }
      return best;
    }

    /**
     * Tells what it saves that those that are not told by a place go into a sleeve where that pays.
     */
    private long savedBySleeves(List<Place> here, int told, int from, int to) {
      long saved = 0;
      for (int i = 0; i < to - from; i++) {
        long least = 3 * request.weights().leftOut();
        for (Place place : here) {
          if ((told >> i & 1) == 0 && request.sleeves().goOver(place.print())) {
            Placing.Problem alone =
                new Placing.Problem(
                    List.of(all.get(from + i)),
                    List.of(new Place("sleeve", place.print(), true, false)),
                    Map.of(),
                    Placing.Order.STORY,
                    request.weights(),
                    request.rules());
            long sleeve = Weights.weight(request.rules(), HouseRule.SLEEVE_WEIGHT);
            least = Math.min(least, PlacingCases.cost(alone, new int[] {0}) + sleeve);
          }
        }
        saved += 3 * request.weights().leftOut() - least;
      }
      return saved;
    }

    /** The pictures of one set in the places of the other, the first in the first. */
    private static int[] inOrder(int pictures, int places, int count) {
      int[] placeOf = new int[count];
      Arrays.fill(placeOf, -1);
      int left = places;
      for (int picture = 0; picture < count; picture++) {
        if ((pictures >> picture & 1) == 1) {
          placeOf[picture] = Integer.numberOfTrailingZeros(left);
          left &= left - 1;
        }
      }
      return placeOf;
    }
  }

  @Test
  void a_private_photo_is_not_planned_for_the_first_page() {
    Candidate secret =
        new Candidate(
            "s",
            new Pixels(6000, 4000),
            null,
            Focus.NONE,
            3,
            null,
            null,
            null,
            new Candidate.PlacementHints(false, false, true, false),
            null);
    LeafPlanning.Request request =
        new LeafPlanning.Request(
            List.of(List.of(secret)),
            List.of(
                new LeafPlanning.LeafKind(
                    "k",
                    List.of(new Place("f", Size.ofInches(6, 4), false, false)),
                    List.of(new Place("b", Size.ofInches(6, 4), false, false)),
                    null)),
            Breathing.PACKED,
            3,
            true,
            0,
            1,
            PlacingCases.WEIGHTS,
            PlacingCases.RULES);
    LeafPlanning.PlannedLeaf leaf =
        LeafPlanning.plan(request, ProgressMonitor.NONE).plans().get(0).leaves().get(0);
    assertThat(leaf.front()).containsExactly(-1);
    assertThat(leaf.back()).containsExactly(0);
  }
}
