package drumnest.core.photo;

import static drumnest.core.photo.Looks.NOON;
import static drumnest.core.photo.Looks.RULES;
import static drumnest.core.photo.Looks.look;
import static drumnest.core.photo.Looks.photo;
import static drumnest.core.photo.Looks.told;
import static drumnest.core.photo.Looks.wide;
import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.StoryPhoto.Border;
import drumnest.core.photo.StoryPhoto.Grouping;
import drumnest.core.stock.HouseRule;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LineTest {

  private static List<List<String>> ids(List<Chapter> chapters) {
    return chapters.stream()
        .map(chapter -> chapter.photos().stream().map(StoryPhoto::id).toList())
        .toList();
  }

  private static List<List<String>> stacked(List<StoryPhoto> line) {
    return Lookalikes.stacks(line, RULES).stream()
        .map(stack -> stack.photos().stream().map(StoryPhoto::id).sorted().toList())
        .toList();
  }

  @Test
  void pictures_without_a_time_come_last_as_given() {
    List<StoryPhoto> line = new ArrayList<>();
    line.add(photo("x", null, null));
    line.add(photo("late", NOON.plusHours(1), null));
    line.add(photo("y", null, null));
    line.add(photo("early", NOON, null));
    line.sort(StoryPhoto.TIME_ORDER);
    assertThat(line).extracting(StoryPhoto::id).containsExactly("early", "late", "x", "y");
  }

  @Test
  void shots_of_one_moment_are_one_stack_whatever_lies_between() {
    List<StoryPhoto> line =
        List.of(
            photo("a", NOON, wide(0b1111)),
            photo("other camera", NOON.plusSeconds(1), wide(-1L)),
            photo("b", NOON.plusSeconds(2), wide(0b0111)),
            photo("c", NOON.plusSeconds(4), wide(0b0011)),
            photo("e", NOON.plusMinutes(30), wide(0b0011)));
    assertThat(stacked(line)).containsExactly(List.of("a", "b", "c"));
    assertThat(Lookalikes.stacks(line, RULES.with(HouseRule.LOOKALIKE_BITS, 0))).isEmpty();
  }

  @Test
  void another_colour_or_shape_is_no_repeat() {
    Look green =
        new Look(
            new Fingerprint(7),
            new Fingerprint(7),
            null,
            new Lab(85, -60, 60),
            new Lab(85, -60, 60),
            20,
            new Light(118, 0, 0),
            new Pixels(6000, 4000));
    List<StoryPhoto> line =
        List.of(
            photo("grey", NOON, wide(7)),
            photo("green", NOON, green),
            photo("upright", NOON, look(7, 7, 4000, 6000, 20)));
    assertThat(stacked(line)).isEmpty();
  }

  @Test
  void a_copy_without_a_date_joins_its_original_wherever_that_hangs() {
    List<StoryPhoto> line =
        List.of(
            photo("original", NOON, wide(0b1010)),
            photo("far", NOON.plusDays(1), wide(-1L)),
            photo("copy", null, look(0b1011, 0, 900, 600, 20)),
            photo("loose", null, wide(0x0f0f0f0fL)));
    List<Stack> stacks = Lookalikes.stacks(line, RULES);
    assertThat(stacks).hasSize(1);
    assertThat(stacks.get(0).best().id()).isEqualTo("original");
    assertThat(stacks.get(0).reason()).isEqualTo(Stack.Reason.MOST_PIXELS);
  }

  @Test
  void the_word_of_the_maker_goes_before_what_looks_alike() {
    StoryPhoto a = photo("a", NOON, wide(1));
    StoryPhoto b = photo("b", NOON, wide(1));
    StoryPhoto c = photo("c", NOON.plusHours(3), wide(-1L));
    StoryPhoto alone = told(b, new Grouping("", null, null, null));
    assertThat(stacked(List.of(a, alone, c))).isEmpty();
    Grouping together = new Grouping("mine", null, null, null);
    assertThat(stacked(List.of(a, told(b, together), told(c, together))))
        .containsExactly(List.of("b", "c"));
  }

  @Test
  void the_sharpest_is_on_top_unless_another_as_sharp_is_better_exposed() {
    StoryPhoto soft = photo("soft", NOON, look(1, 1, 6000, 4000, 10));
    StoryPhoto sharp = photo("sharp", NOON, look(1, 1, 6000, 4000, 20));
    Stack bySharpness = Lookalikes.stacks(List.of(soft, sharp), RULES).get(0);
    assertThat(bySharpness.photos()).extracting(StoryPhoto::id).containsExactly("sharp", "soft");
    assertThat(bySharpness.reason()).isEqualTo(Stack.Reason.SHARPEST);

    Look burnt =
        new Look(
            new Fingerprint(1),
            new Fingerprint(1),
            null,
            new Lab(52, 0, 0),
            new Lab(52, 0, 0),
            21,
            new Light(150, 0, 0.2),
            new Pixels(6000, 4000));
    Stack byLight =
        Lookalikes.stacks(List.of(photo("burnt", NOON, burnt), soft, sharp), RULES).get(0);
    assertThat(byLight.best().id()).isEqualTo("sharp");
    assertThat(byLight.reason()).isEqualTo(Stack.Reason.BEST_EXPOSED);
  }

  @Test
  void an_upright_and_a_wide_of_one_subject_are_alternates() {
    long middle = 0xff00ff00L;
    List<StoryPhoto> line =
        List.of(
            photo("wide", NOON, look(1, middle, 6000, 4000, 20)),
            photo("upright", NOON.plusMinutes(3), look(-1L, middle ^ 0b11, 4000, 6000, 20)),
            photo("another", NOON.plusMinutes(4), look(5, ~middle, 4000, 6000, 20)),
            photo("later", NOON.plusHours(5), look(5, middle, 4000, 6000, 20)));
    assertThat(Lookalikes.alternates(line, RULES))
        .isEqualTo(Map.of("wide", "wide", "upright", "wide"));
    Grouping both = new Grouping(null, "", null, null);
    assertThat(Lookalikes.alternates(List.of(line.get(0), told(line.get(1), both)), RULES))
        .isEmpty();
  }

  @Test
  void a_chapter_ends_with_a_long_pause_and_not_with_midnight() {
    List<StoryPhoto> line =
        List.of(
            photo("a", NOON, null),
            photo("b", NOON.plusHours(2), null),
            photo("c", NOON.plusHours(11).plusMinutes(50), null),
            photo("d", NOON.plusHours(12).plusMinutes(20), null),
            photo("e", null, null));
    assertThat(ids(Chapters.divide(line, null, RULES)))
        .containsExactly(List.of("a", "b"), List.of("c", "d"), List.of("e"));
    assertThat(Chapters.divide(List.of(), null, RULES)).isEmpty();
  }

  private static List<Integer> sizes(List<LocalDateTime> times) {
    List<StoryPhoto> line = new ArrayList<>();
    for (LocalDateTime time : times) {
      line.add(photo("p" + line.size(), time, null));
    }
    return Chapters.divide(line, null, RULES).stream().map(each -> each.photos().size()).toList();
  }

  @Test
  void a_year_of_scattered_photos_is_told_in_a_few_chapters_each_worth_a_page() {
    Random random = new Random(3);
    List<LocalDateTime> year =
        random.longs(40, 0, 270 * 24).sorted().mapToObj(NOON::plusHours).toList();
    List<Integer> sizes = sizes(year);
    assertThat(sizes).hasSizeBetween(2, 6).allMatch(size -> size >= 6);
    assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(40);
  }

  @Test
  void a_day_of_sixty_is_told_in_its_parts() {
    List<LocalDateTime> day = new ArrayList<>();
    for (int part = 0; part < 4; part++) {
      for (int i = 0; i < 15; i++) {
        day.add(NOON.plusMinutes(100L * part + 3L * i));
      }
    }
    assertThat(sizes(day)).containsExactly(15, 15, 15, 15);
  }

  @Test
  void a_trip_of_three_days_is_cut_at_its_nights() {
    List<LocalDateTime> trip = new ArrayList<>();
    for (int day = 0; day < 3; day++) {
      for (int i = 0; i < 20; i++) {
        trip.add(NOON.plusDays(day).plusMinutes(20L * i));
      }
      // One more, late, is no chapter of its own.
      trip.add(NOON.plusDays(day).plusHours(10));
    }
    assertThat(sizes(trip)).containsExactly(21, 21, 21);
  }

  @Test
  void even_days_are_not_cut_where_no_pause_stands_out() {
    assertThat(sizes(IntStream.range(0, 60).mapToObj(i -> NOON.plusMinutes(10L * i)).toList()))
        .containsExactly(60);
  }

  @Test
  void as_many_chapters_as_wanted_are_cut_at_the_largest_gaps() {
    List<StoryPhoto> line =
        List.of(
            photo("a", NOON, null),
            photo("b", NOON.plusMinutes(10), null),
            photo("c", NOON.plusMinutes(50), null),
            photo("d", NOON.plusMinutes(70), null),
            photo("e", NOON.plusMinutes(71), null));
    assertThat(ids(Chapters.divide(line, 1, RULES))).hasSize(1);
    assertThat(ids(Chapters.divide(line, 2, RULES)))
        .containsExactly(List.of("a", "b"), List.of("c", "d", "e"));
    assertThat(ids(Chapters.divide(line, 3, RULES)))
        .containsExactly(List.of("a", "b"), List.of("c"), List.of("d", "e"));
    assertThat(ids(Chapters.divide(line, 99, RULES))).hasSize(5);
  }

  @Test
  void the_maker_moves_a_border_by_joining_and_beginning() {
    StoryPhoto a = photo("a", NOON, null);
    StoryPhoto b = photo("b", NOON.plusMinutes(1), null);
    StoryPhoto c = photo("c", NOON.plusHours(9), null);
    StoryPhoto begins = told(b, new Grouping(null, null, Border.BEGINS, "The build"));
    StoryPhoto joins = told(c, new Grouping(null, null, Border.JOINS, null));
    List<Chapter> chapters = Chapters.divide(List.of(a, begins, joins), null, RULES);
    assertThat(ids(chapters)).containsExactly(List.of("a"), List.of("b", "c"));
    assertThat(chapters.get(1).name()).isEqualTo("The build");
    assertThat(chapters.get(0).name()).isNull();
  }

  @Test
  void two_clocks_are_brought_together_by_the_moments_both_have_seen() {
    Duration slow = Duration.ofMinutes(-67);
    List<StoryPhoto> ours = new ArrayList<>();
    List<StoryPhoto> theirs = new ArrayList<>();
    long[] scenes = {0x1L, 0xffff0000L, 0xf0f0f0f0f0f0L, 0x5555555555555555L};
    for (int i = 0; i < scenes.length; i++) {
      ours.add(photo("o" + i, NOON.plusMinutes(40L * i), wide(scenes[i])));
      theirs.add(
          photo("t" + i, NOON.plusMinutes(40L * i).plus(slow).plusSeconds(i), wide(scenes[i] ^ 2)));
    }
    ClockShift shift = ClockShift.suggest(ours, theirs, RULES).orElseThrow();
    assertThat(shift.pairs()).isEqualTo(4);
    assertThat(shift.by()).isBetween(slow.negated().minusSeconds(4), slow.negated());
    assertThat(ClockShift.suggest(ours, theirs.subList(0, 1), RULES)).isEmpty();
    assertThat(ClockShift.suggest(List.of(), theirs, RULES)).isEmpty();
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
