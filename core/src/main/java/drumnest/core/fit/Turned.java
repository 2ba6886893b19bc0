package drumnest.core.fit;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;

/** Pixels of a picture after a quarter turn to the right (its head then points to the right). */
final class Turned {

  private Turned() {}

  static Pixels pixels(Pixels picture, boolean turned) {
    return turned ? new Pixels(picture.h(), picture.w()) : picture;
  }

  static PixelBox box(PixelBox box, Pixels picture, boolean turned) {
    return turned ? new PixelBox(picture.h() - box.y() - box.h(), box.x(), box.h(), box.w()) : box;
  }

  /** The box in the upright picture, from where it is after the turn. */
  static PixelBox back(PixelBox box, Pixels picture, boolean turned) {
    return turned ? new PixelBox(box.y(), picture.h() - box.x() - box.w(), box.h(), box.w()) : box;
  }
}
