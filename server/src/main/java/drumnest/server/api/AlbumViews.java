package drumnest.server.api;

import drumnest.core.album.Holds;
import drumnest.core.album.Leaf;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.Spread;
import drumnest.core.album.Thing;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.History;
import drumnest.server.edit.NotThereException;
import drumnest.server.edit.SlotNames;
import drumnest.server.shelf.RuleText;
import drumnest.server.shelf.UnitsInUse;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.StepEntity;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Shows an album: its spread, its line and the tickets of its slots. */
@Component
@Transactional(readOnly = true)
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
        bench.laid(slot).map(laid -> laid(slot, laid)).orElse(null));
  }

  private static Views.LaidView laid(Slot slot, Bench.Laid laid) {
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
        laid.mind().stream().map(Words::mind).toList());
  }

  private static Views.SeatView seat(
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
        measured.cutsKeepBox());
  }

  static Views.LeafView leaf(Bench bench, Leaf leaf) {
    List<Slot> slots =
        Stream.of(Side.values()).flatMap(side -> leaf.slots(side, 0).stream()).toList();
    int held = (int) slots.stream().filter(slot -> bench.filling(slot.id()).isPresent()).count();
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
        bench.aside().size(),
        (int) seats.stream().filter(seat -> seat.crop() != null).count(),
        (int) seats.stream().filter(seat -> seat.trim().isNeeded()).count());
  }

  Views.LineView line(long albumId) {
    Bench bench = benches.open(albumId);
    Map<String, String> alike = bench.lookalikes();
    Map<String, LinePhotoEntity> byId =
        bench.line().stream()
            .collect(Collectors.toMap(photo -> photo.photo().sha256(), photo -> photo));
    List<Chapter> divided =
        Chapter.divide(bench.line().stream().map(LinePhotoEntity::asStory).toList(), bench.rules());
    List<String> titles = Words.chapters(divided.stream().map(Chapter::begin).toList());
    List<Views.ChapterView> chapters = new ArrayList<>();
    for (int i = 0; i < divided.size(); i++) {
      List<Views.PhotoView> photos =
          divided.get(i).photos().stream()
              .map(photo -> photo(bench, byId.get(photo.id()), alike))
              .toList();
      chapters.add(new Views.ChapterView(photos.get(0).id(), titles.get(i), photos));
    }
    return new Views.LineView(
        chapters,
        bench.aside().stream().map(photo -> photo(bench, photo, alike)).toList(),
        bench.things().stream().map(thing -> thing(bench, thing)).toList());
  }

  private static Views.PhotoView photo(
      Bench bench, LinePhotoEntity photo, Map<String, String> alike) {
    return new Views.PhotoView(
        photo.photo().sha256(),
        photo.name(),
        Views.PixelsView.of(photo.photo().pixels()),
        photo.takenAt() == null ? null : photo.takenAt().withNano(0).toString(),
        Words.moment(photo.takenAt()),
        photo.isDatedByMaker(),
        photo.photo().sharpness() < bench.rules().number(HouseRule.BLURRED_BELOW),
        alike.get(photo.photo().sha256()),
        Views.PixelBoxView.ofNullable(photo.keep()),
        Views.SizeView.ofNullable(photo.onTable()),
        bench.slotOf(photo.photo().sha256()).map(slot -> where(bench, slot)).orElse(null));
  }

  private static Views.WhereView where(Bench bench, Slot slot) {
    return new Views.WhereView(
        slot.id(),
        bench.leaves().spreadOf(slot.parent().page()),
        slot.leaf().number() + " " + SlotNames.of(slot.side()) + " " + slot.number());
  }

  private static Views.ThingView thing(Bench bench, Thing thing) {
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

  /** The ticket of a slot as it is. */
  Views.TicketView ticket(long albumId, String slotId) {
    Bench bench = benches.open(albumId);
    Slot slot = slot(bench, slotId);
    LinePhotoEntity photo = photoIn(bench, slot);
    return ticket(bench, slot, photo, photo == null ? null : photo.keep());
  }

  /** The ticket of a slot as it would be with another keep box. */
  Views.TicketView ticket(long albumId, String slotId, @Nullable PixelBox keep) {
    Bench bench = benches.open(albumId);
    Slot slot = slot(bench, slotId);
    LinePhotoEntity photo = photoIn(bench, slot);
    if (photo != null && keep != null && !keep.isInside(photo.photo().pixels())) {
      throw new FieldProblemException("keep", "The keep box lies inside the picture.");
    }
    return ticket(bench, slot, photo, keep);
  }

  private static Slot slot(Bench bench, String id) {
    return bench
        .slot(id)
        .orElseThrow(() -> new NotThereException("slot", "There is no slot “" + id + "”."));
  }

  private static @Nullable LinePhotoEntity photoIn(Bench bench, Slot slot) {
    return bench.filling(slot.id()).flatMap(held -> bench.photo(held.sha256())).orElse(null);
  }

  private static Views.TicketView ticket(
      Bench bench, Slot slot, @Nullable LinePhotoEntity photo, @Nullable PixelBox keep) {
    if (photo == null) {
      return bench
          .laid(slot)
          .map(laid -> thingTicket(bench, slot, laid))
          .orElseGet(() -> emptyTicket(bench, slot));
    }
    FillingEntity filling = bench.filling(slot.id()).orElseThrow();
    PrintInPocket seat = bench.measure(slot, photo, filling.isTurned(), keep);
    Pixels pixels = photo.photo().pixels();
    InsertFit fit = seat.fit();
    Size headline = seat.trim().isNeeded() ? seat.trim().to() : seat.print();
    return new Views.TicketView(
        slot.id(),
        SlotNames.of(slot),
        photo(bench, photo, bench.lookalikes()),
        seat(bench, slot, filling, photo, seat),
        Views.SizeView.of(headline),
        seat.trim().isNeeded() ? "trim to" : seat.onTable() ? "the print" : "print",
        Views.SizeView.of(slot.takes()),
        Views.SizeView.of(seat.opening().size()),
        seat.opening().measured(),
        Words.key(fit.verdict()),
        Views.SizeView.of(fit.play()),
        Views.SizeView.ofNullable(fit.backing()),
        Views.SizeView.ofNullable(fit.reveal()),
        seat.crop() == null && !seat.onTable() ? null : Words.percent(seat.keptShare()),
        seat.crop() == null ? null : Words.sharpness(seat.crop()),
        seat.crop() == null ? null : Views.PixelBoxView.ofNullable(seat.crop().crop()),
        seat.crop() == null
            ? SlotDrawing.trimmedShare(seat)
            : SlotDrawing.share(seat.crop().crop(), pixels),
        keep == null ? null : SlotDrawing.share(keep, pixels),
        todo(seat, bench.rules()),
        why(bench, slot, photo, seat),
        Words.key(slot.kind()),
        Words.key(seat.opening().known()),
        marks(bench, slot),
        null,
        null);
  }

  private static Views.TicketView emptyTicket(Bench bench, Slot slot) {
    Opening opening = bench.opening(slot);
    return bare(
        bench,
        slot,
        Views.SizeView.of(slot.takes()),
        slot.holds() == Holds.PHOTO ? "the print it takes" : "what it takes",
        null,
        null,
        List.of(
            switch (slot.holds()) {
              case PHOTO -> "Drag a photo here, or choose one on the line and press Enter.";
              case WORDS -> "Kept for words: lay a card here.";
              case KEEPSAKE -> "Kept for a keepsake: lay it here.";
            }),
        opening.known() == Opening.Known.MOUNT
            ? "Nothing is stuck here yet."
            : "Nothing in this pocket yet.",
        null,
        null);
  }

  private static Views.TicketView thingTicket(Bench bench, Slot slot, Bench.Laid laid) {
    InsertFit fit = laid.fit();
    boolean cut = !fit.trimTo().equals(fit.insert()) && !laid.thing().original();
    List<String> todo = new ArrayList<>();
    if (cut) {
      todo.add("Trim to " + UnitsInUse.text(fit.trimTo()) + ".");
    } else if (fit.verdict() == InsertFit.Verdict.SNUG) {
      todo.add("It goes in as it is.");
    }
    if (fit.verdict() == InsertFit.Verdict.LOOSE && fit.backing() != null) {
      todo.add("It would shift. Mount it on a card of " + UnitsInUse.text(fit.backing()) + ".");
    }
    laid.mind().forEach(mind -> todo.add(Words.mind(mind)));
    return bare(
        bench,
        slot,
        Views.SizeView.of(cut ? fit.trimTo() : fit.insert()),
        cut ? "trim to" : laid.thing().name(),
        Words.key(fit.verdict()),
        Views.SizeView.of(fit.play()),
        todo,
        laid.thing().original()
            ? "An original: it is never planned with glue or cutting."
            : laid.filling().isLocked() ? "Locked here." : "",
        thing(bench, laid.thing()),
        laid(slot, laid));
  }

  private static Views.TicketView bare(
      Bench bench,
      Slot slot,
      Views.SizeView headline,
      String means,
      @Nullable String verdict,
      Views.@Nullable SizeView play,
      List<String> todo,
      String why,
      Views.@Nullable ThingView thing,
      Views.@Nullable LaidView laid) {
    Opening opening = bench.opening(slot);
    return new Views.TicketView(
        slot.id(),
        SlotNames.of(slot),
        null,
        null,
        headline,
        means,
        Views.SizeView.of(slot.takes()),
        Views.SizeView.of(opening.size()),
        opening.measured(),
        verdict,
        play,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        todo,
        why,
        Words.key(slot.kind()),
        Words.key(opening.known()),
        marks(bench, slot),
        thing,
        laid);
  }

  /** The ruler marks of a mount. */
  private static List<Views.MarkView> marks(Bench bench, Slot slot) {
    if (slot.kind() != Slot.Kind.MOUNT) {
      return List.of();
    }
    return PlanViews.marks(bench, slot);
  }

  private static List<String> todo(PrintInPocket seat, HouseRules rules) {
    if (seat.cutsKeepBox()) {
      return List.of(
          seat.onTable()
              ? "Trimming it would cut what must stay. Use another pocket, or make the keep box"
                  + " smaller."
              : "No crop of this shape holds what must stay. Use another pocket, turn it, or make"
                  + " the keep box smaller.");
    }
    return Words.todo(seat, rules);
  }

  /** Why it is here, and where more of it would be seen. */
  private static String why(Bench bench, Slot slot, LinePhotoEntity photo, PrintInPocket seat) {
    FillingEntity filling = bench.filling(slot.id()).orElseThrow();
    StringBuilder why = new StringBuilder();
    if (filling.isLocked()) {
      why.append("Locked here; placing again leaves it. ");
    } else if (photo.takenAt() == null) {
      why.append("It has no date, so it stands at the end of the story. ");
    }
    Set<Size> seen = new HashSet<>();
    bench.leaves().slots().stream()
        .filter(other -> other.holds() == Holds.PHOTO && !other.takes().equals(slot.takes()))
        .filter(other -> seen.add(other.takes()))
        .map(
            other ->
                Map.entry(
                    other.takes(),
                    bench.measure(other, photo, filling.isTurned(), photo.keep()).keptShare()))
        .max(Map.Entry.comparingByValue())
        .ifPresent(
            best -> {
              if (best.getValue() > seat.keptShare() + 0.005) {
                why.append(
                    "A "
                        + UnitsInUse.text(best.getKey())
                        + " place would show "
                        + Words.percent(best.getValue())
                        + " of it.");
              } else {
                why.append("No other place of this album would show more of it.");
              }
            });
    return why.toString().strip();
  }
}
