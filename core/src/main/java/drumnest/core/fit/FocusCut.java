package drumnest.core.fit;

import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The damage that a crop does to the people and the subject of a picture, and what it shows that
 * must not be seen. A head that is not wholly inside what is seen is cut, be it in part or away.
 *
 * @param heads how many heads are cut
 * @param sides the edges of the upright picture at which they are
 * @param headShare the height of the heads that are cut over that of all heads, from 0 to 1
 * @param subjectShare the share of the subject's area that is not seen, from 0 to 1
 * @param exposed the parts of what must not be seen that are seen, in the pixels of the picture
 * @param exposedShare their area over that of all that must not be seen, from 0 to 1
 */
public record FocusCut(
    int heads,
    Set<Side> sides,
    double headShare,
    double subjectShare,
    List<PixelBox> exposed,
    double exposedShare) {

  /** Nothing is cut, or nothing is known that could be; nor is anything seen that must not be. */
  public static final FocusCut NONE = new FocusCut(0, Set.of(), 0, 0, List.of(), 0);

  /** An edge of the upright picture. */
  public enum Side {
    LEFT,
    TOP,
    RIGHT,
    BOTTOM
  }

  public FocusCut {
    sides = Set.copyOf(sides);
    exposed = List.copyOf(exposed);
  }

  /**
   * Tells what is cut where the maker drew no keep box; where there is one, that says all, and
   * where crops are centred by the maker's word, nothing is said. What must not be seen is always
   * looked for.
   *
   * @param seen what is seen of the picture, in its upright pixels
   */
  static FocusCut of(@Nullable PixelBox keep, Focus focus, SeenWindow seen) {
    List<PixelBox> exposed =
        focus.concealed().stream().flatMap(box -> seen.common(box).stream()).toList();
    double share = exposed.isEmpty() ? 0 : (double) areas(exposed) / areas(focus.concealed());
    if (keep != null || !focus.followed()) {
      return new FocusCut(0, Set.of(), 0, 0, exposed, share);
    }
    List<PixelBox> cut = focus.heads().stream().filter(head -> !seen.contains(head)).toList();
    Set<Side> sides = EnumSet.noneOf(Side.class);
    cut.forEach(head -> sides.addAll(sides(head, seen.window())));
    PixelBox subject = focus.subject();
    return new FocusCut(
        cut.size(),
        sides,
        cut.isEmpty() ? 0 : (double) heights(cut) / heights(focus.heads()),
        subject == null ? 0 : 1 - (double) subject.overlap(seen.window()) / subject.area(),
        exposed,
        share);
  }

  /** The edges over which a head that is cut reaches; in a corner the nearer side. */
  private static Set<Side> sides(PixelBox head, PixelBox window) {
    Set<Side> sides = EnumSet.noneOf(Side.class);
    if (head.x() < window.x()) {
      sides.add(Side.LEFT);
    }
    if (head.y() < window.y()) {
      sides.add(Side.TOP);
    }
    if (head.right() > window.right()) {
      sides.add(Side.RIGHT);
    }
    if (head.bottom() > window.bottom()) {
      sides.add(Side.BOTTOM);
    }
    if (sides.isEmpty()) {
      boolean left = head.x() - window.x() < window.right() - head.right();
      sides.add(left ? Side.LEFT : Side.RIGHT);
    }
    return sides;
  }

  private static long areas(List<PixelBox> boxes) {
    return boxes.stream().mapToLong(PixelBox::area).sum();
  }

  private static long heights(List<PixelBox> heads) {
    return heads.stream().mapToLong(PixelBox::h).sum();
  }
}
