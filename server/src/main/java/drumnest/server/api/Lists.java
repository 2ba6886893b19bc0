package drumnest.server.api;

import drumnest.core.album.Slot;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.making.PrintOrder;
import drumnest.core.photo.Pixels;
import drumnest.server.document.PrintLine;
import drumnest.server.document.TrimLine;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a spread asks to be printed and trimmed. */
@Component
@Transactional(readOnly = true)
class Lists {

  private static final String KNIFE =
      "Cutting: a fresh blade, a metal ruler and a cutting mat; cut away from your fingers and cap"
          + " the knife. Follow the maker's label.";
  private static final String FINAL =
      "A print on the table cannot be ordered again: trimming it is final. Where it is the only"
          + " one, use a copy.";

  private final Benches benches;

  Lists(Benches benches) {
    this.benches = benches;
  }

  String title(long albumId) {
    return benches.open(albumId).album().title();
  }

  List<PrintLine> prints(long albumId) {
    Bench bench = benches.open(albumId);
    List<PrintOrder.Wanted> wanted = new ArrayList<>();
    for (Slot slot : bench.spread().slots()) {
      bench
          .filling(slot.id())
          .ifPresent(
              filling -> {
                PrintInPocket seat = measure(bench, slot, filling);
                if (seat.crop() != null) {
                  wanted.add(
                      new PrintOrder.Wanted(
                          filling.sha256(),
                          seat.print(),
                          seat.turned(),
                          seat.crop().crop(),
                          slot.id()));
                }
              });
    }
    List<PrintLine> lines = new ArrayList<>();
    for (PrintOrder order : PrintOrder.list(wanted)) {
      LinePhotoEntity photo = bench.photo(order.photo()).orElseThrow();
      lines.add(
          new PrintLine(
              lines.size() + 1,
              photo.photo().sha256(),
              photo.photo().format(),
              photo.name(),
              photo.photo().pixels(),
              order.size(),
              Words.turn(order.turned()),
              order.count(),
              order.crop(),
              order.slots().stream()
                  .map(id -> Words.place(bench.spread(), bench.spread().slot(id).orElseThrow()))
                  .toList()));
    }
    return lines;
  }

  List<TrimLine> trims(long albumId) {
    Bench bench = benches.open(albumId);
    List<TrimLine> lines = new ArrayList<>();
    for (Slot slot : bench.spread().slots()) {
      FillingEntity filling = bench.filling(slot.id()).orElse(null);
      if (filling == null) {
        continue;
      }
      PrintInPocket seat = measure(bench, slot, filling);
      if (seat.trim().isNeeded()) {
        LinePhotoEntity photo = bench.photo(filling.sha256()).orElseThrow();
        lines.add(
            new TrimLine(
                lines.size() + 1,
                photo.photo().sha256(),
                photo.photo().format(),
                photo.name(),
                seat.trim().from(),
                seat.trim().to(),
                Words.off(seat.trim()),
                Words.place(bench.spread(), slot),
                seat.onTable()));
      }
    }
    return lines;
  }

  /** What is in a pocket but cannot be ordered, and why. */
  List<String> left(long albumId) {
    Bench bench = benches.open(albumId);
    List<String> left = new ArrayList<>();
    for (Slot slot : bench.spread().slots()) {
      bench
          .filling(slot.id())
          .filter(filling -> measure(bench, slot, filling).cutsKeepBox())
          .ifPresent(
              filling ->
                  left.add(
                      bench.photo(filling.sha256()).orElseThrow().name()
                          + " in "
                          + Words.place(bench.spread(), slot)
                          + ": what must stay does not fit there. Change its keep box or its"
                          + " pocket."));
    }
    return left;
  }

  private static PrintInPocket measure(Bench bench, Slot slot, FillingEntity filling) {
    LinePhotoEntity photo = bench.photo(filling.sha256()).orElseThrow();
    return bench.measure(slot, photo, filling.isTurned(), photo.keep());
  }

  Views.ListsView both(long albumId) {
    List<TrimLine> trims = trims(albumId);
    List<String> cautions = new ArrayList<>();
    if (!trims.isEmpty()) {
      cautions.add(KNIFE);
    }
    if (trims.stream().anyMatch(TrimLine::onTable)) {
      cautions.add(FINAL);
    }
    return new Views.ListsView(
        prints(albumId).stream().map(Lists::view).toList(),
        trims.stream().map(Lists::view).toList(),
        left(albumId),
        cautions);
  }

  private static Views.PrintView view(PrintLine line) {
    Pixels pixels = line.pixels();
    return new Views.PrintView(
        line.line(),
        line.photo(),
        line.name(),
        Views.SizeView.of(line.size()),
        line.turn(),
        line.count(),
        Views.PixelBoxView.ofNullable(line.crop()),
        SlotDrawing.share(line.crop(), pixels),
        line.places());
  }

  private static Views.TrimView view(TrimLine line) {
    return new Views.TrimView(
        line.line(),
        line.photo(),
        line.name(),
        Views.SizeView.of(line.from()),
        Views.SizeView.of(line.to()),
        line.off(),
        line.place(),
        line.onTable());
  }
}
