package drumnest.core.album.leaf;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.List;

/**
 * The ruler marks of one mount, each with the range in which it still works: how far the mount may
 * be off along one axis, the others staying where they are, before it touches a neighbour or comes
 * into the margin. For those who place by eye. Source: common practice, no source.
 *
 * @param left the mark of its left edge, from the left edge of the page
 * @param top the mark of its top edge, from the top edge of the page
 */
public record RulerMarks(Mount mount, Range left, Range top) {

  /** A mark, and between what it may lie. */
  public record Range(Length at, Length from, Length to) {}

  /**
   * @param room what the mounts may cover: the page without its margins
   */
  public static RulerMarks of(Mount mount, List<Mount> all, Box room) {
    Box box = mount.box();
    Length left = room.x().min(box.x());
    Length right = room.right().max(box.right());
    Length top = room.y().min(box.y());
    Length foot = room.bottom().max(box.bottom());
    for (Mount each : all) {
      Box other = each.box();
      if (each.equals(mount)) {
        continue;
      }
      if (other.y().isLessThan(box.bottom()) && box.y().isLessThan(other.bottom())) {
        left = other.right().isMoreThan(box.x()) ? left : left.max(other.right());
        right = other.x().isLessThan(box.right()) ? right : right.min(other.x());
      }
      if (other.x().isLessThan(box.right()) && box.x().isLessThan(other.right())) {
        top = other.bottom().isMoreThan(box.y()) ? top : top.max(other.bottom());
        foot = other.y().isLessThan(box.bottom()) ? foot : foot.min(other.y());
      }
    }
    return new RulerMarks(
        mount,
        new Range(box.x(), left, right.minus(box.w())),
        new Range(box.y(), top, foot.minus(box.h())));
  }
}
