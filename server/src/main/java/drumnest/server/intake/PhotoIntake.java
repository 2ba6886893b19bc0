package drumnest.server.intake;

import drumnest.core.photo.FileWords;
import drumnest.core.photo.PhotoFile;
import drumnest.server.FieldProblemException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.PhotoRegistrar;
import drumnest.server.data.DiskFullException;
import drumnest.server.data.DiskSpace;
import drumnest.server.data.Home;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Takes photo files in: checks them, keeps them unchanged under their SHA-256, reads what they say,
 * and hangs them on the line of an album. Only when all of that has reached the disk is a photo
 * acknowledged; a file that is refused leaves nothing behind.
 */
@Service
public class PhotoIntake {

  private static final long MOST_BYTES = 512L << 20;

  /** The most that the pictures made of a photo take, in bytes. */
  private static final long FOR_PICTURES = 2L << 20;

  private final Home home;
  private final DiskSpace room;
  private final ImageRenderer renderer;
  private final PictureMemory memory;
  private final Photos photos;
  private final OpenAlbums albums;
  private final PhotoRegistrar registrar;
  private final Object[] turns = new Object[64];

  PhotoIntake(
      Home home,
      DiskSpace room,
      ImageRenderer renderer,
      PictureMemory memory,
      Photos photos,
      OpenAlbums albums,
      PhotoRegistrar registrar) {
    this.albums = albums;
    this.home = home;
    this.room = room;
    this.renderer = renderer;
    this.memory = memory;
    this.photos = photos;
    this.registrar = registrar;
    for (int i = 0; i < turns.length; i++) {
      turns[i] = new Object();
    }
  }

  /** The fate of a file: the photo it is, and whether the album had it already. */
  public record Taken(String sha256, boolean hadAlready) {}

  /**
   * Takes one file in.
   *
   * @param name what the file is called
   * @param length how many bytes come; -1 if that is not said
   * @param rendition how many of them, the last ones, are its picture as a JPEG file, which the
   *     page made of a file that it decodes itself; 0 for others
   * @throws DiskFullException if the disk has no room for it
   * @throws RefusedPhotoException if it is no photo that can be used
   * @throws IOException if it could not be received or stored
   */
  public Taken take(long albumId, String name, long length, long rendition, InputStream content)
      throws IOException {
    albums.require(albumId);
    if (rendition < 0 || (rendition > 0 && rendition >= length)) {
      throw new FieldProblemException(
          "rendition", "It says how many of the bytes that come are the picture: fewer than all.");
    }
    if (length > MOST_BYTES) {
      throw tooLarge();
    }
    Path incoming = home.incoming().resolve(UUID.randomUUID().toString());
    Path picture = home.incoming().resolve(UUID.randomUUID().toString());
    try (DiskSpace.Reserved reserved = room.reserve(Math.max(length, 0) + FOR_PICTURES)) {
      long bytes = rendition == 0 ? MOST_BYTES + 1 : length - rendition;
      String sha256 = receive(content, bytes, incoming, reserved);
      if (rendition > 0) {
        receive(content, rendition, picture, reserved);
      }
      // The same file twice at once: one waits for the other and then finds it.
      synchronized (turns[Integer.parseInt(sha256.substring(0, 2), 16) % turns.length]) {
        PhotoRegistrar.Arrival arrival =
            photos
                .findById(sha256)
                .map(photo -> new PhotoRegistrar.Arrival(photo, null))
                .orElse(null);
        if (arrival == null) {
          arrival = store(sha256, name, incoming, picture);
        }
        return new Taken(sha256, !registrar.register(albumId, arrival, name));
      }
    } catch (IOException failure) {
      if (room.isCauseOf(failure)) {
        throw new DiskFullException();
      }
      throw failure;
    } finally {
      Files.deleteIfExists(incoming);
      Files.deleteIfExists(picture);
    }
  }

  /** All that is kept of what a file says beside its picture. */
  private record Said(FileWords words, int orientation) {}

  private PhotoRegistrar.Arrival store(String sha256, String name, Path incoming, Path picture)
      throws IOException {
    PhotoFormat format = PhotoFormat.of(incoming).orElse(null);
    if (format == null || (format.isTiff() && PhotoFormat.isRaw(name))) {
      throw new RefusedPhotoException(PhotoFormat.refusal(incoming, name));
    }
    boolean byThePage = format.isDecodedByThePage();
    if (byThePage && !isJpeg(picture)) {
      throw new RefusedPhotoException(
          "Its picture did not come with it: it is decoded by the page, bring it in there.");
    }
    Said said =
        PhotoHeader.said(
            incoming,
            format,
            memory,
            metadata ->
                new Said(
                    FileWordsReader.read(metadata, LocalDate.now()),
                    PhotoHeader.orientation(metadata)));
    ImageRenderer.Developed developed =
        byThePage
            ? renderer.develop(sha256, picture, PhotoFormat.JPEG, ImageRenderer.UPRIGHT)
            : renderer.develop(sha256, incoming, format, said.orientation());
    Path original = home.original(sha256, format.extension());
    Files.createDirectories(original.getParent());
    PhotoEntity photo =
        new PhotoEntity(
            new PhotoFile(sha256, format.extension(), developed.pixels()), Files.size(incoming));
    photo.see(developed.features());
    photo.read(said.words());
    if (byThePage) {
      Files.move(picture, home.rendition(sha256), StandardCopyOption.ATOMIC_MOVE);
    }
    Files.move(incoming, original, StandardCopyOption.ATOMIC_MOVE);
    return new PhotoRegistrar.Arrival(photo, developed.features().detail());
  }

  private static boolean isJpeg(Path picture) throws IOException {
    return Files.exists(picture)
        && PhotoFormat.of(picture).filter(PhotoFormat.JPEG::equals).isPresent();
  }

  /**
   * Writes the content to a file, through to the disk, and gives its SHA-256.
   *
   * @param most how many bytes are read of it
   */
  private static String receive(
      InputStream content, long most, Path file, DiskSpace.Reserved reserved) throws IOException {
    MessageDigest digest = sha256();
    long length = 0;
    try (OutputStream out = new DigestOutputStream(Files.newOutputStream(file), digest)) {
      byte[] part = new byte[1 << 16];
      int read = content.read(part, 0, (int) Math.min(part.length, most));
      for (; read > 0; read = content.read(part, 0, (int) Math.min(part.length, most - length))) {
        length += read;
        if (length > MOST_BYTES) {
          throw tooLarge();
        }
        reserved.used(read);
        out.write(part, 0, read);
      }
    }
    if (length == 0) {
      throw new RefusedPhotoException("It is empty.");
    }
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
    return HexFormat.of().formatHex(digest.digest());
  }

  private static RefusedPhotoException tooLarge() {
    return new RefusedPhotoException(
        "It is larger than " + (MOST_BYTES >> 20) + " MB, the most that is accepted.");
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
