package drumnest.core.mover.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Construction.Fold;
import drumnest.core.mover.kind.Construction.Panel;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Role;
import drumnest.core.mover.kind.Construction.Score;
import drumnest.core.mover.kind.Construction.Use;
import drumnest.core.stock.HouseRules;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConstructingTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length EIGHTH = Length.parse("1/8");
  private static final Size SHEET = Size.ofInches(12, 12);

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  private static Construction made(Mover mover) {
    List<Flap> parts = MoverParts.of(mover, null, RULES);
    return Constructing.of(mover, parts, RULES);
  }

  private static Mover mover(Box at, Edge edge, Mechanism mechanism) {
    return new Mover(1, at, edge, null, mechanism);
  }

  @Test
  void the_seven_faces_of_the_handbook_come_from_two_strips_scored_at_4_1_4_and_8_1_2() {
    Construction made =
        made(
            mover(
                box("7", "1", "4 1/4", "6 1/4"),
                Edge.LEFT,
                new Mechanism.Accordion(4, EIGHTH, SHEET, Length.parse("1/2"))));
    assertThat(made.pieces()).hasSize(3);
    for (Piece strip : made.pieces().subList(0, 2)) {
      assertThat(strip.size()).isEqualTo(box("0", "0", "12", "6 1/4").size());
      // From the free end, which is at the right.
      assertThat(strip.scores())
          .extracting(score -> strip.size().w().minus(score.line().x()))
          .containsExactly(Length.parse("4 1/4"), Length.parse("8 1/2"));
      assertThat(strip.areas())
          .allMatch(area -> area.box().equals(box("0", "0", "3 1/2", "6 1/4")));
    }
    assertThat(made.pieces().get(0).scores())
        .extracting(Score::fold)
        .containsExactly(Fold.VALLEY, Fold.MOUNTAIN);
    assertThat(made.pieces().get(1).scores())
        .extracting(Score::fold)
        .containsExactly(Fold.VALLEY, Fold.FLAT);
    assertThat(made.pieces().get(0).areas())
        .extracting(Construction.Area::use)
        .containsExactly(Use.GLUE_BEHIND);
    // The last panel is glued down, so that it has one face.
    List<Panel> panels = made.pieces().stream().flatMap(piece -> piece.panels().stream()).toList();
    assertThat(panels).extracting(Panel::other).containsExactly(true, true, true, false);
    // U, seen when it is pulled out, is the outside of the even ones of four.
    assertThat(panels).extracting(Panel::outsideUp).containsExactly(false, true, false, true);
    Piece window = made.pieces().get(2);
    assertThat(window.size()).isEqualTo(box("0", "0", "4 3/8", "6 3/8").size());
    Segment hinge = Edge.RIGHT.line(Box.of(window.size()));
    assertThat(window.outline()).hasSize(3).doesNotContain(hinge);
    assertThat(window.scores()).containsExactly(new Score(hinge, Fold.UNCUT));
  }

  @Test
  void a_tab_is_cut_twice_as_deep_on_the_card_as_it_sticks_out() {
    Mover door =
        mover(box("1", "1", "4", "6"), Edge.LEFT, new Mechanism.Door(true, EIGHTH))
            .withGrip(Grip.TAB);
    List<Piece> tabs =
        made(door).pieces().stream()
            .filter(piece -> piece.role() == Role.TAB || piece.role() == Role.TAB_MIRRORED)
            .toList();
    assertThat(tabs)
        .extracting(Piece::role, Piece::number)
        .containsExactly(
            tuple(Role.TAB, "1"),
            tuple(Role.TAB_MIRRORED, "1"),
            tuple(Role.TAB, "2"),
            tuple(Role.TAB_MIRRORED, "2"));
    assertThat(tabs).allMatch(tab -> tab.size().equals(box("0", "0", "1", "1").size()));
    // The left door is opened at its right edge, where the half that sticks out is free of glue.
    assertThat(tabs.get(0).areas())
        .extracting(Construction.Area::box)
        .containsExactly(box("0", "0", "1/2", "1"));
    assertThat(made(door.withGrip(Grip.STRING)).pieces()).hasSize(4);
  }

  @Test
  void a_fold_out_of_what_is_left_needs_an_extension_that_overlaps() {
    // Page 5, flap 4 1/4, from 7 in: base part 2 3/4, short 2 1/4, extension 2 1/2.
    Construction made =
        made(
            mover(
                box("3/4", "0", "4 1/4", "8 3/8"),
                Edge.RIGHT,
                new Mechanism.FoldOut(
                    box("0", "0", "5", "8 3/8").size(), EIGHTH, box("0", "0", "7", "12").size())));
    Piece base = made.pieces().get(0);
    assertThat(base.size()).isEqualTo(box("0", "0", "7", "8 3/8").size());
    assertThat(base.scores())
        .extracting(score -> score.line().x())
        .containsExactly(Length.parse("2 3/4"));
    Piece extension = made.pieces().get(1);
    assertThat(extension.size()).isEqualTo(box("0", "0", "2 1/2", "8 3/8").size());
    assertThat(extension.areas())
        .extracting(Construction.Area::box)
        .containsExactly(box("2 1/4", "0", "1/4", "8 3/8"));
  }

  private static Segment level(String y, String from, String to) {
    return new Segment(true, Length.parse(y), Length.parse(from), Length.parse(to));
  }

  private static Segment upright(String x, String from, String to) {
    return new Segment(false, Length.parse(x), Length.parse(from), Length.parse(to));
  }

  @Test
  void two_doors_meet_in_the_middle_and_their_hinges_are_folded_in_half() {
    Construction made =
        made(mover(box("1", "1", "7", "5"), Edge.LEFT, new Mechanism.Door(true, EIGHTH)));
    assertThat(made.pieces().get(0).size()).isEqualTo(box("0", "0", "3 1/2", "5").size());
    assertThat(made.pieces().get(1).size()).isEqualTo(box("0", "0", "1", "5").size());
    assertThat(made.pieces().get(1).scores())
        .extracting(Score::line)
        .containsExactly(upright("1/2", "0", "5"));
  }

  @Test
  void the_rails_of_a_tuck_spot_leave_the_card_its_play_and_end_at_its_stop() {
    Construction made =
        made(
            mover(
                box("1", "1", "4", "6"),
                Edge.TOP,
                new Mechanism.TuckSpot(
                    new Size(Length.ofInches(3), Length.ofInches(4)), Length.parse("1/2"))));
    List<Box> tape = made.pieces().get(0).areas().stream().map(Construction.Area::box).toList();
    // 4 wide, 3 of card: 1/2 a side, of which 1/32 is play.
    assertThat(tape.get(0)).isEqualTo(box("7/32", "0", "1/4", "3 1/2"));
    assertThat(tape.get(1)).isEqualTo(box("3 17/32", "0", "1/4", "3 1/2"));
    assertThat(tape.get(2).y()).isEqualTo(Length.parse("3 1/2"));
  }

  @Test
  void a_card_hangs_by_a_strip_beyond_its_hinge() {
    Construction made =
        made(
            mover(
                box("2", "5", "6", "3"),
                Edge.TOP,
                new Mechanism.Waterfall(3, Length.parse("1/2"))));
    assertThat(made.pieces()).hasSize(3);
    Piece card = made.pieces().get(0);
    assertThat(card.size()).isEqualTo(box("0", "0", "6", "3 1/2").size());
    assertThat(card.scores()).extracting(Score::line).containsExactly(level("1/2", "0", "6"));
    assertThat(card.panels()).extracting(Panel::box).containsExactly(box("0", "1/2", "6", "3"));
  }

  @Test
  void a_flap_through_a_slit_has_a_hole_at_each_end_of_it() {
    Flap flap =
        Flap.sleeve(
            "1",
            box("2", "2", "3", "4"),
            Edge.LEFT,
            new Attachment.ThroughSlit(Length.parse("1/2")),
            Support.PAGE);
    Construction made = Constructing.of(flap, List.of(flap), RULES);
    Piece slit = made.pieces().get(1);
    assertThat(slit.outline()).isEmpty();
    assertThat(slit.slits()).containsExactly(upright("1/2", "1/2", "4 1/2"));
    assertThat(slit.holes())
        .containsExactly(
            new Construction.Hole(Length.parse("1/2"), Length.parse("1/2"), EIGHTH),
            new Construction.Hole(Length.parse("1/2"), Length.parse("4 1/2"), EIGHTH));
  }
}
