package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.RulerMarks;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Views;
import java.util.List;

/** The ruler marks of mounts. */
public final class PlanViews {

  private PlanViews() {}

  /** Where a mount may lie: the paper without its margin and its holes. */
  public static Box room(Leaf leaf, Side side, HouseRules rules) {
    Box usable = PageMeasure.usable(leaf, side);
    Box within = Box.of(leaf.size()).inset(rules.length(HouseRule.PAGE_MARGIN));
    Length x = within.x().max(usable.x());
    return new Box(x, within.y(), within.right().min(usable.right()).minus(x), within.h());
  }

  public static List<MarkView> marks(AlbumModel album, Slot slot) {
    List<Mount> mounts = slot.leaf().plan(slot.leaf().face(slot.side())).mounts();
    Mount mount =
        mounts.stream()
            .filter(each -> slot.id().endsWith("-" + each.block() + "." + each.index()))
            .findFirst()
            .orElseThrow();
    return marks(mount, mounts, room(slot.leaf(), slot.side(), album.rules()));
  }

  public static List<MarkView> marks(Mount mount, List<Mount> all, Box room) {
    RulerMarks marks = RulerMarks.of(mount, all, room);
    return List.of(mark("left", marks.left()), mark("top", marks.top()));
  }

  private static MarkView mark(String edge, RulerMarks.Range range) {
    return new MarkView(
        edge,
        Views.LengthView.of(range.at()),
        Views.LengthView.of(range.from()),
        Views.LengthView.of(range.to()));
  }

  /** A ruler mark, and between what it still works. */
  public record MarkView(
      String edge, Views.LengthView at, Views.LengthView from, Views.LengthView to) {}
}
