package drumnest.server.frame;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.LeafSummary;
import drumnest.core.album.Made;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Choice;
import drumnest.core.stock.HouseRule;
import drumnest.core.words.CardChain;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.stock.RuleText;
import drumnest.server.type.ShippedTypefaces;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows an album: its spread and its line. */
@Component
public class AlbumViews {

  private static final int MOST_LEAVES = 4_000;

  private final OpenAlbums openAlbums;
  private final History history;
  private final Revisions<List<Views.LeafView>> told = new Revisions<>(MOST_LEAVES, List::size);

  AlbumViews(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** The album with the spread that lies open. */
  public Views.AlbumView album(long albumId, Shown shown) {
    OpenAlbums.Opened opened = openAlbums.opened(albumId);
    String revision = opened.revision();
    AlbumModel album = opened.album();
    History.Around around = history.around(albumId);
    List<Views.LeafView> leaves =
        album.leaves().leaves().stream().map(leaf -> leaf(album, leaf)).toList();
    List<Views.LeafView> seen = told.at(albumId, shown.since());
    told.tell(albumId, revision, leaves);
    Integer spread = shown.spread();
    return new Views.AlbumView(
        album.id(),
        album.title(),
        album.version(),
        revision,
        spread(album, album.leaves().spread(spread == null ? album.firstSpread() : spread)),
        seen == null ? leaves : differing(leaves, seen),
        seen == null ? null : album.leaves().keys(),
        album.format(),
        counts(album),
        around.undo(),
        around.redo());
  }

  private static List<Views.LeafView> differing(
      List<Views.LeafView> leaves, List<Views.LeafView> seen) {
    Map<Integer, Views.LeafView> before =
        seen.stream().collect(Collectors.toMap(Views.LeafView::key, leaf -> leaf));
    return leaves.stream().filter(leaf -> !leaf.equals(before.get(leaf.key()))).toList();
  }

  private static Views.SpreadView spread(AlbumModel album, Spread spread) {
    List<Views.PageView> left = pages(album, spread, Side.BACK);
    List<Views.PageView> right = pages(album, spread, Side.FRONT);
    Length leftWidth = width(spread, Side.BACK);
    Length rightWidth = width(spread, Side.FRONT);
    Length height =
        Stream.of(Side.BACK, Side.FRONT)
            .flatMap(side -> spread.layers(side).stream())
            .map(layer -> layer.box().bottom())
            .reduce(Length.ZERO, Length::max);
    return new Views.SpreadView(
        spread.number(),
        album.leaves().spreads() - 1,
        left.isEmpty() ? null : left.get(0),
        right.isEmpty() ? null : right.get(0),
        left.stream().skip(1).toList(),
        right.stream().skip(1).toList(),
        Views.LengthView.of(leftWidth),
        Views.LengthView.of(rightWidth),
        Views.LengthView.of(spread.gutter(album.rules().length(HouseRule.PUNCHED_STRIP))),
        Views.LengthView.of(height));
  }

  private static Length width(Spread spread, Side side) {
    return spread.layers(side).stream()
        .map(layer -> layer.box().w())
        .reduce(Length.ZERO, Length::max);
  }

  private static List<Views.PageView> pages(AlbumModel album, Spread spread, Side side) {
    return spread.layers(side).stream()
        .map(layer -> page(album, layer.leaf(), side, layer.box(), facing(spread, side)))
        .toList();
  }

  /** The names of movers and flaps on the page that faces a side. */
  private static Set<String> facing(Spread spread, Side side) {
    Leaf leaf = spread.top(side.other());
    return leaf == null ? Set.of() : MoverNames.all(leaf.plan(leaf.face(side.other())));
  }

  /** A page by itself. */
  public static Views.PageView page(AlbumModel album, Leaf leaf, Side side, Box box) {
    return page(album, leaf, side, box, Set.of());
  }

  private static Views.PageView page(
      AlbumModel album, Leaf leaf, Side side, Box box, Set<String> facing) {
    String name = SlotNames.of(side);
    List<Slot> slots = leaf.slots(side, before(album, leaf, side));
    return new Views.PageView(
        leaf.number(),
        leaf.key(),
        side,
        "leaf " + leaf.number() + " " + name + " · " + leaf.type().name(),
        leaf.type().name(),
        Views.SizeView.of(leaf.size()),
        Views.BoxView.of(box),
        slots.stream()
            .filter(slot -> slot.kind().isOfPage())
            .map(slot -> slot(album, slot, slot.box()))
            .toList(),
        FlapViews.of(album, leaf, side, slots, facing));
  }

  /** How many slots of the album come before those of a page; none where the leaf is not in it. */
  private static int before(AlbumModel album, Leaf leaf, Side side) {
    return album.leaves().slotsOf(leaf, side).stream()
        .findFirst()
        .map(first -> first.rank() - 1)
        .orElse(0);
  }

  /**
   * @param box where it is drawn on its page
   */
  static Views.SlotView slot(AlbumModel album, Slot slot, Box box) {
    AlbumModel.Seated seated = album.seated(slot).orElse(null);
    return new Views.SlotView(
        slot.id(),
        slot.rank(),
        SlotNames.of(slot),
        slot.kind(),
        slot.holds(),
        Views.BoxView.of(box),
        SlotDrawing.inner(slot),
        SlotDrawing.corner(slot.outline(), slot.box().size()),
        SlotDrawing.corner(slot.printOutline(), slot.takes()),
        Views.SizeView.of(slot.takes()),
        album.opening(slot).measured(),
        seated == null
            ? null
            : seat(album, slot, seated.holding(), seated.photo(), seated.measured()),
        album.laid(slot).map(laid -> laid(album, slot, laid)).orElse(null),
        album.reservation(slot).orElse(null),
        null);
  }

  public static Views.LaidEphemeraView laid(
      AlbumModel album, Slot slot, AlbumModel.LaidEphemera laid) {
    Ephemera ephemera = laid.ephemera();
    return new Views.LaidEphemeraView(
        ephemera.key(),
        ephemera.kind(),
        ephemera.name(),
        Views.SizeView.of(ephemera.size()),
        ephemera.words(),
        WrittenLines.of(album, ephemera),
        WrittenLines.face(ephemera),
        WrittenLines.arrow(album, ephemera),
        laid.holding().locked(),
        laid.holding().turned(),
        SlotDrawing.centred(slot.takes(), ephemera.size().turnedIf(laid.holding().turned())),
        laid.fit().verdict(),
        laid.mind().stream().map(Words::mind).toList(),
        made(laid.holding()));
  }

  public static Views.SeatView seat(
      AlbumModel album, Slot slot, Holding filling, AlbumPhoto photo, PrintInPocket measured) {
    return new Views.SeatView(
        filling.photo(),
        photo.name(),
        filling.locked(),
        measured.onTable(),
        measured.whole() ? true : null,
        SlotDrawing.of(slot.takes(), photo.pixels(), measured, album.rules()),
        measured.fit().verdict(),
        measured.crop() == null ? null : measured.crop().resolution(),
        measured.cutsKeepBox(),
        Words.cut(measured.cut()).orElse(null),
        measured.covers().isEmpty() ? null : true,
        filling.byHand(),
        made(filling),
        !photo.hasFile());
  }

  private static @Nullable Made made(Holding filling) {
    return filling.made();
  }

  public static Views.LeafView leaf(AlbumModel album, Leaf leaf) {
    LeafSummary summary = album.summary(leaf);
    return new Views.LeafView(
        leaf.number(),
        leaf.key(),
        Views.SizeView.of(leaf.size()),
        album.typeKey(leaf),
        leaf.type().name(),
        leaf.type().pattern() == null ? Views.Offers.PLAIN : Views.Offers.POCKETS,
        leaf.turned(),
        Views.LengthView.of(leaf.drop()),
        summary.slots(),
        summary.filled(),
        RuleText.thickness(summary.thickness()),
        album.inPrints(summary.thickness()));
  }

  private static Views.CountsView counts(AlbumModel album) {
    List<AlbumPhoto> line = album.line();
    List<LeafSummary> leaves = album.leaves().leaves().stream().map(album::summary).toList();
    int photos = leaves.stream().mapToInt(LeafSummary::photos).sum();
    int undated = (int) line.stream().filter(photo -> photo.takenAt() == null).count();
    return new Views.CountsView(
        line.size(),
        photos,
        line.size() - photos,
        undated,
        leaves.stream().mapToInt(LeafSummary::slots).sum(),
        (int) line.stream().filter(photo -> photo.choosing().choice() == Choice.KEEP).count(),
        (int) line.stream().filter(photo -> photo.choosing().choice() == Choice.OPEN).count(),
        album.out().size(),
        leaves.stream().mapToInt(LeafSummary::toOrder).sum(),
        leaves.stream().mapToInt(LeafSummary::trims).sum(),
        (int) album.allEphemera().stream().filter(each -> each.card() != null).count(),
        CardChain.tooLong(album, ShippedTypefaces.ALL).size(),
        (int) album.allEphemera().stream().filter(each -> each.title() != null).count());
  }

  public static Views.WhereView where(AlbumModel album, Slot slot) {
    return new Views.WhereView(
        slot.id(),
        album.leaves().spreadOf(slot.parent().page()),
        slot.leaf().number() + " " + SlotNames.of(slot.side()) + " " + SlotNames.brief(slot));
  }

  /** All cards, titles and keepsakes. */
  public static List<Views.EphemeraView> allEphemera(AlbumModel album) {
    CardChain chain = CardChain.of(album);
    return album.allEphemera().stream().map(each -> ephemera(album, chain, each)).toList();
  }

  public static Views.EphemeraView ephemera(AlbumModel album, Ephemera ephemera) {
    return ephemera(album, CardChain.of(album), ephemera);
  }

  private static Views.EphemeraView ephemera(AlbumModel album, CardChain chain, Ephemera ephemera) {
    return new Views.EphemeraView(
        ephemera.key(),
        ephemera.kind(),
        ephemera.name(),
        Views.SizeView.of(ephemera.size()),
        Views.LengthView.of(ephemera.thickness()),
        RuleText.thickness(ephemera.thickness()),
        ephemera.original(),
        ephemera.words(),
        WordsRoom.of(album, chain, ephemera),
        album.slotOfEphemera(ephemera.key()).map(slot -> where(album, slot)).orElse(null));
  }
}
