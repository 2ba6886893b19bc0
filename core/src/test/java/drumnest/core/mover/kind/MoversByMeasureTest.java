package drumnest.core.mover.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chains, waterfalls, doors, fold-outs, pull-outs and tuck spots, by the numbers makers tell. */
class MoversByMeasureTest {

  private static Length in(String length) {
    return Length.parse(length);
  }

  private static Size size(String w, String h) {
    return new Size(in(w), in(h));
  }

  private static Box box(String x, String y, String w, String h) {
    return new Box(in(x), in(y), in(w), in(h));
  }

  @Test
  void a_chain_pulls_out_to_the_sum_of_its_widths_with_hinges_in_turn() {
    SleeveChain chain = new SleeveChain(Size.ofInches(3, 4), 3, Edge.RIGHT);
    assertThat(chain.reach()).isEqualTo(Length.ofInches(9));
    assertThat(chain.hinges()).containsExactly(Edge.RIGHT, Edge.LEFT, Edge.RIGHT);
  }

  @Test
  void a_waterfall_of_four_cards_3_high_with_steps_of_3_4_runs_over_5_1_4() {
    Waterfall waterfall = new Waterfall(Size.ofInches(4, 3), in("3/4"), 4);
    assertThat(waterfall.run()).isEqualTo(in("5 1/4"));
    assertThat(waterfall.starts()).containsExactly(in("0"), in("3/4"), in("1 1/2"), in("2 1/4"));
    assertThat(waterfall.visible()).containsExactly(in("3/4"), in("3/4"), in("3/4"), in("3"));
  }

  @ParameterizedTest
  @CsvSource({"5 1/4, 4, 5 1/4", "5 15/16, 4, 5 1/4", "6, 5, 6", "3, 1, 3"})
  void as_many_cards_go_as_the_run_has_room_for(String run, int count, String used) {
    Waterfall waterfall = Waterfall.over(in(run), Size.ofInches(4, 3), in("3/4"));
    assertThat(waterfall.count()).isEqualTo(count);
    assertThat(waterfall.run()).isEqualTo(in(used));
  }

  @Test
  void a_run_shorter_than_a_card_is_refused_with_the_shortest_that_works() {
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> Waterfall.over(in("2 7/8"), Size.ofInches(4, 3), in("3/4")))
        .matches(e -> e.field().equals("run") && e.nearest().equals(in("3")));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> Waterfall.over(in("90"), Size.ofInches(4, 3), in("1/1000")))
        .matches(e -> e.field().equals("step"));
  }

  @Test
  void the_leaves_of_a_double_door_meet_in_the_middle_and_open_to_both_sides() {
    List<DoorLeaves.Leaf> leaves = DoorLeaves.pair(box("3", "2", "6 1/4", "4"));
    assertThat(leaves.get(0).closed()).isEqualTo(box("3", "2", "3 1/8", "4"));
    assertThat(leaves.get(0).open()).isEqualTo(box("-1/8", "2", "3 1/8", "4"));
    assertThat(leaves.get(1).closed()).isEqualTo(box("6 1/8", "2", "3 1/8", "4"));
    assertThat(leaves.get(1).open()).isEqualTo(box("9 1/4", "2", "3 1/8", "4"));
    DoorLeaves.Leaf up = DoorLeaves.single(box("3", "2", "6", "4"), Edge.TOP).get(0);
    assertThat(up.open()).isEqualTo(box("3", "-2", "6", "4"));
  }

  /** Page 5, flap 4 1/4, 7 in left of a 12 in sheet. */
  @Test
  void a_fold_out_from_what_is_left_of_a_sheet_is_extended_from_its_offcut() {
    FoldOut foldOut =
        new FoldOut(size("5", "8 3/8"), in("4 1/4"), Size.ofInches(12, 12), in("5"), in("1/4"));
    assertThat(foldOut.isOnePiece()).isFalse();
    assertThat(foldOut.basePart()).isEqualTo(in("2 3/4"));
    assertThat(foldOut.shortBy()).isEqualTo(in("2 1/4"));
    assertThat(foldOut.extension()).isEqualTo(size("2 1/2", "8 3/8"));
    assertThat(foldOut.offcut()).isEqualTo(size("12", "3 5/8"));
    assertThat(foldOut.isExtensionFromOffcut()).isTrue();
    assertThat(foldOut.opened()).isEqualTo(in("9 1/4"));
    assertThat(foldOut.clearsBinding(in("3/4"))).isTrue();
    assertThat(foldOut.clearsBinding(in("13/16"))).isFalse();
  }

  @Test
  void a_sheet_that_is_wide_enough_makes_it_in_one_piece() {
    FoldOut foldOut =
        new FoldOut(size("5", "8 3/8"), in("4 1/4"), Size.ofInches(12, 12), in("0"), in("1/4"));
    assertThat(foldOut.isOnePiece()).isTrue();
    assertThat(foldOut.basePart()).isEqualTo(in("5"));
    assertThat(foldOut.shortBy()).isEqualTo(Length.ZERO);
    assertThat(foldOut.extension()).isNull();
    assertThat(foldOut.isExtensionFromOffcut()).isFalse();
  }

  @Test
  void a_flap_as_wide_as_what_is_left_or_a_page_higher_than_its_sheet_is_refused() {
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () -> new FoldOut(size("5", "8"), in("4"), Size.ofInches(12, 12), in("8"), in("1/4")))
        .matches(e -> e.field().equals("flap") && e.nearest().equals(in("4")));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(
            () -> new FoldOut(size("5", "13"), in("4"), Size.ofInches(12, 12), in("0"), in("1/4")))
        .matches(e -> e.field().equals("sheet.h") && e.nearest().equals(in("13")));
  }

  @Test
  void a_pocket_goes_round_what_is_in_it() {
    PullOutPocket pocket = PullOutPocket.folded(size("3", "4"), 6, in(".012"), in("1/16"));
    assertThat(pocket.thickness()).isEqualTo(in(".072"));
    assertThat(pocket.flatWidth()).isEqualTo(in("3.197"));
  }

  @Test
  void a_card_tucks_behind_a_photo_that_covers_it_with_its_rails_and_its_stop() {
    TuckSpot spot = tuck("4", "3", "1");
    // 3 + 2 × 1/32 + 2 × 1/4 of 4; 4 − 1 to the stop, 1/4 of tape, of 6.
    assertThat(spot.trimCardTo()).isNull();
    assertThat(spot.stopBelowTop()).isEqualTo(in("3"));
    assertThat(spot.stopFits()).isTrue();
    assertThat(spot.fits()).isTrue();
    // .012 and .005 of layers of .004.
    assertThat(spot.layers()).isEqualTo(5);
  }

  /** 6 of photo: 5 3/4 to the stop and 1/4 of rail just fit, a hair more does not. */
  @Test
  void the_stop_with_the_whole_of_its_rail_lies_behind_the_photo() {
    assertThat(tuck("4", "3", "6 3/4", "1").stopFits()).isTrue();
    assertThat(tuck("4", "3", "6 49/64", "1").stopFits()).isFalse();
  }

  @Test
  void a_card_too_wide_is_trimmed_to_what_is_between_the_rails() {
    TuckSpot spot = tuck("3 1/2", "3", "1");
    assertThat(spot.fits()).isFalse();
    assertThat(spot.trimCardTo()).isEqualTo(in("2 15/16"));
  }

  private static TuckSpot tuck(String photoW, String cardW, String visible) {
    return tuck(photoW, cardW, "4", visible);
  }

  private static TuckSpot tuck(String photoW, String cardW, String cardH, String visible) {
    return new TuckSpot(
        size(photoW, "6"),
        size(cardW, cardH),
        in(visible),
        in("1/4"),
        in(".004"),
        in("1/32"),
        in(".012"),
        in(".005"));
  }

  @Test
  void rails_that_leave_no_room_and_more_to_show_than_there_is_are_refused() {
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> tuck("1/2", "3", "1"))
        .matches(e -> e.field().equals("rail.w") && e.nearest().equals(in("7/32")));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> tuck("4", "3", "4 1/8"))
        .matches(e -> e.field().equals("visible") && e.nearest().equals(in("4")));
  }
}
