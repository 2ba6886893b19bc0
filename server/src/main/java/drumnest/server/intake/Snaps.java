package drumnest.server.intake;

import drumnest.core.photo.PhotoFile;
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

  private final Home home;
  private final ImageRenderer renderer;
  private final PictureMemory memory;
  private final PhotoIntake intake;

  Snaps(Home home, ImageRenderer renderer, PictureMemory memory, PhotoIntake intake) {
    this.home = home;
    this.renderer = renderer;
    this.memory = memory;
    this.intake = intake;
  }

  /** The outlines of what seems to be a print or a sheet, in the pixels of the snap. */
  public List<Quad> sheets(PhotoFile snap) throws IOException {
    try {
      Path large = renderer.picture(snap, DerivedSize.LARGE);
      return memory.with(
          SnapStraightener.BYTES_TO_FIND, () -> SnapStraightener.find(large, snap.pixels()));
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
      Source source = source(snap, corners);
      memory.with(
          source.bytes(),
          () -> {
            SnapStraightener.straighten(source.file(), snap.pixels(), corners, aspect, straight);
            return straight;
          });
      try (InputStream content = Files.newInputStream(straight)) {
        return intake.take(albumId, name, Files.size(straight), 0, content).sha256();
      }
    } catch (LinkageError notHere) {
      throw notHere();
    } finally {
      Files.deleteIfExists(straight);
    }
  }

  /** A picture to cut from, and how many bytes that holds. */
  private record Source(Path file, long bytes) {}

  /** The file with most pixels of which they can be had upright, in the memory there is. */
  private Source source(PhotoFile snap, Quad corners) throws IOException {
    PhotoFormat format = PhotoFormat.ofExtension(snap.format()).orElse(null);
    if (format == PhotoFormat.JPEG || (format != null && format.isDecodedByThePage())) {
      Path whole = renderer.whole(snap).file();
      long bytes = SnapStraightener.bytesHeld(renderer.frame(whole, PhotoFormat.JPEG), corners);
      if (PictureMemory.isEnoughFor(bytes)) {
        return new Source(whole, bytes);
      }
    }
    Path large = renderer.picture(snap, DerivedSize.LARGE);
    return new Source(
        large, SnapStraightener.bytesHeld(renderer.frame(large, PhotoFormat.JPEG), corners));
  }

  private static UnprocessableException notHere() {
    return new UnprocessableException(
        "photo", "Snaps cannot be straightened on this machine: the native library is missing.");
  }
}
