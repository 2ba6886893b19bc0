package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * A way of moving a flap until it is just clear of another: closed, open, or with its strip.
 *
 * @param right how far it is moved to the right; less than zero to the left
 * @param down how far it is moved down; less than zero upwards
 */
record Clearing(Length right, Length down) {

  /** This way as far as to the next ruler mark, which is clear too. */
  private Clearing toMark(Increment mark) {
    return new Clearing(toMark(right, mark), toMark(down, mark));
  }

  private static Length toMark(Length way, Increment mark) {
    return way.isNegative() ? mark.below(way) : mark.above(way);
  }

  /** All ways, to each of the four sides, each as far as to a ruler mark. */
  static List<Clearing> of(Flap flap, Flap other, Increment mark) {
    List<Clearing> ways = new ArrayList<>();
    for (Box mine : List.of(flap.face(), flap.openFace(), flap.stripArea())) {
      for (Box its : List.of(other.face(), other.openFace(), other.stripArea())) {
        if (mine.overlaps(its)) {
          ways.add(new Clearing(its.right().minus(mine.x()), Length.ZERO));
          ways.add(new Clearing(its.x().minus(mine.right()), Length.ZERO));
          ways.add(new Clearing(Length.ZERO, its.bottom().minus(mine.y())));
          ways.add(new Clearing(Length.ZERO, its.y().minus(mine.bottom())));
        }
      }
    }
    return ways.stream().map(way -> way.toMark(mark)).distinct().toList();
  }

  /** How far it is moved in all. */
  Length far() {
    return right.abs().plus(down.abs());
  }
}
