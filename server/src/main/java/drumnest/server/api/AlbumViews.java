package drumnest.server.api;

import drumnest.core.album.Leaf;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.Spread;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Size;
import drumnest.core.photo.Chapter;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRule;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.History;
import drumnest.server.edit.NotThereException;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import drumnest.server.store.StepEntity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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

  Views.AlbumView album(long albumId) {
    Bench bench = benches.open(albumId);
    Spread spread = bench.spread();
    return new Views.AlbumView(
        bench.album().id(),
        bench.album().title(),
        bench.album().version(),
        new Views.SpreadView(
            page(bench, spread.left(), Side.BACK), page(bench, spread.right(), Side.FRONT)),
        List.of(leaf(bench, spread.left()), leaf(bench, spread.right())),
        counts(bench),
        history.last(bench.album()).map(StepEntity::label).orElse(null),
        history.next(bench.album()).map(StepEntity::label).orElse(null));
  }

  private static Views.PageView page(Bench bench, Leaf leaf, Side side) {
    List<Views.SlotView> slots =
        bench.spread().slots().stream()
            .filter(slot -> slot.leaf() == leaf.number())
            .map(slot -> slot(bench, slot))
            .toList();
    String name = side == Side.BACK ? "back" : "front";
    return new Views.PageView(
        leaf.number(),
        name,
        "leaf " + leaf.number() + ", " + name + " · " + leaf.pattern().name(),
        leaf.pattern().name(),
        Views.SizeView.of(leaf.size()),
        slots);
  }

  private static Views.SlotView slot(Bench bench, Slot slot) {
    return new Views.SlotView(
        slot.id(),
        slot.rank(),
        Words.place(bench.spread(), slot),
        Views.BoxView.of(slot.box()),
        Views.SizeView.of(slot.named()),
        bench.opening(slot).measured(),
        bench
            .seated(slot)
            .map(seated -> seat(bench, slot, seated.filling(), seated.photo(), seated.measured()))
            .orElse(null));
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
        SlotDrawing.of(slot.named(), photo.photo().pixels(), measured, bench.rules()),
        Words.key(measured.fit().verdict()),
        measured.crop() == null ? "none" : Words.key(measured.crop().resolution()),
        measured.cutsKeepBox());
  }

  private static Views.LeafView leaf(Bench bench, Leaf leaf) {
    List<Slot> slots =
        bench.spread().slots().stream().filter(slot -> slot.leaf() == leaf.number()).toList();
    int held = (int) slots.stream().filter(slot -> bench.filling(slot.id()).isPresent()).count();
    return new Views.LeafView(
        leaf.number(), Views.SizeView.of(leaf.size()), leaf.pattern().name(), slots.size(), held);
  }

  private static Views.CountsView counts(Bench bench) {
    List<LinePhotoEntity> line = bench.line();
    List<Slot> slots = bench.spread().slots();
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
        chapters, bench.aside().stream().map(photo -> photo(bench, photo, alike)).toList());
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
        Views.SizeView.ofNullable(photo.onTable()));
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
        .spread()
        .slot(id)
        .orElseThrow(() -> new NotThereException("slot", "There is no slot “" + id + "”."));
  }

  private static @Nullable LinePhotoEntity photoIn(Bench bench, Slot slot) {
    return bench.filling(slot.id()).flatMap(held -> bench.photo(held.sha256())).orElse(null);
  }

  private static Views.TicketView ticket(
      Bench bench, Slot slot, @Nullable LinePhotoEntity photo, @Nullable PixelBox keep) {
    Spread spread = bench.spread();
    if (photo == null) {
      return new Views.TicketView(
          slot.id(),
          Words.place(spread, slot),
          null,
          null,
          Views.SizeView.of(slot.named()),
          "the print it takes",
          Views.SizeView.of(slot.named()),
          Views.SizeView.of(bench.opening(slot).size()),
          bench.opening(slot).measured(),
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          List.of("Drag a photo here, or choose one on the line and press Enter."),
          "Nothing in this pocket yet.");
    }
    FillingEntity filling = bench.filling(slot.id()).orElseThrow();
    PrintInPocket seat = bench.measure(slot, photo, filling.isTurned(), keep);
    Pixels pixels = photo.photo().pixels();
    InsertFit fit = seat.fit();
    Size headline = seat.trim().isNeeded() ? seat.trim().to() : seat.print();
    return new Views.TicketView(
        slot.id(),
        Words.place(spread, slot),
        photo(bench, photo, bench.lookalikes()),
        seat(bench, slot, filling, photo, seat),
        Views.SizeView.of(headline),
        seat.trim().isNeeded() ? "trim to" : seat.onTable() ? "the print" : "print",
        Views.SizeView.of(slot.named()),
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
        todo(seat),
        why(bench, slot, photo, seat));
  }

  private static List<String> todo(PrintInPocket seat) {
    if (seat.cutsKeepBox()) {
      return List.of(
          seat.onTable()
              ? "Trimming it would cut what must stay. Use another pocket, or make the keep box"
                  + " smaller."
              : "No crop of this shape holds what must stay. Use another pocket, turn it, or make"
                  + " the keep box smaller.");
    }
    return Words.todo(seat);
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
    bench.spread().slots().stream()
        .filter(other -> !other.named().equals(slot.named()))
        .map(
            other ->
                Map.entry(
                    other.named(),
                    bench.measure(other, photo, filling.isTurned(), photo.keep()).keptShare()))
        .max(Map.Entry.comparingByValue())
        .ifPresent(
            best -> {
              if (best.getValue() > seat.keptShare() + 0.005) {
                why.append(
                    "A "
                        + best.getKey()
                        + " pocket would show "
                        + Words.percent(best.getValue())
                        + " of it.");
              } else {
                why.append("No other pocket of this spread would show more of it.");
              }
            });
    return why.toString().strip();
  }
}
