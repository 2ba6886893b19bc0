package drumnest.server.intake;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.util.List;

/** Finds faces in pictures. Nobody is recognised or named. */
interface FaceFinder {

  /** Where nothing finds faces: none ever. */
  FaceFinder NONE =
      new FaceFinder() {
        @Override
        public List<PixelBox> find(Sample small, Pixels picture, Larger larger) {
          return List.of();
        }

        @Override
        public String description() {
          return "nothing here (the native library does not load); crops follow what stands out";
        }
      };

  /** The same picture with more pixels, which is read only where it is needed. */
  @FunctionalInterface
  interface Larger {
    Sample read() throws IOException;
  }

  /**
   * The faces in a picture, from the brows to the chin.
   *
   * @param small the picture, upright
   * @param picture the size of the photo, turned upright
   * @return boxes in the pixels of the photo, the largest first
   */
  List<PixelBox> find(Sample small, Pixels picture, Larger larger) throws IOException;

  /** What finds them, in words, for the about page. */
  String description();
}
