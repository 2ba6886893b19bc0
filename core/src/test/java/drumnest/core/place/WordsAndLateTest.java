package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRule;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WordsAndLateTest {

  @Test
  void words_stand_beside_their_pictures_and_the_title_first() {
    WordsPlaces.Page page =
        new WordsPlaces.Page(
            8,
            List.of("1", "4", "6", "8"),
            Map.of("x", List.of("4", "6"), "y", List.of("4")),
            true,
            null);
    assertThat(WordsPlaces.of(page, PlacingCases.RULES))
        .as("y has only 4, so x takes 6")
        .isEqualTo(
            Map.of(
                "4", WordsPlaces.Use.WORDS,
                "6", WordsPlaces.Use.WORDS,
                "1", WordsPlaces.Use.TITLE));
  }

  @Test
  void the_title_takes_the_place_before_its_chapter_even_from_words() {
    WordsPlaces.Page page =
        new WordsPlaces.Page(6, List.of("2", "5"), Map.of("x", List.of("2", "5")), true, "2");
    assertThat(WordsPlaces.of(page, PlacingCases.RULES))
        .isEqualTo(Map.of("2", WordsPlaces.Use.TITLE, "5", WordsPlaces.Use.WORDS));
    WordsPlaces.Page narrow =
        new WordsPlaces.Page(6, List.of("2", "5"), Map.of("x", List.of("2")), true, "2");
    assertThat(WordsPlaces.of(narrow, PlacingCases.RULES))
        .as("a title may be anywhere, words not")
        .isEqualTo(Map.of("2", WordsPlaces.Use.WORDS, "5", WordsPlaces.Use.TITLE));
  }

  @Test
  void the_share_of_words_is_filled_from_the_foot_of_the_page() {
    WordsPlaces.Page page = new WordsPlaces.Page(10, List.of("1", "2", "9"), Map.of(), false, null);
    assertThat(WordsPlaces.of(page, PlacingCases.RULES))
        .isEqualTo(Map.of("9", WordsPlaces.Use.WORDS));
    assertThat(WordsPlaces.of(page, PlacingCases.RULES.with(HouseRule.WORDS_SHARE, 0))).isEmpty();
  }

  @Test
  void a_page_with_nothing_free_sets_nothing_aside() {
    assertThat(
            WordsPlaces.of(
                new WordsPlaces.Page(2, List.of(), Map.of("x", List.of()), true, null),
                PlacingCases.RULES))
        .isEmpty();
  }

  @Test
  void a_late_picture_takes_the_gap_that_the_story_has_for_it() {
    Placing.Problem problem = PlacingCases.row(5, 6).withLocked(Map.of(0, 0, 2, 1, 3, 3, 5, 4));
    assertThat(LateOffers.of(problem, List.of(2)))
        .as("picture 2 belongs between places 2 and 3; gaps 1 and 4 are equally near, 1 is first")
        .extracting(LateOffers.Offer::place)
        .containsExactly(1);
    Placing.Problem early = PlacingCases.row(5, 6).withLocked(Map.of(1, 1, 2, 2, 3, 3, 4, 4));
    assertThat(LateOffers.of(early, List.of(0)))
        .extracting(LateOffers.Offer::place)
        .containsExactly(0);
  }

  @Test
  void more_late_pictures_than_gaps_leave_some_without() {
    Placing.Problem problem = PlacingCases.row(4, 3).withLocked(Map.of(0, 0, 1, 1));
    assertThat(LateOffers.of(problem, List.of(2, 3)))
        .extracting(LateOffers.Offer::place)
        .containsExactlyInAnyOrder(2, -1);
    assertThat(LateOffers.of(problem, List.of())).isEmpty();
  }
}
