package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.AlbumHead;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.AlbumParts;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.FitQuestion;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.Supplies;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Two leaves of six 6×4 pockets, on the right page a hinged card over pocket 3, opening upwards
 * over pocket 1. Thicknesses: ply 0.004, card 0.011, print 0.009, a badge 0.180.
 */
class LyingFlatTest {

  private static final Ephemera BADGE =
      new Ephemera.Keepsake(1, "Badge", Size.ofInches(2, 2), Length.parse(".180"), false);

  private static final Flap CARD =
      new Flap(
          "1",
          new Box(Length.ZERO, Length.ofInches(4), Length.ofInches(6), Length.ofInches(4)),
          Edge.TOP,
          new Attachment.OnFold(Length.parse("1/2")),
          Support.PAGE,
          Flap.Body.CARD,
          Length.parse("1/8"));

  private static AlbumModel album(Map<String, Holding> holdings) {
    return album(holdings, CARD);
  }

  private static AlbumModel album(Map<String, Holding> holdings, Flap flap) {
    Map<Integer, LeafState> leaves = new LinkedHashMap<>();
    leaves.put(1, LeafState.of(Catalogue.SIX_WIDE));
    leaves.put(
        2,
        LeafState.of(Catalogue.SIX_WIDE)
            .withPlan(Side.FRONT, PagePlan.EMPTY.withFlaps(List.of(flap))));
    return new AlbumModel(
        new AlbumHead(1, 0, "Album", null, null, 2, 0, List.of()),
        new AlbumParts(
            leaves, List.of(), Map.of(), holdings, Map.of(), new TreeMap<>(Map.of(1, BADGE))),
        new Supplies(
            Map.of(
                Catalogue.SIX_WIDE,
                (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item()),
            Map.of(),
            new Supplies.Materials(
                Length.parse(".004"),
                Length.parse(".011"),
                Length.parse(".009"),
                Length.parse(".012"),
                Length.parse(".030")),
            HouseRules.defaults()),
        FitQuestion.Answers.WORKED_OUT);
  }

  private static LyingFlat lying(AlbumModel album) {
    Spread spread = album.leaves().spread(1);
    return new LyingFlat(album, spread, motion(spread));
  }

  private static SpreadMotion motion(Spread spread) {
    return SpreadMotion.of(spread, Length.ZERO);
  }

  private static Flap card(AlbumModel album) {
    return motion(album.leaves().spread(1)).flap("2-front-m1").orElseThrow();
  }

  private static PageSide page(AlbumModel album) {
    return new PageSide(album.leaves().leaf(2).orElseThrow(), Side.FRONT);
  }

  @Test
  void a_badge_below_a_card_keeps_it_from_lying_flat() {
    AlbumModel album = album(Map.of("2-front-3", Holding.ofEphemera(1)));
    assertThat(lying(album).raised(card(album)))
        .containsExactly(new LyingFlat.Raised(LyingFlat.Where.BELOW, "2-front-3", "Badge"));
  }

  /** The strip of a sleeve over pocket 3, hinged at the top, lies on pocket 1. */
  @Test
  void so_does_one_under_its_adhesive_strip_alone() {
    LyingFlat.Raised below = new LyingFlat.Raised(LyingFlat.Where.BELOW, "2-front-1", "Badge");
    Flap sleeve = CARD.with(new Attachment.OnProtector(Length.parse("1/2")));
    for (Edge hinge : List.of(Edge.TOP, Edge.BOTTOM)) {
      AlbumModel album = album(Map.of("2-front-1", Holding.ofEphemera(1)), sleeve.withHinge(hinge));
      List<LyingFlat.Raised> raised = lying(album).raised(card(album));
      assertThat(raised.contains(below)).as("%s", hinge).isEqualTo(hinge == Edge.TOP);
    }
  }

  @Test
  void so_does_one_on_which_it_comes_down_and_none_beside_it() {
    AlbumModel above = album(Map.of("2-front-1", Holding.ofEphemera(1)));
    assertThat(lying(above).raised(card(above)))
        .containsExactly(
            new LyingFlat.Raised(LyingFlat.Where.WHERE_IT_OPENS, "2-front-1", "Badge"));
    AlbumModel beside = album(Map.of("2-front-2", Holding.ofEphemera(1)));
    assertThat(lying(beside).raised(card(beside))).isEmpty();
  }

  @Test
  void what_lies_on_it_when_the_album_is_shut_is_in_the_mirrored_place() {
    // Pocket 4 of the left page is at its right, next to the gutter, as pocket 3 is on the right.
    AlbumModel facing = album(Map.of("1-back-4", Holding.ofEphemera(1)));
    assertThat(lying(facing).thickness(card(facing), page(facing)))
        .isEqualTo(new LyingFlat.Thickness(Length.parse(".011"), Length.parse(".180")));
    AlbumModel below = album(Map.of("2-front-3", Holding.ofEphemera(1)));
    LyingFlat.Thickness thickness = lying(below).thickness(card(below), page(below));
    assertThat(thickness.here()).isEqualTo(Length.parse(".191"));
    assertThat(thickness.facing()).isEqualTo(Length.ZERO);
    assertThat(thickness.together()).isEqualTo(Length.parse(".191"));
  }
}
