package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FollowingWindowTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Pixels WIDE = new Pixels(6000, 4000);
  private static final Size SQUARE = Size.ofInches(4, 4);

  private static PrintInPocket in(Size slot, Focus focus) {
    return in(slot, null, focus, null);
  }

  private static PrintInPocket in(Size slot, PixelBox keep, Focus focus, Size onTable) {
    return in(slot, Outline.STRAIGHT, keep, focus, onTable);
  }

  private static PrintInPocket in(
      Size slot, Outline outline, PixelBox keep, Focus focus, Size onTable) {
    Opening opening = Opening.asUsual(slot, RULES);
    return PrintInPocket.of(
        WIDE, keep, focus, onTable, slot, outline, opening, false, false, RULES);
  }

  /** In a circle 4000 pixels wide a box from its middle to (1000, √3 · 1000) just touches it. */
  @Test
  void in_a_round_mount_the_keep_box_and_heads_stay_inside_the_circle() {
    Size round = Size.ofInches(4, 4);
    PixelBox touching = new PixelBox(3000, 2000, 1000, 1732);
    PixelBox further = new PixelBox(3000, 2000, 1000, 1999);
    assertThat(in(round, Outline.OVAL, touching, Focus.NONE, null).cutsKeepBox()).isFalse();
    assertThat(in(round, Outline.OVAL, new PixelBox(0, 2000, 4000, 1000), Focus.NONE, null))
        .matches(PrintInPocket::cutsKeepBox);
    assertThat(in(round, null, people(further), null).cut().heads()).isZero();
    assertThat(in(round, Outline.OVAL, null, people(further), null).crop().crop().x())
        .isBetween(1400, 1900);
    PixelBox corner = new PixelBox(5500, 0, 500, 500);
    FocusCut cut = in(round, Outline.OVAL, null, people(corner), null).cut();
    assertThat(cut.heads()).isEqualTo(1);
    assertThat(cut.sides()).containsExactly(FocusCut.Side.RIGHT);
  }

  @Test
  void a_print_on_the_table_loses_its_corners_too() {
    Size print = Size.ofInches(6, 4);
    PixelBox corner = new PixelBox(0, 0, 300, 300);
    assertThat(in(print, Outline.STRAIGHT, corner, Focus.NONE, print).cutsKeepBox()).isFalse();
    assertThat(in(print, Outline.OVAL, corner, Focus.NONE, print).cutsKeepBox()).isTrue();
  }

  private static Focus people(PixelBox... heads) {
    return new Focus(
        List.of(heads),
        List.of(heads).stream().reduce(PixelBox::around).orElse(null),
        true,
        List.of());
  }

  @Test
  void nothing_to_follow_is_centred() {
    assertThat(in(SQUARE, Focus.NONE).crop().crop()).isEqualTo(new PixelBox(1000, 0, 4000, 4000));
  }

  @Test
  void what_the_maker_wants_centred_is_centred_and_nothing_is_said_of_it() {
    PrintInPocket seat = in(SQUARE, people(new PixelBox(100, 500, 800, 1000)).unfollowed());
    assertThat(seat.crop().crop()).isEqualTo(new PixelBox(1000, 0, 4000, 4000));
    assertThat(seat.cut()).isEqualTo(FocusCut.NONE);
  }

  @Test
  void a_head_at_the_edge_stays_whole_and_is_centred_as_far_as_the_edge_allows() {
    PrintInPocket seat = in(SQUARE, people(new PixelBox(100, 500, 800, 1000)));
    assertThat(seat.crop().crop()).isEqualTo(new PixelBox(0, 0, 4000, 4000));
    assertThat(seat.cut()).isEqualTo(FocusCut.NONE);
  }

  @Test
  void of_two_heads_too_far_apart_the_larger_stays_and_the_other_is_said_to_be_cut_at_its_side() {
    PrintInPocket seat =
        in(SQUARE, people(new PixelBox(0, 500, 900, 1000), new PixelBox(5200, 500, 800, 900)));
    assertThat(seat.crop().crop().x()).isZero();
    assertThat(seat.cut().heads()).isEqualTo(1);
    assertThat(seat.cut().sides()).containsExactly(FocusCut.Side.RIGHT);
    assertThat(seat.cut().headShare()).isEqualTo(900 / 1900.0);
  }

  @Test
  void a_keep_box_of_the_maker_goes_before_all_that_was_found() {
    PixelBox keep = new PixelBox(5000, 0, 1000, 4000);
    PrintInPocket seat = in(SQUARE, keep, people(new PixelBox(0, 500, 900, 1000)), null);
    assertThat(seat.crop().crop()).isEqualTo(new PixelBox(2000, 0, 4000, 4000));
    assertThat(seat.cut()).isEqualTo(FocusCut.NONE);
  }

  @Test
  void a_crop_avoids_what_must_not_be_seen_also_beside_a_keep_box() {
    // A 4 × 4 shows 4 000 of 6 000 pixels across.
    Focus plate = Focus.NONE.concealing(List.of(new PixelBox(4500, 3000, 600, 300)));
    assertThat(in(SQUARE, plate).crop().crop()).isEqualTo(new PixelBox(500, 0, 4000, 4000));
    assertThat(in(SQUARE, plate).covers()).isEmpty();
    PixelBox keep = new PixelBox(2000, 0, 2000, 4000);
    assertThat(in(SQUARE, keep, plate, null).crop().crop().x()).isEqualTo(500);
  }

  @Test
  void what_cannot_be_avoided_is_covered_at_its_size() {
    // The whole picture is seen on a 6 × 4: a thousand pixels are an inch.
    Focus plate = Focus.NONE.concealing(List.of(new PixelBox(4500, 3000, 600, 300)));
    PrintInPocket seat = in(Size.ofInches(6, 4), plate);
    assertThat(seat.cut().exposedShare()).isEqualTo(1);
    // 4.5 to 5.1 across and 3 to 3.3 down, 1/16 more on each side, out to the next 16ths.
    assertThat(seat.covers())
        .containsExactly(
            new Box(
                Length.parse("4 7/16"),
                Length.parse("2 15/16"),
                Length.parse("3/4"),
                Length.parse("7/16")));
  }

  @Test
  void on_a_print_that_lies_on_its_side_the_cover_lies_so_too() {
    // The head is to the right: what was at the left below is at the left above.
    Focus finger = Focus.NONE.concealing(List.of(new PixelBox(0, 3500, 500, 500)));
    Size slot = Size.ofInches(4, 6);
    PrintInPocket seat =
        PrintInPocket.of(
            WIDE,
            null,
            finger,
            null,
            slot,
            Outline.STRAIGHT,
            Opening.asUsual(slot, RULES),
            true,
            false,
            RULES);
    assertThat(seat.covers())
        .containsExactly(
            new Box(Length.ZERO, Length.ZERO, Length.parse("9/16"), Length.parse("9/16")));
  }

  @Test
  void what_is_trimmed_off_a_print_on_the_table_leaves_the_heads() {
    Size print = Size.ofInches(6, 4);
    PrintInPocket seat = in(SQUARE, null, people(new PixelBox(100, 500, 800, 1000)), print);
    assertThat(seat.trim().left().toNanometres()).isZero();
    assertThat(seat.cut().heads()).isZero();
    PrintInPocket both =
        in(
            SQUARE,
            null,
            people(new PixelBox(0, 500, 800, 1000), new PixelBox(5200, 500, 800, 1000)),
            print);
    assertThat(both.cut().heads()).isEqualTo(2);
    assertThat(both.cut().sides()).containsOnly(FocusCut.Side.LEFT, FocusCut.Side.RIGHT);
  }

  @Test
  void people_are_never_laid_on_their_side() {
    Pixels upright = new Pixels(3000, 6000);
    Focus people = people(new PixelBox(1000, 1000, 800, 1000));
    Size wide = Size.ofInches(6, 3);
    assertThat(
            CropWindow.ofEitherTurn(upright, wide, Outline.STRAIGHT, null, Focus.NONE, RULES)
                .orElseThrow())
        .matches(CropWindow::turned);
    for (Focus each : List.of(people, people.unfollowed())) {
      assertThat(
              CropWindow.ofEitherTurn(upright, wide, Outline.STRAIGHT, null, each, RULES)
                  .orElseThrow())
          .matches(window -> !window.turned());
    }
  }

  /** A case on one axis of 240 pixels, small enough to look at every beginning. */
  private record Case(
      long seed,
      List<PixelBox> heads,
      PixelBox subject,
      int length,
      PixelBox keep,
      List<PixelBox> concealed,
      Outline outline) {

    @Override
    public String toString() {
      return "seed " + seed;
    }

    Focus focus() {
      return new Focus(heads, subject, true, concealed);
    }

    /** Tells what is seen through the window where it begins here. */
    SeenWindow at(int start, int length) {
      return SeenWindow.of(
          new PixelBox(start, 0, length, HIGH), outline, Size.ofInches(length, HIGH));
    }

    OptionalInt start(int length) {
      return FollowingWindow.start(at(0, length), AVAILABLE, keep, focus(), true);
    }

    /** The heads that are asked for: none where the maker drew a keep box. */
    List<PixelBox> asked() {
      return keep == null ? heads : List.of();
    }
  }

  private static final int AVAILABLE = 240;
  private static final int HIGH = 60;

  static List<Case> cases() {
    return IntStream.range(0, 300).mapToObj(seed -> random(seed, false, Outline.STRAIGHT)).toList();
  }

  static List<Case> casesWithTheMakersWord() {
    return IntStream.range(0, 300).mapToObj(seed -> random(seed, true, Outline.STRAIGHT)).toList();
  }

  static List<Case> casesOfOtherOutlines() {
    return IntStream.range(0, 600)
        .mapToObj(
            seed ->
                random(
                    seed,
                    seed % 2 == 0,
                    seed % 3 == 0
                        ? Outline.OVAL
                        : new Outline.Rounded(Length.ofInches(seed % 40 + 1, 0, 1))))
        .toList();
  }

  private static Case random(int seed, boolean makersWord, Outline outline) {
    Random random = new Random(seed);
    List<PixelBox> heads = new ArrayList<>();
    for (int i = random.nextInt(6); i > 0; i--) {
      heads.add(box(random, 40));
    }
    PixelBox subject = random.nextInt(4) == 0 ? null : box(random, 200);
    int length = 1 + random.nextInt(AVAILABLE);
    List<PixelBox> concealed = new ArrayList<>();
    for (int i = makersWord ? random.nextInt(4) : 0; i > 0; i--) {
      concealed.add(box(random, 60));
    }
    PixelBox keep = makersWord && random.nextBoolean() ? box(random, length) : null;
    return new Case(seed, heads, subject, length, keep, concealed, outline);
  }

  private static PixelBox box(Random random, int longest) {
    int w = 1 + random.nextInt(longest);
    int h = 1 + random.nextInt(50);
    return new PixelBox(random.nextInt(AVAILABLE - w + 1), random.nextInt(HIGH - h + 1), w, h);
  }

  private static int outside(Case one, int start, int length) {
    return one.asked().stream()
        .filter(head -> !one.at(start, length).contains(head))
        .mapToInt(PixelBox::h)
        .sum();
  }

  private static int exposed(Case one, int start) {
    return one.concealed().stream()
        .mapToInt(
            box ->
                box.h()
                    * Math.max(
                        0, Math.min(box.right(), start + one.length()) - Math.max(box.x(), start)))
        .sum();
  }

  /** As the class comment says it, for every beginning there is. */
  private static OptionalInt byTryingAll(Case one) {
    int end = AVAILABLE - one.length();
    PixelBox told = one.keep() == null ? one.subject() : one.keep();
    PixelBox subject = told == null ? new PixelBox(0, 0, AVAILABLE, 1) : told;
    Comparator<Integer> best =
        Comparator.<Integer>comparingInt(start -> exposed(one, start))
            .thenComparingInt(start -> outside(one, start, one.length()))
            .thenComparingInt(
                start ->
                    one.asked().stream()
                        .filter(head -> !one.at(start, one.length()).contains(head))
                        .filter(head -> head.right() > start && head.x() < start + one.length())
                        .mapToInt(PixelBox::h)
                        .sum())
            .thenComparingInt(
                start ->
                    -Math.max(
                        0,
                        Math.min(subject.right(), start + one.length())
                            - Math.max(subject.x(), start)))
            .thenComparingInt(
                start -> Math.abs(2 * start + one.length() - subject.x() - subject.right()));
    return IntStream.rangeClosed(0, end)
        .filter(start -> one.keep() == null || one.at(start, one.length()).contains(one.keep()))
        .boxed()
        .min(best)
        .map(OptionalInt::of)
        .orElse(OptionalInt.empty());
  }

  @ParameterizedTest
  @MethodSource({"cases", "casesWithTheMakersWord", "casesOfOtherOutlines"})
  void no_other_beginning_is_better(Case one) {
    assertThat(one.start(one.length())).isEqualTo(byTryingAll(one));
  }

  /** Otherwise the cases of outlines would say nothing of keep boxes that are cut. */
  @Test
  void some_keep_boxes_are_cut_by_every_oval_and_some_are_not() {
    List<Boolean> possible =
        casesOfOtherOutlines().stream()
            .filter(one -> one.keep() != null)
            .map(one -> byTryingAll(one).isPresent())
            .toList();
    assertThat(possible).contains(true, false);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void a_longer_window_never_cuts_more(Case one) {
    int before = Integer.MAX_VALUE;
    for (int length = one.length(); length <= AVAILABLE; length++) {
      int start = one.start(length).orElseThrow();
      assertThat(outside(one, start, length)).isLessThanOrEqualTo(before);
      before = outside(one, start, length);
    }
    assertThat(before).isZero();
  }
}
