package drumnest.server.intake;

import static org.bytedeco.leptonica.global.leptonica.pixConvertTo32;
import static org.bytedeco.leptonica.global.leptonica.pixFlipLR;
import static org.bytedeco.leptonica.global.leptonica.pixRead;
import static org.bytedeco.leptonica.global.leptonica.pixReadHeader;
import static org.bytedeco.leptonica.global.leptonica.pixReadJpeg;
import static org.bytedeco.leptonica.global.leptonica.pixRotateOrth;
import static org.bytedeco.leptonica.global.leptonica.pixScaleAreaMapToSize;
import static org.bytedeco.leptonica.global.leptonica.pixSetSpp;
import static org.bytedeco.leptonica.global.leptonica.pixWriteJpeg;
import static org.bytedeco.leptonica.global.leptonica.setMsgSeverity;

import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.Map;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.leptonica.PIX;
import org.bytedeco.leptonica.global.leptonica;

/**
 * Reads with the native library Leptonica: JPEG files at a half, a quarter or an eighth of their
 * size where that is still large enough, then by area.
 */
final class LeptonicaReader implements PictureReader {

  /** Bits of a pixel in memory: grey, and colour. */
  private static final int GREY = 8;

  private static final int COLOUR = 32;
  private static final int WORD = COLOUR / 8;

  private static final int WITH_TRANSPARENCY = 4;

  LeptonicaReader() {
    setMsgSeverity(leptonica.L_SEVERITY_NONE);
  }

  @Override
  public Frame frame(Path file, PhotoFormat format) throws IOException {
    int[] kind = new int[1];
    int[] w = new int[1];
    int[] h = new int[1];
    int[] bits = new int[1];
    int[] samples = new int[1];
    int[] mapped = new int[1];
    if (pixReadHeader(file.toString(), kind, w, h, bits, samples, mapped) != 0) {
      throw damaged();
    }
    if (format == PhotoFormat.JPEG) {
      long passes = JpegFrame.read(file).passes(w[0], h[0]);
      return new Frame(w[0], h[0], samples[0], samples[0] == 1 ? 1 : WORD, passes, 0);
    }
    // A picture with a map of colours is unpacked after it was read.
    long read = mapped[0] == 0 && samples[0] == 1 ? Math.max(1, bits[0] / 8) : WORD;
    return new Frame(w[0], h[0], samples[0], read, 0, TiffDirectories.block(file, format));
  }

  @Override
  public Sample derive(
      Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException {
    try (Pictures pictures = new Pictures()) {
      PIX whole = pictures.keep(read(file, format, header));
      requireSize(whole, format, header.frame());
      boolean mapped = whole.colormap() != null && !whole.colormap().isNull();
      if (mapped || (whole.d() != GREY && whole.d() != COLOUR)) {
        whole = pictures.keep(pixConvertTo32(whole));
      }
      if (whole.spp() == WITH_TRANSPARENCY) {
        layOnWhite(whole);
      }
      Map<DerivedSize, PIX> made = new EnumMap<>(DerivedSize.class);
      PIX large = pictures.keep(scaled(whole, header.frame(), DerivedSize.LARGE));
      made.put(DerivedSize.LARGE, upright(pictures, large, header.orientation()));
      PIX small = pictures.keep(scaled(large, header.frame(), DerivedSize.SMALL));
      made.put(DerivedSize.SMALL, upright(pictures, small, header.orientation()));
      for (Map.Entry<DerivedSize, PIX> size : made.entrySet()) {
        String target = targets.get(size.getKey()).toString();
        if (pixWriteJpeg(target, size.getValue(), size.getKey().quality(), 0) != 0) {
          throw new IOException("Could not write " + target);
        }
      }
      return sample(pictures.keep(pixConvertTo32(made.get(DerivedSize.SMALL))));
    }
  }

  private static PIX read(Path file, PhotoFormat format, PhotoHeader header) {
    return format == PhotoFormat.JPEG
        ? pixReadJpeg(file.toString(), 0, reduction(header.frame()), (int[]) null, 0)
        : pixRead(file.toString());
  }

  private static void requireSize(PIX read, PhotoFormat format, Frame frame) {
    int reduction = format == PhotoFormat.JPEG ? reduction(frame) : 1;
    frame.requireSize(reduction, read.w(), read.h());
  }

  /** Lays a picture with transparency on white, line by line where it lies in memory. */
  private static void layOnWhite(PIX picture) {
    int[] line = new int[picture.w()];
    IntPointer words = picture.data();
    for (int y = 0; y < picture.h(); y++) {
      words.position((long) y * picture.wpl()).get(line);
      for (int x = 0; x < line.length; x++) {
        line[x] = onWhite(line[x]);
      }
      words.put(line);
    }
    words.position(0);
    pixSetSpp(picture, 3);
  }

  /** A pixel of red, green, blue and how far it covers what lies below, eight bits each. */
  private static int onWhite(int pixel) {
    int covers = pixel & 0xff;
    if (covers == 0xff) {
      return pixel;
    }
    int red = onWhite(pixel >>> 24, covers);
    int green = onWhite(pixel >>> 16 & 0xff, covers);
    int blue = onWhite(pixel >>> 8 & 0xff, covers);
    return red << 24 | green << 16 | blue << 8 | 0xff;
  }

  private static int onWhite(int colour, int covers) {
    return 0xff - ((0xff - colour) * covers + 0x7f) / 0xff;
  }

  /** How many times smaller a JPEG file is read: as far as the large size allows. */
  private static int reduction(Frame frame) {
    Pixels large = DerivedSize.LARGE.of(frame.w(), frame.h());
    int reduction = 1;
    while (reduction < 8
        && frame.w() / (reduction * 2) >= large.w()
        && frame.h() / (reduction * 2) >= large.h()) {
      reduction *= 2;
    }
    return reduction;
  }

  /**
   * A JPEG file as it is read with what is held of its passes; of others the unpacked lines, the
   * picture made of them, and what is unpacked at once.
   */
  @Override
  public long bytesHeld(PhotoFormat format, Frame frame) {
    if (format != PhotoFormat.JPEG) {
      return 2 * frame.bytes() * frame.pixels() + frame.block();
    }
    int reduction = reduction(frame);
    return frame.bytes() * frame.pixels() / (reduction * reduction) + frame.passes();
  }

  private static PIX scaled(PIX from, Frame frame, DerivedSize size) {
    Pixels target = size.of(frame.w(), frame.h());
    return pixScaleAreaMapToSize(from, target.w(), target.h());
  }

  /** Turns a picture as its orientation says (source: CIPA DC-008). */
  private static PIX upright(Pictures pictures, PIX stored, int orientation) {
    int quarters =
        switch (orientation) {
          case 3, 4 -> 2;
          case 5, 6 -> 1;
          case 7, 8 -> 3;
          default -> 0;
        };
    PIX turned = quarters == 0 ? stored : pictures.keep(pixRotateOrth(stored, quarters));
    boolean mirrored = orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7;
    return mirrored ? pictures.keep(pixFlipLR(null, turned)) : turned;
  }

  private static Sample sample(PIX picture) {
    int w = picture.w();
    int[] words = new int[picture.wpl() * picture.h()];
    picture.data().get(words);
    for (int i = 0; i < words.length; i++) {
      words[i] >>>= 8;
    }
    return new Sample(words, w);
  }

  private static RefusedPhotoException damaged() {
    return new RefusedPhotoException("Its picture is damaged or cut short.");
  }

  @Override
  public String description() {
    return "Leptonica, native";
  }

  /** The native pictures of one run, all freed at its end. */
  private static final class Pictures implements AutoCloseable {
    private final Deque<PIX> kept = new ArrayDeque<>();

    PIX keep(PIX picture) {
      if (picture == null || picture.isNull()) {
        throw damaged();
      }
      kept.push(picture);
      return picture;
    }

    @Override
    public void close() {
      while (!kept.isEmpty()) {
        leptonica.pixDestroy(kept.pop());
      }
    }
  }
}
