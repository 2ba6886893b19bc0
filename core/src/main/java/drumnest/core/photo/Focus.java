package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The parts of a picture that a crop goes by: what must not be seen, by the maker's word; and,
 * where the maker drew no keep box, the heads of the people, which stay whole before anything else,
 * and the subject, of which as much stays as can.
 *
 * @param heads a box round each head, inside the picture
 * @param subject the heads together with the busiest part of the picture, or that part alone; null
 *     where nothing stands out
 * @param followed whether crops follow it; where the maker wants them centred, people are still
 *     never laid on their side
 * @param concealed what must not be seen, avoided also where the rest is not followed
 */
public record Focus(
    List<PixelBox> heads, @Nullable PixelBox subject, boolean followed, List<PixelBox> concealed) {

  /** Nothing to follow: a crop is centred. */
  public static final Focus NONE = new Focus(List.of(), null, false, List.of());

  public Focus {
    heads = List.copyOf(heads);
    concealed = List.copyOf(concealed);
  }

  /**
   * @param faces the faces that were found, from the brows to the chin
   * @param busiest where most is to be seen, as {@link Subject} proposes it; null where nothing
   *     stands out
   */
  public static Focus of(
      List<PixelBox> faces, @Nullable PixelBox busiest, Pixels picture, HouseRules rules) {
    List<PixelBox> heads = faces.stream().map(face -> head(face, picture, rules)).toList();
    List<PixelBox> together = new ArrayList<>(heads);
    if (busiest != null) {
      together.add(busiest);
    }
    return together.isEmpty()
        ? NONE
        : new Focus(
            heads, together.stream().reduce(PixelBox::around).orElseThrow(), true, List.of());
  }

  /**
   * A face with its hair and a little air, cut at the edges of the picture. Source: common
   * practice, no source.
   */
  static PixelBox head(PixelBox face, Pixels picture, HouseRules rules) {
    int above = (int) (face.h() * rules.number(HouseRule.HAIR_ABOVE_FACE) / 100);
    int air = (int) (face.h() * rules.number(HouseRule.AIR_ROUND_FACE) / 100);
    int left = Math.max(0, face.x() - air);
    int top = Math.max(0, face.y() - above);
    int right = Math.min(picture.w(), face.x() + face.w() + air);
    int bottom = Math.min(picture.h(), face.y() + face.h() + air);
    return new PixelBox(left, top, right - left, bottom - top);
  }

  /** A copy where the maker wants crops centred. */
  public Focus unfollowed() {
    return new Focus(heads, subject, false, concealed);
  }

  /** A copy with what must not be seen. */
  public Focus concealing(List<PixelBox> boxes) {
    return boxes.isEmpty() ? this : new Focus(heads, subject, followed, boxes);
  }

  /** Whether people are seen, who are never laid on their side. */
  public boolean hasPeople() {
    return !heads.isEmpty();
  }

  /**
   * Where a trim is centred: the smallest box round all heads, or the subject where there are none;
   * null where nothing is followed.
   */
  public @Nullable PixelBox centre() {
    return !followed ? null : heads.stream().reduce(PixelBox::around).orElse(subject);
  }
}
