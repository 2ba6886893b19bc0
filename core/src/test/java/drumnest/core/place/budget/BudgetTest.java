package drumnest.core.place.budget;

import static drumnest.core.photo.Looks.NOON;
import static drumnest.core.photo.Looks.RULES;
import static drumnest.core.photo.Looks.look;
import static drumnest.core.photo.Looks.photo;
import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.Lookalikes;
import drumnest.core.photo.Stack;
import drumnest.core.photo.StoryPhoto;
import drumnest.core.place.PlacingCases;
import drumnest.core.place.budget.CullingSuggestions.Reason;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BudgetTest {

  private static final Size WIDE = Size.ofInches(6, 4);
  private static final Size UPRIGHT = Size.ofInches(4, 6);

  private static List<Orientation> shapes(int uprights, int wides) {
    List<Orientation> shapes = new ArrayList<>(Collections.nCopies(uprights, Orientation.UPRIGHT));
    shapes.addAll(Collections.nCopies(wides, Orientation.WIDE));
    return shapes;
  }

  private static Budget.Page page(String id, Size size, int count) {
    return new Budget.Page(id, Collections.nCopies(count, size), Map.of());
  }

  @Test
  void a_chapter_of_31_in_22_places_has_9_too_many_and_is_4_wides_short() {
    Budget.Need day2 = new Budget.Need("day 2", shapes(15, 16), List.of(), 0);
    List<Budget.Share> budget =
        Budget.of(List.of(day2), List.of(page("1", WIDE, 12), page("2", UPRIGHT, 10)));
    Budget.Share line = budget.get(0);
    assertThat(line.kept()).isEqualTo(31);
    assertThat(line.places()).isEqualTo(22);
    assertThat(line.tooMany()).isEqualTo(9);
    assertThat(line.shapes().get(Orientation.WIDE).tooMany()).isEqualTo(4);
    assertThat(line.shapes().get(Orientation.UPRIGHT).tooMany()).isEqualTo(5);
    assertThat(line.shapes().get(Orientation.SQUARE).tooMany()).isZero();
  }

  /** Handbook 11: a leaf for six wide and four upright takes ten, not seven wide. */
  @Test
  void uprights_and_wides_are_counted_apart() {
    Budget.Need need = new Budget.Need("a", shapes(3, 7), List.of(), 0);
    Budget.Share line =
        Budget.of(List.of(need), List.of(page("1", WIDE, 6), page("2", UPRIGHT, 4))).get(0);
    assertThat(line.tooMany()).isZero();
    assertThat(line.free()).isZero();
    assertThat(line.shapes().get(Orientation.WIDE).tooMany()).isEqualTo(1);
    assertThat(line.shapes().get(Orientation.UPRIGHT).tooFewPictures()).isEqualTo(1);
  }

  @Test
  void chapters_follow_each_other_over_the_pages() {
    List<Budget.Need> needs =
        List.of(
            new Budget.Need("a", shapes(0, 6), List.of(), 0),
            new Budget.Need("b", shapes(0, 12), List.of(), 0));
    List<Budget.Page> pages =
        List.of(page("1", WIDE, 6), page("none", WIDE, 0), page("2", WIDE, 6), page("3", WIDE, 6));
    assertThat(Budget.of(needs, pages))
        .extracting(Budget.Share::pages)
        .containsExactly(List.of("1"), List.of("2", "3"));
  }

  @Test
  void a_shortfall_is_shared_in_proportion() {
    List<Budget.Need> needs =
        List.of(
            new Budget.Need("a", shapes(0, 20), List.of(), 0),
            new Budget.Need("b", shapes(0, 10), List.of(), 0));
    List<Budget.Page> pages = Collections.nCopies(9, page("p", WIDE, 2));
    assertThat(Budget.of(needs, pages)).extracting(Budget.Share::places).containsExactly(12, 6);
  }

  @Test
  void pages_are_shared_out_for_what_is_still_undecided_too() {
    List<Budget.Need> needs =
        List.of(
            new Budget.Need("a", shapes(0, 2), List.of(), 4),
            new Budget.Need("b", shapes(0, 0), List.of(), 6));
    List<Budget.Share> lines = Budget.of(needs, List.of(page("1", WIDE, 6), page("2", WIDE, 6)));
    assertThat(lines).extracting(Budget.Share::places).containsExactly(6, 6);
    assertThat(lines).extracting(Budget.Share::free).containsExactly(4, 6);
  }

  @Test
  void a_page_stays_with_the_chapter_whose_pictures_it_holds() {
    List<Budget.Need> needs =
        List.of(
            new Budget.Need("a", shapes(0, 4), List.of(), 0),
            new Budget.Need("b", shapes(0, 4), List.of(), 0));
    List<Budget.Page> pages =
        List.of(
            page("1", WIDE, 4),
            new Budget.Page("2", Collections.nCopies(4, WIDE), Map.of("a", 4)),
            page("3", WIDE, 4));
    assertThat(Budget.of(needs, pages))
        .extracting(Budget.Share::pages)
        .containsExactly(List.of("1", "2"), List.of("3"));
  }

  @Test
  void prints_on_the_table_need_places_that_take_them_whole() {
    Budget.Need need =
        new Budget.Need("a", List.of(), List.of(Size.ofInches(5, 7), WIDE, Size.ofInches(3, 4)), 0);
    Budget.Share line =
        Budget.of(List.of(need), List.of(page("1", WIDE, 1), page("2", UPRIGHT, 3))).get(0);
    assertThat(line.prints()).isEqualTo(3);
    assertThat(line.printsTooLarge()).isEqualTo(1);
    assertThat(line.shapes().get(Orientation.UPRIGHT).kept()).isEqualTo(2);
  }

  @Test
  void no_leaves_and_no_chapters_have_a_budget_too() {
    assertThat(Budget.of(List.of(), List.of(page("1", WIDE, 6)))).isEmpty();
    Budget.Need need = new Budget.Need("a", shapes(1, 1), List.of(), 0);
    assertThat(Budget.of(List.of(need), List.of()).get(0).tooMany()).isEqualTo(2);
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {11, 12, 13, 14, 15, 16})
  void every_page_belongs_to_one_chapter_in_order(int seed) {
    Random random = new Random(seed);
    List<Budget.Need> needs = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(6); i++) {
      needs.add(
          new Budget.Need("c" + i, shapes(random.nextInt(9), random.nextInt(9)), List.of(), 0));
    }
    List<Budget.Page> pages = new ArrayList<>();
    List<String> ids = new ArrayList<>();
    for (int i = 0; i < random.nextInt(20); i++) {
      ids.add("p" + i);
      pages.add(page("p" + i, WIDE, 1 + random.nextInt(8)));
    }
    List<Budget.Share> lines = Budget.of(needs, pages);
    assertThat(lines.stream().flatMap(line -> line.pages().stream()).toList()).isEqualTo(ids);
    for (Budget.Share line : lines) {
      assertThat(line.kept() + line.free()).isEqualTo(line.places() + line.tooMany());
    }
  }

  private static CullingSuggestions.Chapter chapter(
      List<StoryPhoto> kept, Set<String> spared, int places) {
    return chapter(kept, spared, Map.of(), places);
  }

  private static CullingSuggestions.Chapter chapter(
      List<StoryPhoto> kept, Set<String> spared, Map<String, String> versions, int places) {
    List<Orientation> shapes =
        kept.stream().map(photo -> photo.look().pixels().orientation()).toList();
    Budget.Share budget =
        Budget.of(
                List.of(new Budget.Need("a", shapes, List.of(), 0)),
                List.of(page("1", WIDE, places)))
            .get(0);
    Map<String, Stack> stacks = new HashMap<>();
    for (Stack stack : Lookalikes.stacks(kept, RULES)) {
      stack.photos().forEach(photo -> stacks.put(photo.id(), stack));
    }
    return new CullingSuggestions.Chapter(kept, spared, stacks, versions, budget, WIDE);
  }

  @Test
  void of_the_versions_of_a_subject_one_stays() {
    List<StoryPhoto> kept = new ArrayList<>();
    for (String id : List.of("upright", "wide", "other")) {
      kept.add(
          new StoryPhoto(
              id,
              null,
              PlacingCases.look(kept.size() * 30, 20 * kept.size()),
              StoryPhoto.Grouping.NONE));
    }
    List<String> dropped =
        CullingSuggestions.of(
                chapter(kept, Set.of("other"), Map.of("upright", "s", "wide", "s"), 1), RULES)
            .stream()
            .map(CullingSuggestions.Suggestion::photo)
            .toList();
    assertThat(dropped).hasSize(1).doesNotContain("other");
  }

  @Test
  void what_to_drop_first_is_said_with_its_reason_and_only_when_there_are_too_many() {
    List<StoryPhoto> kept =
        List.of(
            photo("sharp", NOON, look(1, 0x00ff00ff00ffL, 6000, 4000, 80)),
            photo("softer", NOON.plusSeconds(2), look(1, 0x00ff00ff00ffL, 6000, 4000, 70)),
            photo("blurred", NOON.plusHours(1), look(0x0f0fL, 0x0f0f0f0f0f0fL, 6000, 4000, 20)),
            photo("tiny", NOON.plusHours(2), look(-1L, -1L, 480, 320, 80)),
            photo("again", NOON.plusHours(3), look(~1L, 0x00ff00ff00ffL, 6000, 4000, 80)),
            photo(
                "upright", NOON.plusHours(4), look(0x7777L, 0x3333333333333333L, 4000, 6000, 80)));
    assertThat(CullingSuggestions.of(chapter(kept, Set.of(), 1), RULES))
        .containsExactly(
            new CullingSuggestions.Suggestion("softer", Reason.WEAKER_OF_STACK, "sharp"),
            new CullingSuggestions.Suggestion("blurred", Reason.BLURRED, null),
            new CullingSuggestions.Suggestion("tiny", Reason.FEW_PIXELS, null),
            new CullingSuggestions.Suggestion("again", Reason.SUBJECT_AGAIN, "sharp"),
            new CullingSuggestions.Suggestion("upright", Reason.SHAPE_WITHOUT_PLACE, null));
    assertThat(CullingSuggestions.of(chapter(kept, Set.of("softer"), 4), RULES))
        .extracting(CullingSuggestions.Suggestion::photo)
        .containsExactly("blurred", "tiny");
    assertThat(CullingSuggestions.of(chapter(kept, Set.of(), 6), RULES)).isEmpty();
  }
}
