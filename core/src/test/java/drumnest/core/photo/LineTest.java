package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LineTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final LocalDateTime NOON = LocalDateTime.of(2031, 6, 14, 12, 0);

  private static StoryPhoto photo(String id, LocalDateTime takenAt, long look) {
    return new StoryPhoto(id, takenAt, new Fingerprint(look));
  }

  @Test
  void pictures_without_a_time_come_last_as_given() {
    List<StoryPhoto> line = new ArrayList<>();
    line.add(photo("x", null, 0));
    line.add(photo("late", NOON.plusHours(1), 0));
    line.add(photo("y", null, 0));
    line.add(photo("early", NOON, 0));
    line.sort(StoryPhoto.TIME_ORDER);
    assertThat(line).extracting(StoryPhoto::id).containsExactly("early", "late", "x", "y");
  }

  @Test
  void shots_of_one_moment_are_one_group() {
    List<StoryPhoto> line =
        List.of(
            photo("a", NOON, 0b1111),
            photo("b", NOON.plusSeconds(2), 0b0111),
            photo("c", NOON.plusSeconds(4), 0b0011),
            photo("d", NOON.plusSeconds(6), -1L),
            photo("e", NOON.plusMinutes(30), -1L));
    assertThat(Lookalikes.groups(line, RULES)).isEqualTo(Map.of("a", "a", "b", "a", "c", "a"));
    assertThat(Lookalikes.groups(line, RULES.with(HouseRule.LOOKALIKE_BITS, 0))).isEmpty();
  }

  @Test
  void a_chapter_ends_with_the_day_or_a_long_pause() {
    List<StoryPhoto> line =
        List.of(
            photo("a", NOON, 0),
            photo("b", NOON.plusHours(2), 0),
            photo("c", NOON.plusHours(5), 0),
            photo("d", NOON.plusHours(12).plusMinutes(1), 0),
            photo("e", null, 0));
    assertThat(Chapter.divide(line, RULES))
        .extracting(chapter -> chapter.photos().stream().map(StoryPhoto::id).toList())
        .containsExactly(List.of("a", "b"), List.of("c"), List.of("d"), List.of("e"));
    assertThat(Chapter.divide(Collections.emptyList(), RULES)).isEmpty();
  }

  @Test
  void a_fingerprint_is_where_it_gets_brighter() {
    int[] rising = new int[72];
    int[] falling = new int[72];
    for (int i = 0; i < 72; i++) {
      rising[i] = i % 9;
      falling[i] = 9 - i % 9;
    }
    assertThat(Fingerprint.of(rising).bits()).isEqualTo(-1L);
    assertThat(Fingerprint.of(falling).bits()).isZero();
    assertThat(Fingerprint.of(rising).distance(Fingerprint.of(falling))).isEqualTo(64);
  }
}
