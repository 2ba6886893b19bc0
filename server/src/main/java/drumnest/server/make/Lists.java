package drumnest.server.make;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.making.PrintOrder;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Pixels;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.PrintRow;
import drumnest.server.document.TrimRow;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The lists of what an album asks to be printed and trimmed. */
@Component
class Lists {

  private static final String KNIFE =
      "Cutting: a fresh blade, a metal ruler and a cutting mat; cut away from your fingers and cap"
          + " the knife. Follow the maker's label.";
  private static final String FINAL =
      "A print on the table cannot be ordered again: trimming it is final. Where it is the only"
          + " one, use a copy.";

  private final OpenAlbums openAlbums;

  Lists(OpenAlbums openAlbums) {
    this.openAlbums = openAlbums;
  }

  /**
   * Both lists of an album.
   *
   * @param album the album they are of
   * @param left what is in a pocket but cannot be ordered, and why
   * @param cautions what to mind while cutting
   */
  record OfAlbum(
      AlbumModel album,
      String title,
      List<PrintRow> prints,
      List<TrimRow> trims,
      List<String> left,
      List<String> cautions) {

    ListsView view() {
      // Thousands of prints have a handful of sizes.
      Map<Size, Views.SizeView> known = new HashMap<>();
      Function<Size, Views.SizeView> size = each -> known.computeIfAbsent(each, Views.SizeView::of);
      return new ListsView(
          prints.stream().map(line -> Lists.view(album, line, size)).toList(),
          sizes(prints),
          trims.stream().map(line -> Lists.view(album, line, size)).toList(),
          left,
          cautions);
    }
  }

  OfAlbum of(long albumId) {
    AlbumModel album = openAlbums.open(albumId);
    List<PrintOrder.Wanted> wanted = new ArrayList<>();
    List<TrimRow> trims = new ArrayList<>();
    List<String> left = new ArrayList<>();
    for (Slot slot : album.leaves().slots()) {
      AlbumModel.Seated seated = album.seated(slot).orElse(null);
      if (seated == null || slot.isPrinted()) {
        continue;
      }
      PrintInPocket print = seated.measured();
      AlbumPhoto photo = seated.photo();
      if (print.crop() != null) {
        wanted.add(
            new PrintOrder.Wanted(
                photo.id(), print.print(), print.turned(), print.crop().crop(), slot.id()));
      }
      if (print.isToBeCut()) {
        trims.add(trimLine(trims.size() + 1, photo, print, slot));
      }
      if (print.cutsKeepBox()) {
        left.add(
            photo.name()
                + " in "
                + SlotNames.of(slot)
                + ": what must stay does not fit there. Change its keep box or its pocket.");
      }
    }
    return new OfAlbum(
        album, album.title(), printLines(album, wanted), trims, left, cautions(trims));
  }

  private static List<PrintRow> printLines(AlbumModel album, List<PrintOrder.Wanted> wanted) {
    List<PrintRow> lines = new ArrayList<>();
    for (PrintOrder order : PrintOrder.list(wanted)) {
      AlbumPhoto photo = album.photo(order.photo()).orElseThrow();
      lines.add(
          new PrintRow(
              lines.size() + 1,
              photo.file(),
              photo.choosing().secret(),
              photo.name(),
              photo.pixels(),
              order.size(),
              Words.turn(order.turned()),
              order.count(),
              order.crop(),
              order.slots().stream().map(id -> SlotNames.of(album.slot(id).orElseThrow())).toList(),
              order.slots()));
    }
    return lines;
  }

  private static TrimRow trimLine(int line, AlbumPhoto photo, PrintInPocket print, Slot slot) {
    List<String> cut = new ArrayList<>(Words.off(print.trim()));
    Words.outline(print).ifPresent(cut::add);
    return new TrimRow(
        line,
        photo.file(),
        photo.choosing().secret(),
        photo.name(),
        print.trim().from(),
        print.trim().to(),
        cut,
        SlotNames.of(slot),
        print.onTable(),
        slot.id());
  }

  /** How many prints of each size, the most first. */
  private static String sizes(List<PrintRow> prints) {
    Map<Size, Integer> counts = new LinkedHashMap<>();
    prints.forEach(line -> counts.merge(lying(line.size()), line.count(), Integer::sum));
    return counts.entrySet().stream()
        .sorted(Map.Entry.<Size, Integer>comparingByValue().reversed())
        .map(each -> each.getValue() + " of " + UnitsInUse.text(each.getKey()))
        .collect(Collectors.joining(", "));
  }

  /** A print is ordered the same whichever way it will stand. */
  private static Size lying(Size size) {
    return size.w().isLessThan(size.h()) ? size.turned() : size;
  }

  private static List<String> cautions(List<TrimRow> trims) {
    List<String> cautions = new ArrayList<>();
    if (!trims.isEmpty()) {
      cautions.add(KNIFE);
    }
    if (trims.stream().anyMatch(TrimRow::onTable)) {
      cautions.add(FINAL);
    }
    return cautions;
  }

  private static PrintView view(
      AlbumModel album, PrintRow line, Function<Size, Views.SizeView> size) {
    Pixels pixels = line.pixels();
    return new PrintView(
        line.line(),
        line.photo().sha256(),
        line.name(),
        size.apply(line.size()),
        line.turn(),
        line.count(),
        Views.PixelBoxView.ofNullable(line.crop()),
        SlotDrawing.share(line.crop(), pixels),
        line.places(),
        line.slots(),
        isCut(album, line.slots()));
  }

  /** Whether all that these slots hold is cut, or in its place already. */
  private static boolean isCut(AlbumModel album, List<String> slots) {
    return slots.stream()
        .allMatch(slot -> album.holding(slot).map(held -> held.made() != null).orElse(false));
  }

  private static TrimView view(
      AlbumModel album, TrimRow line, Function<Size, Views.SizeView> size) {
    return new TrimView(
        line.line(),
        line.photo().sha256(),
        line.name(),
        size.apply(line.from()),
        size.apply(line.to()),
        line.off(),
        line.place(),
        line.onTable(),
        line.slot(),
        isCut(album, List.of(line.slot())));
  }

  record PrintView(
      int line,
      String photo,
      String name,
      Views.SizeView size,
      String turn,
      int count,
      Views.PixelBoxView crop,
      Views.ShareBoxView shown,
      List<String> places,
      List<String> slots,
      boolean cut) {}

  record TrimView(
      int line,
      String photo,
      String name,
      Views.SizeView from,
      Views.SizeView to,
      List<String> off,
      String place,
      boolean onTable,
      String slot,
      boolean cut) {}

  /**
   * Both lists.
   *
   * @param left what is in a pocket and yet on no list, and why
   * @param sizes how many of each size, in a sentence; empty where nothing is to be ordered
   */
  record ListsView(
      List<PrintView> prints,
      String sizes,
      List<TrimView> trims,
      List<String> left,
      List<String> cautions) {}
}
