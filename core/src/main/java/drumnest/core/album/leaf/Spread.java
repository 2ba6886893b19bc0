package drumnest.core.album.leaf;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.LeafType;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A double page: the back of one leaf on the left, the front of the next on the right, and what
 * smaller leaves leave visible of the ones behind them. The first has no left page and the last no
 * right one.
 *
 * @param number how many leaves lie on the left, from 0
 * @param leaves all leaves of the album in order
 */
public record Spread(int number, List<Leaf> leaves) {

  /**
   * A leaf seen on one side of the spread.
   *
   * @param box where it lies, from the outer top corner of the side for the left one and from the
   *     gutter for the right one
   * @param shows what is seen of it; one box, its own, where nothing lies on it
   */
  public record Layer(Leaf leaf, Side side, Box box, List<Box> shows) {}

  /** The page on top of a side: the left one is a back, the right one a front. */
  public @Nullable Leaf top(Side side) {
    int index = side == Side.BACK ? number - 1 : number;
    return index < 0 || index >= leaves.size() ? null : leaves.get(index);
  }

  /** All leaves that are seen on a side, the top one first. */
  public List<Layer> layers(Side side) {
    List<Leaf> stack = stack(side);
    Length width = width(side);
    List<Layer> layers = new ArrayList<>();
    List<Box> above = new ArrayList<>();
    for (Leaf leaf : stack) {
      Box box = leaf.placeOn(side, width);
      List<Box> shows = List.of(box);
      for (Box cover : above) {
        shows = shows.stream().flatMap(part -> part.minus(cover).stream()).toList();
      }
      if (!shows.isEmpty()) {
        layers.add(new Layer(leaf, side, box, shows));
        above.add(box);
      }
    }
    return layers;
  }

  /**
   * The parts that a small leaf leaves visible of the one right behind it.
   *
   * @param beside at the outer side
   */
  public record Visible(Leaf behind, Length beside, Length above, Length below) {}

  /**
   * Tells what the leaf on top of a side leaves visible; nothing where it hides what is behind it.
   */
  public Optional<Visible> visibleBehind(Side side) {
    List<Layer> layers = layers(side);
    if (layers.size() < 2) {
      return Optional.empty();
    }
    Box top = layers.get(0).box();
    Box under = layers.get(1).box();
    return Optional.of(
        new Visible(
            layers.get(1).leaf(),
            under.w().minus(top.w()).max(Length.ZERO),
            top.y().minus(under.y()).max(Length.ZERO),
            under.bottom().minus(top.bottom()).max(Length.ZERO)));
  }

  /** How wide a side is: as its widest leaf. */
  public Length width(Side side) {
    return stack(side).stream().map(leaf -> leaf.size().w()).reduce(Length.ZERO, Length::max);
  }

  /** Whether its pages meet in a fold, rather than hang on rings. */
  public boolean isFolded() {
    List<Leaf> tops = Stream.of(top(Side.BACK), top(Side.FRONT)).filter(Objects::nonNull).toList();
    return !tops.isEmpty()
        && tops.stream().allMatch(leaf -> leaf.type().binding() == LeafType.Binding.FOLD);
  }

  /**
   * How far its pages lie apart: the punched strips of both sides, or of the one there is; at a
   * fold they touch.
   *
   * @param strip how wide that of one leaf is
   */
  public Length gutter(Length strip) {
    if (isFolded()) {
      return Length.ZERO;
    }
    return top(Side.BACK) != null && top(Side.FRONT) != null ? strip.times(2) : strip;
  }

  /**
   * Where the page on top of a side lies, from the top left of the left side; null for none.
   *
   * @param strip how wide the punched strip of a leaf is
   */
  public @Nullable Box topBox(Side side, Length strip) {
    Leaf leaf = top(side);
    if (leaf == null) {
      return null;
    }
    Box box = leaf.placeOn(side, width(side));
    return side == Side.BACK ? box : box.moved(width(Side.BACK).plus(gutter(strip)), Length.ZERO);
  }

  /**
   * A place of one page mirrored in the line between the pages: what lies on it when the album is
   * shut. Mirrored back it is itself.
   *
   * @param side the page on which it is, from that page's top left; both pages must be there
   */
  public Box mirrored(Side side, Box box) {
    Box here = Objects.requireNonNull(topBox(side, Length.ZERO));
    Box there = Objects.requireNonNull(topBox(side.other(), Length.ZERO));
    Box onSpread = box.moved(here.x(), here.y());
    return new Box(
        width(Side.BACK).times(2).minus(onSpread.right()).minus(there.x()),
        onSpread.y().minus(there.y()),
        box.w(),
        box.h());
  }

  private List<Leaf> stack(Side side) {
    List<Leaf> stack = new ArrayList<>();
    if (side == Side.FRONT) {
      stack.addAll(leaves.subList(Math.min(number, leaves.size()), leaves.size()));
    } else {
      for (int i = number - 1; i >= 0; i--) {
        stack.add(leaves.get(i));
      }
    }
    return stack;
  }

  /** The slots of its two pages in reading order: left page before right. */
  public List<Slot> slots() {
    List<Slot> slots = new ArrayList<>();
    for (Side side : List.of(Side.BACK, Side.FRONT)) {
      Leaf leaf = top(side);
      if (leaf != null) {
        slots.addAll(leaf.slots(side, slots.size()));
      }
    }
    return List.copyOf(slots);
  }

  public Optional<Slot> slot(String id) {
    return slots().stream().filter(slot -> slot.id().equals(id)).findFirst();
  }
}
