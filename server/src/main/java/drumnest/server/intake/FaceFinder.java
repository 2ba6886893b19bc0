package drumnest.server.intake;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Finds faces in pictures. Nobody is recognised or named. */
interface FaceFinder {

  /** Where nothing finds faces: none ever. */
  FaceFinder NONE =
      new FaceFinder() {
        @Override
        public List<PixelBox> find(Sample small, Pixels picture, Path large) {
          return List.of();
        }

        @Override
        public String description() {
          return "nothing here (the native library does not load); crops follow what stands out";
        }
      };

  /**
   * The faces in a picture, from the brows to the chin.
   *
   * @param small the picture, upright
   * @param picture the size of the photo, turned upright
   * @param large a file of the same picture with more pixels, which is read only where it is needed
   * @return boxes in the pixels of the photo, the largest first
   */
  List<PixelBox> find(Sample small, Pixels picture, Path large) throws IOException;

  /** Tells what finds them, in words, for the about page. */
  String description();
}
