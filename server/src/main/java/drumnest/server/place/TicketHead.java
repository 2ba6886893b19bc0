package drumnest.server.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.fit.Opening;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.leaves.PlanViews;
import java.util.List;

/**
 * The head of a ticket: what it says of its slot, whatever that holds.
 *
 * @param named the size it takes, by name
 * @param opening the size of its opening
 * @param measured whether the maker measured that
 * @param known how the opening is known
 * @param marks the ruler marks of a mount, each with the range in which it still works
 */
record TicketHead(
    String slot,
    String place,
    Views.SizeView named,
    Views.SizeView opening,
    boolean measured,
    SlotKind kind,
    Opening.Known known,
    List<PlanViews.MarkView> marks) {

  static TicketHead of(AlbumModel album, Slot slot, List<PlanViews.MarkView> marks) {
    Opening opening = album.opening(slot);
    return new TicketHead(
        slot.id(),
        SlotNames.of(slot),
        Views.SizeView.of(slot.takes()),
        Views.SizeView.of(opening.size()),
        opening.measured(),
        slot.kind(),
        opening.known(),
        marks);
  }
}
