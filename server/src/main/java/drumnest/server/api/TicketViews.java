package drumnest.server.api;

import drumnest.core.album.Holds;
import drumnest.core.album.Slot;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.edit.AlbumEdits;
import drumnest.server.edit.Bench;
import drumnest.server.edit.Benches;
import drumnest.server.edit.NotThereException;
import drumnest.server.edit.SlotNames;
import drumnest.server.shelf.UnitsInUse;
import drumnest.server.store.FillingEntity;
import drumnest.server.store.LinePhotoEntity;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The tickets of slots: what is measured there, what to do, and why. */
@Component
class TicketViews {

  private final Benches benches;

  TicketViews(Benches benches) {
    this.benches = benches;
  }

  /** The ticket of a slot as it is. */
  Views.TicketView ticket(long albumId, String slotId) {
    Bench bench = benches.open(albumId);
    Slot slot = slot(bench, slotId);
    LinePhotoEntity photo = photoIn(bench, slot);
    return ticket(bench, slot, photo, photo == null ? null : photo.keep());
  }

  /**
   * A ticket as it would be.
   *
   * @param swapped what becomes of the photo that is there now, in words; left out where none is
   */
  record PreviewView(Views.TicketView ticket, @Nullable String swapped) {}

  /** The ticket of a slot as it would be with another keep box. */
  PreviewView kept(long albumId, String slotId, @Nullable PixelBox keep) {
    Bench bench = benches.open(albumId);
    Slot slot = slot(bench, slotId);
    LinePhotoEntity photo = photoIn(bench, slot);
    if (photo != null && keep != null && !keep.isInside(photo.photo().pixels())) {
      throw new FieldProblemException("keep", "The keep box lies inside the picture.");
    }
    return new PreviewView(ticket(bench, slot, photo, keep), null);
  }

  /** The ticket of a slot as it would be with another photo in it. */
  PreviewView held(long albumId, String slotId, String sha256) {
    Bench bench = benches.open(albumId);
    Slot slot = slot(bench, slotId);
    LinePhotoEntity photo =
        bench
            .photo(sha256)
            .orElseThrow(
                () -> new NotThereException("photo", "There is no photo “" + sha256 + "” here."));
    Bench with = AlbumEdits.asPut(bench, slot, sha256);
    LinePhotoEntity other = photoIn(bench, slot);
    return new PreviewView(
        ticket(with, slot, photo, photo.keep()),
        other == null || other == photo ? null : swapped(with, other));
  }

  private static String swapped(Bench with, LinePhotoEntity other) {
    Slot to = with.slotOf(other.photo().sha256()).orElse(null);
    if (to == null) {
      return "“" + other.name() + "” goes back on the line.";
    }
    PrintInPocket measured = with.seated(to).orElseThrow().measured();
    String seen =
        measured.cutsKeepBox()
            ? "what must stay of it would be cut"
            : Words.percent(measured.keptShare()) + " of it is seen";
    return "“" + other.name() + "” goes to " + SlotNames.of(to) + ": " + seen + ".";
  }

  private static Slot slot(Bench bench, String id) {
    return bench
        .slot(id)
        .orElseThrow(() -> new NotThereException("slot", "There is no place “" + id + "”."));
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
    // On plain paper nothing goes into anything.
    boolean covers = slot.kind() == Slot.Kind.MOUNT && fit.verdict() == InsertFit.Verdict.SNUG;
    Size headline = seat.trim().isNeeded() ? seat.trim().to() : seat.print();
    return new Views.TicketView(
        slot.id(),
        SlotNames.of(slot),
        LineViews.photo(bench, photo),
        AlbumViews.seat(bench, slot, filling, photo, seat),
        Views.SizeView.of(headline),
        seat.trim().isNeeded() ? "trim to" : seat.onTable() ? "the print" : "print",
        Views.SizeView.of(slot.takes()),
        Views.SizeView.of(seat.opening().size()),
        seat.opening().measured(),
        covers ? "covers" : Words.key(fit.verdict()),
        covers ? null : Views.SizeView.of(fit.play()),
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
        AlbumViews.thing(bench, laid.thing()),
        AlbumViews.laid(slot, laid));
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
    if (photo.takenAt() == null) {
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
