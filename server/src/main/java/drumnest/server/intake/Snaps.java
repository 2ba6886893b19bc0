package drumnest.server.intake;

import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.Pixels;
import drumnest.core.photo.Quad;
import drumnest.server.UnprocessableException;
import drumnest.server.data.Home;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Snaps of prints that lie on the table: where the print is in them, and the print cut out. */
@Service
public class Snaps {

  /** What is larger is read from its large picture. */
  private static final long MOST_PIXELS = 24_000_000;

  private final Home home;
  private final ImageRenderer renderer;
  private final PhotoIntake intake;

  Snaps(Home home, ImageRenderer renderer, PhotoIntake intake) {
    this.home = home;
    this.renderer = renderer;
    this.intake = intake;
  }

  /** The outlines of what seems to be a print or a sheet, in the pixels of the snap. */
  public List<Quad> sheets(PhotoFile snap) throws IOException {
    try {
      return SnapStraightener.find(renderer.picture(snap, DerivedSize.LARGE), snap.pixels());
    } catch (LinkageError notHere) {
      throw notHere();
    }
  }

  /**
   * Cuts a print out of its snap and takes it in as a photo of the album; the snap stays as it is.
   *
   * @param corners where the print is, in the pixels of the snap
   * @param aspect the print's width over its height
   * @return the identity of the new photo
   */
  public String straighten(long albumId, String name, PhotoFile snap, Quad corners, double aspect)
      throws IOException {
    Path straight = home.incoming().resolve(UUID.randomUUID() + ".jpg");
    try {
      SnapStraightener.straighten(source(snap), snap.pixels(), corners, aspect, straight);
      try (InputStream content = Files.newInputStream(straight)) {
        return intake.take(albumId, name, Files.size(straight), 0, content).sha256();
      }
    } catch (LinkageError notHere) {
      throw notHere();
    } finally {
      Files.deleteIfExists(straight);
    }
  }

  /** The file with most pixels of which they can be had, upright. */
  private Path source(PhotoFile snap) throws IOException {
    Pixels pixels = snap.pixels();
    PhotoFormat format = PhotoFormat.ofExtension(snap.format()).orElse(null);
    boolean upright = format == PhotoFormat.JPEG || (format != null && format.isDecodedByThePage());
    return upright && pixels.area() <= MOST_PIXELS
        ? renderer.whole(snap).file()
        : renderer.picture(snap, DerivedSize.LARGE);
  }

  private static UnprocessableException notHere() {
    return new UnprocessableException(
        "photo", "Snaps cannot be straightened on this machine: the native library is missing.");
  }
}
