package drumnest.server.intake;

import drumnest.core.photo.Miniature;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.data.Home;
import drumnest.server.store.PixelFeatures;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes the derived pictures in the memory that is set aside for it, with the native reader where
 * it loads. What the native reader would hold whole and is very large, and JPEG files in the
 * colours of print, go to the other one. How large a file is and what it will hold is what the
 * reader reads that decodes it.
 */
@Component
public class ImageRenderer {

  private static final Logger LOG = LoggerFactory.getLogger(ImageRenderer.class);
  private static final int MILLION = 1_000_000;
  private static final int MOST_MEGAPIXELS = 200;

  /** Cyan, magenta, yellow and black. */
  private static final int PRINT_INKS = 4;

  /** The orientation of what the page has decoded. */
  static final int UPRIGHT = 1;

  /** Larger ones are read band by band, which the native reader cannot do. */
  private static final long MOST_OF_PNG = 96L << 20;

  /** Larger files are not put into a document whole: they would be held while it is written. */
  private static final long MOST_PRINTED = 32L << 20;

  private final Home home;
  private final PictureReader frugal = new ImageIoReader();
  private final PictureReader usual;
  private @Nullable FaceFinder faces;
  private final PictureMemory memory;

  ImageRenderer(Home home, PictureMemory memory) {
    this.home = home;
    this.memory = memory;
    this.usual = nativeReader();
  }

  /**
   * Tells what finds faces; loaded when it is first wanted, for it takes longer than showing a
   * page.
   */
  private synchronized FaceFinder faces() {
    if (faces == null) {
      try {
        faces = new OpenCvFaceFinder();
      } catch (LinkageError | IOException notHere) {
        LOG.warn("Faces are not looked for here: {}", notHere.getMessage());
        faces = FaceFinder.NONE;
      }
    }
    return faces;
  }

  private PictureReader nativeReader() {
    try {
      return new LeptonicaReader();
    } catch (LinkageError notHere) {
      LOG.warn("The native picture reader does not load here; photos come in more slowly.");
      return frugal;
    }
  }

  /** Tells what reads pictures, in words. */
  public String description() {
    return usual.description();
  }

  /** Tells what finds faces, in words. */
  public String faceFinding() {
    return faces().description();
  }

  boolean findsFaces() {
    return faces() != FaceFinder.NONE;
  }

  /**
   * The findings in a photo that came in before.
   *
   * @param faces its faces; null where nothing here finds any
   * @param sharpness how sharp it is where its subject is
   * @param miniature the picture in few pixels
   */
  record Found(@Nullable List<PixelBox> faces, double sharpness, Miniature miniature) {}

  /** Looks again at a photo that came in before. */
  Found find(PhotoFile photo) throws IOException {
    Sample small = Sample.read(picture(photo, DerivedSize.SMALL));
    if (!findsFaces()) {
      return new Found(null, small.sharpness(List.of(), photo.pixels()), small.miniature());
    }
    Path large = picture(photo, DerivedSize.LARGE);
    List<PixelBox> found =
        memory.with(DerivedSize.LARGE.bytes(), () -> faces().find(small, photo.pixels(), large));
    return new Found(found, small.sharpness(found, photo.pixels()), small.miniature());
  }

  /**
   * Makes both derived sizes of a photo, and measures it.
   *
   * @throws RefusedPhotoException if its data is damaged, or if it cannot be read in the memory
   *     there is
   */
  Developed develop(String sha256, Path file, PhotoFormat format, int orientation)
      throws IOException {
    Reading reading = reading(file, format);
    PictureReader reader = reading.reader();
    Frame frame = reading.frame();
    long held = reader.bytesHeld(format, frame);
    requireReadable(frame, held);
    PhotoHeader header = new PhotoHeader(frame, orientation);
    Map<DerivedSize, Path> wet = new EnumMap<>(DerivedSize.class);
    for (DerivedSize size : DerivedSize.values()) {
      wet.put(size, home.incoming().resolve(UUID.randomUUID() + ".jpg"));
    }
    try {
      PixelFeatures features =
          memory.with(
              held,
              () -> {
                Sample small = reader.derive(file, format, header, wet);
                Path large = wet.get(DerivedSize.LARGE);
                return small.features(faces(small, header, large), header.upright());
              });
      for (Map.Entry<DerivedSize, Path> size : wet.entrySet()) {
        Path derived = home.derived(sha256, size.getKey().key());
        Files.createDirectories(derived.getParent());
        Files.move(size.getValue(), derived, StandardCopyOption.ATOMIC_MOVE);
      }
      return new Developed(header.upright(), features);
    } catch (OutOfMemoryError tooMuchForTheHeap) {
      // One array did not fit beside large albums; what is counted is the process, not the heap.
      throw tooMuch(frame, held);
    } finally {
      for (Path left : wet.values()) {
        Files.deleteIfExists(left);
      }
    }
  }

  private static void requireReadable(Frame frame, long held) {
    long megapixels = frame.pixels() / MILLION;
    if (megapixels > MOST_MEGAPIXELS) {
      throw new RefusedPhotoException(
          "It has " + megapixels + " megapixels; up to " + MOST_MEGAPIXELS + " are accepted.");
    }
    if (!PictureMemory.isEnoughFor(held)) {
      throw tooMuch(frame, held);
    }
  }

  private static RefusedPhotoException tooMuch(Frame frame, long held) {
    return new RefusedPhotoException(
        "It has "
            + frame.pixels() / MILLION
            + " megapixels and is stored so that "
            + (held >> 20)
            + " MB would have to be held to read it, which is too much. Save it as an ordinary JPEG"
            + " (not progressive), or smaller.");
  }

  /**
   * A photo of which both derived sizes are made.
   *
   * @param pixels its size, upright
   * @param features what was measured of it
   */
  record Developed(Pixels pixels, PixelFeatures features) {}

  private @Nullable List<PixelBox> faces(Sample small, PhotoHeader header, Path large)
      throws IOException {
    return findsFaces() ? faces().find(small, header.upright(), large) : null;
  }

  /** How the pixels of a file are stored, as the reader that is usually asked reads it. */
  Frame frame(Path file, PhotoFormat format) throws IOException {
    return usual.frame(file, format);
  }

  /** A reader, and what it reads of the header of a file. */
  private record Reading(PictureReader reader, Frame frame) {}

  /** The native reader where it takes the file and there is memory for it, by its own reading. */
  private Reading reading(Path file, PhotoFormat format) throws IOException {
    if (format != PhotoFormat.GIF) {
      Frame frame = usual.frame(file, format);
      boolean isForPrint = format == PhotoFormat.JPEG && frame.samples() == PRINT_INKS;
      long held = usual.bytesHeld(format, frame);
      boolean isForBands = format == PhotoFormat.PNG && held > MOST_OF_PNG;
      if (!isForPrint && !isForBands && PictureMemory.isEnoughFor(held)) {
        return new Reading(usual, frame);
      }
    }
    return new Reading(frugal, frugal.frame(file, format));
  }

  /** Tells what is seen of a kept photo, measured anew. */
  PixelFeatures measure(PhotoFile photo) throws IOException {
    PhotoFormat format = PhotoFormat.ofExtension(photo.format()).orElseThrow();
    if (format.isDecodedByThePage()) {
      Path rendition = home.rendition(photo.sha256());
      return develop(photo.sha256(), rendition, PhotoFormat.JPEG, UPRIGHT).features();
    }
    Path original = home.original(photo.sha256(), photo.format());
    int orientation = PhotoHeader.said(original, format, memory, PhotoHeader::orientation);
    return develop(photo.sha256(), original, format, orientation).features();
  }

  /** The derived picture; made again if it was deleted. */
  public Path picture(PhotoFile photo, DerivedSize size) throws IOException {
    Path derived = home.derived(photo.sha256(), size.key());
    if (!Files.exists(derived)) {
      if (photo.exists()) {
        measure(photo);
      } else {
        BlankPrint.paint(photo.pixels(), size, derived);
      }
    }
    return derived;
  }

  /** The small picture for papers that others may see: blank where the photo is private. */
  public Path forShowing(PhotoFile photo, boolean secret) throws IOException {
    if (!secret) {
      return picture(photo, DerivedSize.SMALL);
    }
    Path blank = home.derived(photo.sha256(), "blank");
    if (!Files.exists(blank)) {
      BlankPrint.paint(photo.pixels(), DerivedSize.SMALL, blank);
    }
    return blank;
  }

  /**
   * A picture that goes into a document.
   *
   * @param upright how a point of the file, in shares of its width and height from its top left,
   *     comes to lie when it is turned upright
   */
  public record Printable(Path file, AffineTransform upright) {}

  /**
   * A picture to be printed: in all its pixels where documents take its file and it is no larger
   * than they hold; otherwise the large size.
   *
   * @param blank whether nothing of it is to be seen
   */
  public Printable forPrinting(PhotoFile photo, boolean blank) throws IOException {
    if (blank) {
      return new Printable(forShowing(photo, true), new AffineTransform());
    }
    Path original = home.original(photo.sha256(), photo.format());
    if (PhotoFormat.ofExtension(photo.format()).orElse(null) == PhotoFormat.JPEG
        && Files.size(original) <= MOST_PRINTED) {
      int orientation =
          PhotoHeader.said(original, PhotoFormat.JPEG, memory, PhotoHeader::orientation);
      return new Printable(original, UprightTurn.of(orientation, 1, 1));
    }
    return new Printable(picture(photo, DerivedSize.LARGE), new AffineTransform());
  }

  /** A picture to be shown: a file and its media type. */
  public record Shown(Path file, String mediaType) {}

  /** The picture in all its pixels, where browsers show its file; otherwise the large size. */
  public Shown whole(PhotoFile photo) throws IOException {
    PhotoFormat format = PhotoFormat.ofExtension(photo.format()).orElse(null);
    if (format != null && format.isDecodedByThePage()) {
      return new Shown(home.rendition(photo.sha256()), PhotoFormat.JPEG.mediaType());
    }
    if (format == null || !format.isShownByBrowsers()) {
      return new Shown(picture(photo, DerivedSize.LARGE), PhotoFormat.JPEG.mediaType());
    }
    return new Shown(home.original(photo.sha256(), photo.format()), format.mediaType());
  }
}
