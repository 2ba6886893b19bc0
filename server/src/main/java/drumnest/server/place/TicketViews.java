package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.Outline;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.QuietArea;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.gather.LineViews;
import drumnest.server.leaves.PlanViews;
import drumnest.server.stock.UnitsInUse;
import drumnest.server.store.PhotoDetails;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The tickets of slots: what is measured there, what to do, and why. */
@Component
class TicketViews {

  private final OpenAlbums openAlbums;
  private final PhotoDetails details;

  TicketViews(OpenAlbums openAlbums, PhotoDetails details) {
    this.openAlbums = openAlbums;
    this.details = details;
  }

  /** The ticket of a slot as it is. */
  TicketView ticket(long albumId, String slotId) {
    AlbumModel album = openAlbums.open(albumId);
    Slot slot = slot(album, slotId);
    AlbumPhoto photo = photoIn(album, slot);
    return ticket(album, slot, photo, photo == null ? null : photo.keep());
  }

  /**
   * A ticket as it would be.
   *
   * @param swapped what becomes of the photo that is there now, in words; left out where none is
   */
  record PreviewView(TicketView ticket, @Nullable String swapped) {}

  /** The ticket of a slot as it would be with another keep box. */
  PreviewView kept(long albumId, String slotId, @Nullable PixelBox keep) {
    AlbumModel album = openAlbums.open(albumId);
    Slot slot = slot(album, slotId);
    AlbumPhoto photo = photoIn(album, slot);
    if (photo != null && keep != null && !keep.isInside(photo.pixels())) {
      throw new FieldProblemException("keep", "The keep box lies inside the picture.");
    }
    return new PreviewView(ticket(album, slot, photo, keep), null);
  }

  /** The ticket of a slot as it would be with another photo in it. */
  PreviewView held(long albumId, String slotId, String sha256) {
    AlbumModel album = openAlbums.open(albumId);
    Slot slot = slot(album, slotId);
    AlbumPhoto photo =
        album
            .photo(sha256)
            .orElseThrow(
                () -> new NotThereException("photo", "There is no photo “" + sha256 + "” here."));
    AlbumModel with = album.asPut(slot, sha256);
    AlbumPhoto other = photoIn(album, slot);
    return new PreviewView(
        ticket(with, slot, photo, photo.keep()),
        other == null || other == photo ? null : swapped(with, other));
  }

  private static String swapped(AlbumModel with, AlbumPhoto other) {
    Slot to = with.slotOf(other.id()).orElse(null);
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

  private static Slot slot(AlbumModel album, String id) {
    return album
        .slot(id)
        .orElseThrow(() -> new NotThereException("slot", "There is no place “" + id + "”."));
  }

  private static @Nullable AlbumPhoto photoIn(AlbumModel album, Slot slot) {
    return album.holding(slot.id()).flatMap(held -> album.photo(held.photo())).orElse(null);
  }

  private TicketView ticket(
      AlbumModel album, Slot slot, @Nullable AlbumPhoto photo, @Nullable PixelBox keep) {
    if (photo == null) {
      return album
          .laid(slot)
          .map(laid -> ephemeraTicket(album, slot, laid))
          .orElseGet(() -> emptyTicket(album, slot));
    }
    Holding filling = album.holding(slot.id()).orElseThrow();
    PrintInPocket seat = album.measure(slot, photo, filling.turned(), filling.whole(), keep);
    Pixels pixels = photo.pixels();
    InsertFit fit = seat.fit();
    // On plain paper nothing goes into anything.
    boolean covers = slot.kind() == SlotKind.MOUNT && fit.verdict() == InsertFit.Verdict.SNUG;
    Size headline = seat.trim().isNeeded() ? seat.trim().to() : seat.print();
    return new TicketView.PhotoTicketView(
        head(album, slot),
        Views.SizeView.of(headline),
        seat.trim().isNeeded() ? "trim to" : seat.onTable() ? "the print" : "print",
        slot.isPrinted() && !seat.cutsKeepBox() ? printed(seat) : todo(seat, photo, album.rules()),
        why(album, slot, photo, seat),
        LineViews.photo(album, photo),
        AlbumViews.seat(album, slot, filling, photo, seat),
        seat.whole()
            ? TicketVerdict.ON_A_CARD
            : covers ? TicketVerdict.COVERS : TicketVerdict.of(fit.verdict()),
        seat.whole() || covers ? null : Views.SizeView.of(fit.play()),
        Views.SizeView.ofNullable(fit.backing()),
        Views.SizeView.ofNullable(fit.reveal()),
        seat.crop() == null && !seat.onTable() ? null : Words.percent(seat.keptShare()),
        seat.crop() == null ? null : Words.sharpness(seat.crop()),
        seat.crop() == null ? null : Views.PixelBoxView.ofNullable(seat.crop().crop()),
        seat.crop() == null
            ? SlotDrawing.trimmedShare(seat)
            : SlotDrawing.share(seat.crop().crop(), pixels),
        keep == null ? null : SlotDrawing.share(keep, pixels));
  }

  private static TicketView emptyTicket(AlbumModel album, Slot slot) {
    return new TicketView.EmptyTicketView(
        head(album, slot),
        Views.SizeView.of(slot.takes()),
        slot.holds() == Holds.PHOTO ? "the print it takes" : "what it takes",
        List.of(
            switch (slot.holds()) {
              case PHOTO -> "Drag a photo here, or choose one on the line and press Enter.";
              case WORDS -> "Kept for words: lay a card here.";
              case KEEPSAKE -> "Kept for a keepsake: lay it here.";
            }),
        album.opening(slot).known() == Opening.Known.MOUNT
            ? "Nothing is stuck here yet."
            : slot.kind().isOfPage() ? "Nothing in this pocket yet." : "Nothing on this side yet.");
  }

  private static TicketView ephemeraTicket(
      AlbumModel album, Slot slot, AlbumModel.LaidEphemera laid) {
    InsertFit fit = laid.fit();
    boolean cut = !fit.trimTo().equals(fit.insert()) && !laid.ephemera().original();
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
    return new TicketView.ThingTicketView(
        head(album, slot),
        Views.SizeView.of(cut ? fit.trimTo() : fit.insert()),
        cut ? "trim to" : laid.ephemera().name(),
        todo,
        laid.ephemera().original()
            ? "An original: it is never planned with glue or cutting."
            : laid.holding().locked() ? "Locked here." : "",
        AlbumViews.ephemera(album, laid.ephemera()),
        AlbumViews.laid(album, slot, laid),
        TicketVerdict.of(fit.verdict()),
        Views.SizeView.of(fit.play()));
  }

  private static TicketHead head(AlbumModel album, Slot slot) {
    return TicketHead.of(album, slot, marks(album, slot));
  }

  /** The ruler marks of a mount. */
  private static List<PlanViews.MarkView> marks(AlbumModel album, Slot slot) {
    if (slot.kind() != SlotKind.MOUNT) {
      return List.of();
    }
    return PlanViews.marks(album, slot);
  }

  private static List<String> printed(PrintInPocket seat) {
    List<String> todo = new ArrayList<>();
    Words.cut(seat.cut()).ifPresent(cut -> todo.add("Its crop " + cut + "."));
    todo.add("Printed on its strip: nothing to order, to cut or to stick.");
    if (!seat.covers().isEmpty()) {
      todo.add("What must not be seen of it is left white there.");
    }
    return todo;
  }

  private List<String> todo(PrintInPocket seat, AlbumPhoto photo, HouseRules rules) {
    if (seat.cutsKeepBox() && seat.outline() instanceof Outline.Pieces) {
      return List.of(
          "Wherever it is cut, a fold would run through what must stay. Use another picture, or make"
              + " the keep box smaller.");
    }
    if (seat.cutsKeepBox()) {
      return List.of(
          seat.onTable()
              ? "Trimming it would cut what must stay. Use another pocket, or make the keep box"
                  + " smaller."
              : "No crop of this shape holds what must stay. Use another pocket, turn it, or make"
                  + " the keep box smaller.");
    }
    List<String> todo = Words.todo(seat, rules);
    offTheHeads(seat, photo, rules).ifPresent(todo::add);
    return todo;
  }

  /** Where something may be stuck on a print of people. */
  private Optional<String> offTheHeads(PrintInPocket seat, AlbumPhoto photo, HouseRules rules) {
    if (!photo.found().hasPeople()) {
      return Optional.empty();
    }
    Pixels picture = photo.pixels();
    String free =
        details
            .findById(photo.id())
            .flatMap(
                map ->
                    QuietArea.of(
                        map.detail(), picture, seat.seen(picture), photo.notToBeCovered(), rules))
            .flatMap(quiet -> seat.onPrint(quiet, picture))
            .filter(box -> !box.size().tighter().isLessThan(rules.length(HouseRule.QUIET_LEAST)))
            .map(box -> free(box, rules) + " is free " + where(box, seat.print()))
            .orElse("nothing else of it is quiet");
    return Optional.of("Keep clips, words and titles off the heads: " + free + ".");
  }

  private static String free(Box box, HouseRules rules) {
    Increment marks = rules.trimmerIncrement();
    return UnitsInUse.text(new Size(marks.below(box.w()), marks.below(box.h())));
  }

  /** Where a box is on a print, by the thirds in which its middle is. */
  private static String where(Box box, Size print) {
    String down = third(box.y().plus(box.bottom()), print.h(), "top", "bottom");
    String across = third(box.x().plus(box.right()), print.w(), "left", "right");
    return down.isEmpty() && across.isEmpty()
        ? "in the middle"
        : "at the " + (down + " " + across).strip();
  }

  private static String third(Length twice, Length whole, String first, String last) {
    return twice.times(3).isLessThan(whole.times(2))
        ? first
        : twice.times(3).isMoreThan(whole.times(4)) ? last : "";
  }

  /** Why it is here, and where more of it would be seen. */
  private static String why(AlbumModel album, Slot slot, AlbumPhoto photo, PrintInPocket seat) {
    Holding filling = album.holding(slot.id()).orElseThrow();
    StringBuilder why = new StringBuilder();
    if (photo.takenAt() == null) {
      why.append("It has no date, so it stands at the end of the story. ");
    }
    Set<Size> seen = new HashSet<>();
    album.leaves().slots().stream()
        .filter(other -> other.holds() == Holds.PHOTO && !other.takes().equals(slot.takes()))
        .filter(other -> seen.add(other.takes()))
        .map(
            other ->
                Map.entry(
                    other.takes(),
                    album.measure(other, photo, filling.turned(), false, photo.keep()).keptShare()))
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
