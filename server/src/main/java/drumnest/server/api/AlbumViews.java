package drumnest.server.api;

import drumnest.core.album.Leaf;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.Spread;
import drumnest.core.album.Thing;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.photo.Choice;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.History;
import drumnest.server.edit.SlotNames;
import drumnest.server.shelf.RuleText;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.StepEntity;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows an album: its spread and its line. */
@Component
class AlbumViews {

  private final Benches benches;
  private final History history;

  AlbumViews(Benches benches, History history) {
    this.benches = benches;
    this.history = history;
  }

  /**
   * @param spread which spread to show; null for the one an album is opened at
   */
  Views.AlbumView album(long albumId, @Nullable Integer spread) {
    Bench bench = benches.open(albumId);
    return new Views.AlbumView(
        bench.album().id(),
        bench.album().title(),
        bench.album().version(),
        spread(bench, bench.leaves().spread(spread == null ? bench.firstSpread() : spread)),
        bench.leaves().leaves().stream().map(leaf -> leaf(bench, leaf)).toList(),
        bench.album().format(),
        counts(bench),
        history.last(bench.album()).map(StepEntity::label).orElse(null),
        history.next(bench.album()).map(StepEntity::label).orElse(null));
  }

  private static Views.SpreadView spread(Bench bench, Spread spread) {
    List<Views.PageView> left = pages(bench, spread, Side.BACK);
    List<Views.PageView> right = pages(bench, spread, Side.FRONT);
    Length leftWidth = width(spread, Side.BACK);
    Length rightWidth = width(spread, Side.FRONT);
    Length height =
        Stream.of(Side.BACK, Side.FRONT)
            .flatMap(side -> spread.layers(side).stream())
            .map(layer -> layer.box().bottom())
            .reduce(Length.ZERO, Length::max);
    return new Views.SpreadView(
        spread.number(),
        bench.leaves().spreads() - 1,
        left.isEmpty() ? null : left.get(0),
        right.isEmpty() ? null : right.get(0),
        left.stream().skip(1).toList(),
        right.stream().skip(1).toList(),
        Views.LengthView.of(leftWidth),
        Views.LengthView.of(rightWidth),
        Views.LengthView.of(height));
  }

  private static Length width(Spread spread, Side side) {
    return spread.layers(side).stream()
        .map(layer -> layer.box().w())
        .reduce(Length.ZERO, Length::max);
  }

  private static List<Views.PageView> pages(Bench bench, Spread spread, Side side) {
    return spread.layers(side).stream()
        .map(layer -> page(bench, layer.leaf(), side, layer.box()))
        .toList();
  }

  static Views.PageView page(Bench bench, Leaf leaf, Side side, Box box) {
    String name = SlotNames.of(side);
    return new Views.PageView(
        leaf.number(),
        leaf.key(),
        name,
        "leaf " + leaf.number() + " " + name + " · " + leaf.type().name(),
        leaf.type().name(),
        Views.SizeView.of(leaf.size()),
        Views.BoxView.of(box),
        leaf.slots(side, 0).stream().map(slot -> slot(bench, slot)).toList());
  }

  private static Views.SlotView slot(Bench bench, Slot slot) {
    Bench.Seated seated = bench.seated(slot).orElse(null);
    return new Views.SlotView(
        slot.id(),
        slot.rank(),
        SlotNames.of(slot),
        Words.key(slot.kind()),
        Words.key(slot.holds()),
        Views.BoxView.of(slot.box()),
        SlotDrawing.inner(slot),
        Views.SizeView.of(slot.takes()),
        bench.opening(slot).measured(),
        seated == null
            ? null
            : seat(bench, slot, seated.filling(), seated.photo(), seated.measured()),
        bench.laid(slot).map(laid -> laid(slot, laid)).orElse(null),
        bench.aside(slot).map(Words::key).orElse(null));
  }

  static Views.LaidView laid(Slot slot, Bench.Laid laid) {
    Thing thing = laid.thing();
    return new Views.LaidView(
        thing.key(),
        Words.key(thing.kind()),
        thing.name(),
        Views.SizeView.of(thing.size()),
        thing.words(),
        laid.filling().isLocked(),
        laid.filling().isTurned(),
        SlotDrawing.centred(slot.takes(), thing.size().turnedIf(laid.filling().isTurned())),
        Words.key(laid.fit().verdict()),
        laid.mind().stream().map(Words::mind).toList(),
        made(laid.filling()));
  }

  static Views.SeatView seat(
      Bench bench,
      Slot slot,
      FillingEntity filling,
      LinePhotoEntity photo,
      PrintInPocket measured) {
    return new Views.SeatView(
        filling.sha256(),
        photo.name(),
        filling.isLocked(),
        measured.onTable(),
        SlotDrawing.of(slot.takes(), photo.photo().pixels(), measured, bench.rules()),
        Words.key(measured.fit().verdict()),
        measured.crop() == null ? "none" : Words.key(measured.crop().resolution()),
        measured.cutsKeepBox(),
        filling.isByHand(),
        made(filling),
        !photo.photo().hasFile());
  }

  private static @Nullable String made(FillingEntity filling) {
    return filling.made() == null ? null : Words.key(filling.made());
  }

  static Views.LeafView leaf(Bench bench, Leaf leaf) {
    List<Slot> slots =
        Stream.of(Side.values()).flatMap(side -> leaf.slots(side, 0).stream()).toList();
    int held = (int) slots.stream().filter(bench::isFilled).count();
    Length thickness = bench.thickness(leaf);
    return new Views.LeafView(
        leaf.number(),
        leaf.key(),
        Views.SizeView.of(leaf.size()),
        bench.typeKey(leaf),
        leaf.type().name(),
        leaf.type().pattern() == null ? "plain" : "pockets",
        leaf.turned(),
        Views.LengthView.of(leaf.drop()),
        slots.size(),
        held,
        RuleText.thickness(thickness),
        bench.inPrints(thickness));
  }

  private static Views.CountsView counts(Bench bench) {
    List<LinePhotoEntity> line = bench.line();
    List<Slot> slots = bench.leaves().slots();
    List<PrintInPocket> seats =
        slots.stream()
            .flatMap(slot -> bench.seated(slot).stream())
            .map(Bench.Seated::measured)
            .toList();
    int undated = (int) line.stream().filter(photo -> photo.takenAt() == null).count();
    return new Views.CountsView(
        line.size(),
        seats.size(),
        line.size() - seats.size(),
        undated,
        slots.size(),
        (int) line.stream().filter(photo -> photo.choosing().choice() == Choice.KEEP).count(),
        (int) line.stream().filter(photo -> photo.choosing().choice() == Choice.OPEN).count(),
        bench.out().size(),
        (int) seats.stream().filter(seat -> seat.crop() != null).count(),
        (int) seats.stream().filter(seat -> seat.trim().isNeeded()).count());
  }

  static Views.WhereView where(Bench bench, Slot slot) {
    return new Views.WhereView(
        slot.id(),
        bench.leaves().spreadOf(slot.parent().page()),
        slot.leaf().number() + " " + SlotNames.of(slot.side()) + " " + slot.number());
  }

  static Views.ThingView thing(Bench bench, Thing thing) {
    return new Views.ThingView(
        thing.key(),
        Words.key(thing.kind()),
        thing.name(),
        Views.SizeView.of(thing.size()),
        Views.LengthView.of(thing.thickness()),
        RuleText.thickness(thing.thickness()),
        thing.original(),
        thing.words(),
        thing.kind() == Thing.Kind.CARD ? WordsRoom.of(thing, bench.rules()) : null,
        bench.slotOfThing(thing.key()).map(slot -> where(bench, slot)).orElse(null));
  }
}
