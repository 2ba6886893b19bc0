package drumnest.core.fit;

import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Where a window of a given length begins on the axis of a picture on which it can be moved, so
 * that it follows the focus: first as little as can be is seen of what must not be; then the heads
 * that are not wholly inside it, by their heights, are as little as can be; then those that it cuts
 * through; then as much of the subject as can be is inside it; then it is as near centred on the
 * subject as can be (on the picture where there is none), and of two as near the first. Where there
 * is a keep box it is the subject, no window leaves any of it out, and no heads are asked for.
 * Heads and the keep box must stay as far from the ends of the window as its outline asks at the
 * height at which they are.
 *
 * <p>Method: each of these changes only where an edge of the window passes an edge of a box, or,
 * between these, is best nearest to where it would be centred, so that only those beginnings are
 * looked at. Where nothing is concealed, a longer window never has more outside it, for it can be
 * laid over the shorter one. Source: common practice, no source. Time: boxes squared.
 */
final class FollowingWindow {

  /**
   * A stretch of the axis: from its first pixel to the one after its last.
   *
   * @param inset how far it must stay from the ends of the window to be seen whole
   */
  private record Stretch(int from, int to, int inset) {

    static Stretch of(PixelBox box, SeenWindow window, boolean acrossX) {
      return acrossX
          ? new Stretch(box.x(), box.right(), window.insetAcross(box.y(), box.bottom()))
          : new Stretch(box.y(), box.bottom(), window.insetDown(box.x(), box.right()));
    }

    boolean isIn(int start, int end) {
      return start + inset <= from && to <= end - inset;
    }

    int inside(int start, int end) {
      return Math.max(0, Math.min(to, end) - Math.max(from, start));
    }
  }

  private final int length;
  private final List<PixelBox> boxes;
  private final List<Stretch> heads;
  private final List<PixelBox> concealedBoxes;
  private final List<Stretch> concealed;
  private final boolean acrossX;
  private final Stretch subject;
  private final int least;
  private final int most;

  private FollowingWindow(
      SeenWindow window, int available, @Nullable PixelBox keep, Focus focus, boolean acrossX) {
    boolean follows = keep == null && focus.followed();
    PixelBox told = follows ? focus.subject() : keep;
    this.length = acrossX ? window.window().w() : window.window().h();
    this.acrossX = acrossX;
    this.boxes = follows ? focus.heads() : List.of();
    this.heads = boxes.stream().map(head -> Stretch.of(head, window, acrossX)).toList();
    this.concealedBoxes = focus.concealed();
    this.concealed = concealedBoxes.stream().map(box -> Stretch.of(box, window, acrossX)).toList();
    this.subject = told == null ? new Stretch(0, available, 0) : Stretch.of(told, window, acrossX);
    int first = subject.to() - length + subject.inset();
    int last = subject.from() - subject.inset();
    // A keep box may be longer than its window by what the window was rounded.
    boolean rounded = subject.inset() == 0 && first > last;
    this.least = keep == null ? 0 : Math.max(0, rounded ? last : first);
    this.most =
        keep == null ? available - length : Math.min(available - length, rounded ? first : last);
  }

  /**
   * @param window the window where it begins with the picture, which it spans on the other axis
   * @param available pixels of the picture on the axis, at least as many as those of the window
   * @param keep what must stay, inside the picture
   * @return nothing if the outline takes off some of what must stay wherever it begins
   */
  static OptionalInt start(
      SeenWindow window, int available, @Nullable PixelBox keep, Focus focus, boolean acrossX) {
    FollowingWindow following = new FollowingWindow(window, available, keep, focus, acrossX);
    return following.least > following.most
        ? OptionalInt.empty()
        : OptionalInt.of(following.best());
  }

  private int best() {
    List<Integer> starts = new ArrayList<>();
    starts.add(centred());
    add(starts, subject);
    heads.forEach(head -> add(starts, head));
    concealed.forEach(box -> add(starts, box));
    int best = -1;
    for (int start : starts) {
      int inside = Math.max(least, Math.min(most, start));
      if (best < 0 || isBetter(inside, best)) {
        best = inside;
      }
    }
    return best;
  }

  /** The beginnings at which one of the window's edges passes one of the stretch's. */
  private void add(List<Integer> starts, Stretch stretch) {
    starts.add(stretch.from());
    starts.add(stretch.to() - length);
    starts.add(stretch.to());
    starts.add(stretch.from() - length);
    if (stretch.inset() > 0) {
      starts.add(stretch.from() - stretch.inset());
      starts.add(stretch.to() - length + stretch.inset());
    }
  }

  private int centred() {
    return Math.floorDiv(subject.from() + subject.to() - length, 2);
  }

  private boolean isBetter(int start, int than) {
    long[] one = costs(start);
    long[] other = costs(than);
    for (int i = 0; i < one.length; i++) {
      if (one[i] != other[i]) {
        return one[i] < other[i];
      }
    }
    return start < than;
  }

  private long[] costs(int start) {
    int end = start + length;
    long outside = 0;
    long through = 0;
    for (int i = 0; i < heads.size(); i++) {
      Stretch head = heads.get(i);
      if (!head.isIn(start, end)) {
        outside += boxes.get(i).h();
        through += head.inside(start, end) > 0 ? boxes.get(i).h() : 0;
      }
    }
    long exposed = 0;
    for (int i = 0; i < concealed.size(); i++) {
      PixelBox box = concealedBoxes.get(i);
      exposed += (long) concealed.get(i).inside(start, end) * (acrossX ? box.h() : box.w());
    }
    long off = Math.abs(2L * start + length - subject.from() - subject.to());
    return new long[] {exposed, outside, through, -subject.inside(start, end), off};
  }
}
