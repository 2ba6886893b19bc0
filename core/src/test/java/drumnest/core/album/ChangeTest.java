package drumnest.core.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.Fact;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of change: taken back, told apart, and what it touches. */
class ChangeTest {

  private static final Size SMALL = Size.ofInches(3, 4);
  private static final AlbumPhoto PHOTO = SmallAlbum.photo(3);
  private static final Ephemera CARD =
      new Ephemera.Card(
          1, "Card", SMALL, Length.ZERO, false, CardWords.of("", HouseRules.defaults()));
  private static final Ephemera TITLE =
      new Ephemera.Title(
          1,
          "Title",
          SMALL,
          Length.ZERO,
          new TitleWords(
              "Tide", "plain", null, SMALL.w(), Length.ZERO, false, false, null, null, false));

  /** A change, by whom it is visited, and the part of the album that it alters. */
  private record Case(Change change, String visit, Footprint.PartKind kind, String key) {
    @Override
    public String toString() {
      return visit;
    }
  }

  static List<Case> cases() {
    return List.of(
        new Case(
            new Change.OfHolding("2-front-1", null, Holding.reserved(Reservation.WORDS, true)),
            "holding",
            Footprint.PartKind.SLOT,
            "2-front-1"),
        new Case(
            Change.OfPhoto.decided(PHOTO, Choice.KEEP),
            "photo",
            Footprint.PartKind.PHOTO,
            PHOTO.id()),
        new Case(
            new Change.OfOpening("2-front-1", null, SMALL),
            "opening",
            Footprint.PartKind.OPENING,
            "2-front-1"),
        new Case(new Change.OfTitle("Album", "Tides"), "title", Footprint.PartKind.TITLE, ""),
        new Case(new Change.OfFormat(null, "a4"), "format", Footprint.PartKind.FORMAT, ""),
        new Case(
            new Change.OfLeaf(3, null, LeafState.of(Catalogue.SIX_WIDE)),
            "leaf",
            Footprint.PartKind.LEAF,
            "3"),
        new Case(
            new Change.OfOrder(List.of(1, 2), List.of(2, 1)),
            "order",
            Footprint.PartKind.ORDER_OF_LEAVES,
            ""),
        new Case(new Change.OfEphemera(1, null, CARD), "ephemera", Footprint.PartKind.THING, "1"),
        new Case(
            new Change.OfEntry("six", false, true),
            "entry",
            Footprint.PartKind.CATALOGUE_ENTRY,
            "six"),
        new Case(new Change.OfChapters(null, 3), "chapters", Footprint.PartKind.CHAPTERS, ""),
        new Case(
            new Change.OfFacts(List.of(), List.of(new Fact(Fact.Subject.WHO, "All", null))),
            "facts",
            Footprint.PartKind.FACTS,
            ""),
        new Case(
            new Change.OfClock(SmallAlbum.CAMERA, Duration.ZERO, Duration.ofMinutes(3)),
            "clock",
            Footprint.PartKind.CLOCK,
            SmallAlbum.CAMERA));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void taken_back_twice_it_is_itself_and_once_it_is_another(Case each) {
    Change back = each.change.reversed();
    assertThat(back).isNotEqualTo(each.change).hasSameClassAs(each.change);
    assertThat(back.reversed()).isEqualTo(each.change);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void a_visitor_is_told_of_its_own_kind(Case each) {
    assertThat(each.change.accept(new Named())).isEqualTo(each.visit);
  }

  @ParameterizedTest
  @MethodSource("cases")
  void it_touches_its_own_part_and_comes_to_an_end_with_nothing_else(Case each) {
    Footprint footprint = Footprint.of(List.of(each.change));
    assertThat(footprint.altered()).containsExactly(new Footprint.Part(each.kind, each.key));
    assertThat(footprint.conflictsWith(footprint)).isTrue();
    for (Case other : cases()) {
      boolean sameLeaf =
          Set.of("holding", "opening").contains(each.visit) && other.visit.equals("leaf");
      if (!other.visit.equals(each.visit) && !sameLeaf) {
        assertThat(footprint.conflictsWith(Footprint.of(List.of(other.change))))
            .as("%s and %s", each, other)
            .isFalse();
      }
    }
    assertThat(footprint.and(Footprint.NONE)).isEqualTo(footprint);
  }

  @Test
  void leaves_and_letters_are_shared_by_all_albums() {
    for (Case each : cases()) {
      assertThat(each.change.altersStock()).as(each.visit).isEqualTo(each.visit.equals("leaf"));
    }
    assertThat(new Change.OfEphemera(1, null, TITLE).altersStock()).isTrue();
    assertThat(new Change.OfEphemera(1, TITLE, null).altersStock()).isTrue();
  }

  @Test
  void a_leaf_that_only_lies_otherwise_takes_nothing_off_the_stock() {
    LeafState leaf = LeafState.of(Catalogue.SIX_WIDE);
    assertThat(new Change.OfLeaf(3, leaf, null).altersStock()).isTrue();
    assertThat(new Change.OfLeaf(3, leaf, leaf.turnedOver()).altersStock()).isFalse();
    assertThat(new Change.OfLeaf(3, leaf, leaf.withDrop(SMALL.w())).altersStock()).isFalse();
    LeafState other = LeafState.of(Catalogue.ONE_WIDE_TEN_SMALL);
    assertThat(new Change.OfLeaf(3, leaf, other).altersStock()).isTrue();
    LeafState sleeve = leaf.withPlan(Side.BACK, plan(Flap.Body.SLEEVE, SMALL));
    assertThat(new Change.OfLeaf(3, leaf, sleeve).altersStock()).isTrue();
    assertThat(new Change.OfLeaf(3, sleeve, leaf).altersStock()).isTrue();
    LeafState larger = leaf.withPlan(Side.BACK, plan(Flap.Body.SLEEVE, Size.ofInches(4, 6)));
    assertThat(new Change.OfLeaf(3, sleeve, larger).altersStock()).isTrue();
    LeafState card = leaf.withPlan(Side.FRONT, plan(Flap.Body.CARD, SMALL));
    assertThat(new Change.OfLeaf(3, leaf, card).altersStock()).isFalse();
  }

  private static PagePlan plan(Flap.Body body, Size size) {
    return PagePlan.EMPTY.with(
        new Flap(
            "1",
            Box.of(size),
            Edge.LEFT,
            new Attachment.OnProtector(Length.ofInches(1)),
            Support.PAGE,
            body,
            Length.ZERO));
  }

  @Test
  void deciding_on_a_photo_alters_nothing_else_of_it() {
    Change.OfPhoto decided = Change.OfPhoto.decided(PHOTO, Choice.OUT);
    assertThat(decided.after().choosing().choice()).isEqualTo(Choice.OUT);
    assertThat(decided.before()).isEqualTo(PHOTO.annotations());
    assertThat(decided.after().withChoosing(decided.before().choosing()))
        .isEqualTo(decided.before());
  }

  /** Says which kind it was told of. */
  private static final class Named implements Change.Visitor<String> {
    @Override
    public String holding(Change.OfHolding change) {
      return "holding";
    }

    @Override
    public String photo(Change.OfPhoto change) {
      return "photo";
    }

    @Override
    public String opening(Change.OfOpening change) {
      return "opening";
    }

    @Override
    public String title(Change.OfTitle change) {
      return "title";
    }

    @Override
    public String format(Change.OfFormat change) {
      return "format";
    }

    @Override
    public String leaf(Change.OfLeaf change) {
      return "leaf";
    }

    @Override
    public String order(Change.OfOrder change) {
      return "order";
    }

    @Override
    public String ephemera(Change.OfEphemera change) {
      return "ephemera";
    }

    @Override
    public String entry(Change.OfEntry change) {
      return "entry";
    }

    @Override
    public String chapters(Change.OfChapters change) {
      return "chapters";
    }

    @Override
    public String facts(Change.OfFacts change) {
      return "facts";
    }

    @Override
    public String clock(Change.OfClock change) {
      return "clock";
    }
  }
}
