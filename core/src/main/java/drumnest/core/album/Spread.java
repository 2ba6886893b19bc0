package drumnest.core.album;

import drumnest.core.measure.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A double page: the back of one leaf on the left, the front of the next on the right.
 *
 * @param left the leaf whose back is the left page
 * @param right the leaf whose front is the right page
 */
public record Spread(Leaf left, Leaf right) {

  /** All slots in reading order: left page before right, top to bottom, left to right. */
  public List<Slot> slots() {
    List<Slot> slots = new ArrayList<>();
    add(slots, left, Side.BACK);
    add(slots, right, Side.FRONT);
    return List.copyOf(slots);
  }

  public Optional<Slot> slot(String id) {
    return slots().stream().filter(slot -> slot.id().equals(id)).findFirst();
  }

  private static void add(List<Slot> slots, Leaf leaf, Side side) {
    List<Box> pockets = leaf.seenFrom(side).pockets();
    for (int i = 0; i < pockets.size(); i++) {
      slots.add(new Slot(leaf.number(), side, i + 1, pockets.get(i), slots.size() + 1));
    }
  }
}
