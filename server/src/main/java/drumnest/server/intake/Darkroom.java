package drumnest.server.intake;

import drumnest.server.Home;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes the derived pictures, as many at once as there are processors, with the native reader where
 * it loads. Very large PNG files, which the native reader would hold whole, go to the other one.
 */
@Component
public class Darkroom {

  private static final Logger LOG = LoggerFactory.getLogger(Darkroom.class);
  private static final long LARGEST_WHOLE_PNG = 24_000_000;

  private final Home home;
  private final PictureReader frugal = new ImageIoReader();
  private final PictureReader usual;
  private final Semaphore busy = new Semaphore(Runtime.getRuntime().availableProcessors());

  Darkroom(Home home) {
    this.home = home;
    this.usual = nativeReader();
  }

  private PictureReader nativeReader() {
    try {
      return new LeptonicaReader();
    } catch (LinkageError notHere) {
      LOG.warn("The native picture reader does not load here; photos come in more slowly.");
      return frugal;
    }
  }

  /** What reads pictures, in words. */
  public String description() {
    return usual.description();
  }

  /**
   * Makes both derived sizes of a photo.
   *
   * @throws RefusedPhotoException if its data is damaged
   */
  Grey develop(String sha256, Path file, PhotoFormat format, PhotoHeader header)
      throws IOException {
    Map<DerivedSize, Path> wet = new EnumMap<>(DerivedSize.class);
    for (DerivedSize size : DerivedSize.values()) {
      wet.put(size, home.incoming().resolve(UUID.randomUUID() + ".jpg"));
    }
    busy.acquireUninterruptibly();
    try {
      Grey grey = reader(format, header).derive(file, format, header, wet);
      for (Map.Entry<DerivedSize, Path> size : wet.entrySet()) {
        Path derived = home.derived(sha256, size.getKey().key());
        Files.createDirectories(derived.getParent());
        Files.move(size.getValue(), derived, StandardCopyOption.ATOMIC_MOVE);
      }
      return grey;
    } finally {
      busy.release();
      for (Path left : wet.values()) {
        Files.deleteIfExists(left);
      }
    }
  }

  private PictureReader reader(PhotoFormat format, PhotoHeader header) {
    return format == PhotoFormat.PNG && header.pixels() > LARGEST_WHOLE_PNG ? frugal : usual;
  }

  /** The derived picture; made again if it was deleted. */
  public Path picture(String sha256, String extension, DerivedSize size) throws IOException {
    Path derived = home.derived(sha256, size.key());
    if (!Files.exists(derived)) {
      Path original = home.original(sha256, extension);
      PhotoFormat format = PhotoFormat.of(original).orElseThrow();
      develop(sha256, original, format, PhotoHeader.read(original));
    }
    return derived;
  }
}
