package drumnest.server.intake;

import drumnest.core.measure.Size;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.Pixels;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.PhotoRegistrar;
import drumnest.server.store.PhotoEntity;
import java.nio.ByteBuffer;
import java.time.LocalDateTime;
import java.util.HexFormat;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Takes in prints that lie on the table and of which there is no file. */
@Service
public class TablePrints {

  private static final long PIXELS_AN_INCH = 300;
  private static final long INCH = Size.ofInches(1, 1).w().toNanometres();

  private final OpenAlbums albums;
  private final PhotoRegistrar registrar;

  TablePrints(OpenAlbums albums, PhotoRegistrar registrar) {
    this.albums = albums;
    this.registrar = registrar;
  }

  /**
   * Hangs a print on the line.
   *
   * @param name what is on it
   * @param size its size as its picture is seen upright
   * @param takenAt when it was taken, if that is known
   * @return its identity
   */
  public String add(long albumId, String name, Size size, @Nullable LocalDateTime takenAt) {
    albums.require(albumId);
    String id = identity();
    Pixels pixels = new Pixels(pixels(size.w().toNanometres()), pixels(size.h().toNanometres()));
    registrar.registerPrint(
        albumId,
        new PhotoEntity(new PhotoFile(id, PhotoFile.NONE, pixels), 0),
        name,
        size,
        takenAt);
    return id;
  }

  private static int pixels(long nanometres) {
    return (int) Math.max(1, nanometres * PIXELS_AN_INCH / INCH);
  }

  /** Like the sum of a file, but of none: 64 letters of 0 to f. */
  private static String identity() {
    ByteBuffer bytes = ByteBuffer.allocate(32);
    for (int i = 0; i < 2; i++) {
      UUID random = UUID.randomUUID();
      bytes.putLong(random.getMostSignificantBits()).putLong(random.getLeastSignificantBits());
    }
    return HexFormat.of().formatHex(bytes.array());
  }
}
