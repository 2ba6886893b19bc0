package drumnest.core.album.leaf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The leaves of an album, in order, and the spreads they make. */
public final class AlbumLeaves {

  private final List<Leaf> leaves;
  private final Map<String, Slot> slots = new LinkedHashMap<>();
  private final Map<Integer, List<Slot>> slotsOf = new HashMap<>();

  public AlbumLeaves(List<Leaf> leaves) {
    this.leaves = List.copyOf(leaves);
    for (Leaf leaf : this.leaves) {
      List<Slot> both = new ArrayList<>();
      for (Side side : Side.values()) {
        both.addAll(leaf.slots(side, slots.size() + both.size()));
      }
      both.forEach(slot -> slots.put(slot.id(), slot));
      slotsOf.put(leaf.key(), List.copyOf(both));
    }
  }

  public List<Leaf> leaves() {
    return leaves;
  }

  /** The keys of the leaves, in their order. */
  public List<Integer> keys() {
    return leaves.stream().map(Leaf::key).toList();
  }

  public Optional<Leaf> leaf(int key) {
    return leaves.stream().filter(leaf -> leaf.key() == key).findFirst();
  }

  /** All slots in reading order: leaf by leaf, front before back. */
  public List<Slot> slots() {
    return new ArrayList<>(slots.values());
  }

  /** The slots of one of its leaves in reading order, front before back. */
  public List<Slot> slotsOf(Leaf leaf) {
    return slotsOf.getOrDefault(leaf.key(), List.of());
  }

  /** The slots of one side of one of its leaves in reading order. */
  public List<Slot> slotsOf(Leaf leaf, Side side) {
    return slotsOf(leaf).stream().filter(slot -> slot.side() == side).toList();
  }

  public Optional<Slot> slot(String id) {
    return Optional.ofNullable(slots.get(id));
  }

  /** How many spreads there are: one more than leaves. */
  public int spreads() {
    return leaves.size() + 1;
  }

  /** The spread with so many leaves on its left; the nearest there is where it would be none. */
  public Spread spread(int number) {
    return new Spread(Math.max(0, Math.min(number, leaves.size())), leaves);
  }

  /** The spread on which a page is seen. */
  public int spreadOf(PageSide page) {
    return page.side() == Side.FRONT ? page.leaf().number() - 1 : page.leaf().number();
  }
}
