package drumnest.core.album.leaf;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How thick a leaf is: at its thickest place with the flaps that lie on it, and its protector.
 * Source: common practice, no source; the materials are the maker's.
 *
 * @param ply one ply of a protector, and of a sleeve
 * @param page the paper of a page without pockets, and of a card that is hinged
 */
public record LeafThickness(Length ply, Length page) {

  /**
   * @param held the thickness of what a slot holds; zero for nothing
   */
  public Length of(Leaf leaf, Function<Slot, Length> held) {
    Length protector = ply.times(2);
    if (leaf.type().pattern() == null) {
      return protector
          .plus(page)
          .plus(most(leaf, Side.FRONT, held))
          .plus(most(leaf, Side.BACK, held));
    }
    if (!leaf.type().shared()) {
      return protector
          .plus(ply)
          .plus(most(leaf, Side.FRONT, held))
          .plus(most(leaf, Side.BACK, held));
    }
    Map<String, Length> behind = new HashMap<>();
    stacks(leaf, Side.BACK, held).forEach((slot, thick) -> behind.put(slot.id(), thick));
    Length most = behind.values().stream().reduce(Length.ZERO, Length::max);
    for (Map.Entry<Slot, Length> stack : stacks(leaf, Side.FRONT, held).entrySet()) {
      Length back =
          leaf.otherSideOf(stack.getKey())
              .map(other -> behind.getOrDefault(other, Length.ZERO))
              .orElse(Length.ZERO);
      most = most.max(stack.getValue().plus(back));
    }
    return protector.plus(most);
  }

  /**
   * How thick the thickest of the stacks is that lie at a place of a page.
   *
   * @param held the thickness of what a slot holds; zero for nothing
   */
  public Length at(Leaf leaf, Side side, Box place, Function<Slot, Length> held) {
    return stacks(leaf, side, held).entrySet().stream()
        .filter(stack -> stack.getKey().box().overlaps(place))
        .map(Map.Entry::getValue)
        .reduce(Length.ZERO, Length::max);
  }

  private Length most(Leaf leaf, Side side, Function<Slot, Length> held) {
    return stacks(leaf, side, held).values().stream().reduce(Length.ZERO, Length::max);
  }

  /** How thick each place of a side is with its flaps, and the flaps that lie on none. */
  private Map<Slot, Length> stacks(Leaf leaf, Side side, Function<Slot, Length> held) {
    List<Slot> slots = leaf.slots(side, 0);
    Map<String, Length> flapsHold =
        slots.stream()
            .filter(slot -> !slot.kind().isOfPage())
            .collect(
                Collectors.toMap(
                    slot -> slot.flap().orElseThrow(),
                    slot -> held.apply(slot).times(slot.layers()),
                    Length::plus));
    Map<Slot, Length> stacks = new LinkedHashMap<>();
    for (Slot slot : slots) {
      if (slot.kind() == SlotKind.INSIDE) {
        continue;
      }
      Length thick = slot.kind().isOfPage() ? held.apply(slot) : Length.ZERO;
      for (Flap flap : leaf.plan(leaf.face(side)).flaps()) {
        if (liesInMiddle(flap.face(), slot.box())) {
          String name = FlapNames.of(leaf, side, flap.id());
          thick = thick.plus(body(flap)).plus(flapsHold.getOrDefault(name, Length.ZERO));
        }
      }
      stacks.put(slot, thick);
    }
    return stacks;
  }

  /** Whether an area has the middle point of a place; of two that meet there only the one does. */
  private static boolean liesInMiddle(Box area, Box place) {
    Length x = place.x().plus(place.w().dividedBy(2));
    Length y = place.y().plus(place.h().dividedBy(2));
    return !area.x().isMoreThan(x)
        && area.right().isMoreThan(x)
        && !area.y().isMoreThan(y)
        && area.bottom().isMoreThan(y);
  }

  private Length body(Flap flap) {
    // A tab is two of its own card.
    Length grip = flap.grip() == Grip.TAB ? page.times(2) : Length.ZERO;
    return grip.plus(flap.body() == Flap.Body.SLEEVE ? ply.times(2) : page);
  }
}
