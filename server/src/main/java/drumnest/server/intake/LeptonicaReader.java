package drumnest.server.intake;

import static org.bytedeco.leptonica.global.leptonica.pixAlphaBlendUniform;
import static org.bytedeco.leptonica.global.leptonica.pixConvertTo32;
import static org.bytedeco.leptonica.global.leptonica.pixFlipLR;
import static org.bytedeco.leptonica.global.leptonica.pixRead;
import static org.bytedeco.leptonica.global.leptonica.pixReadJpeg;
import static org.bytedeco.leptonica.global.leptonica.pixRotateOrth;
import static org.bytedeco.leptonica.global.leptonica.pixScaleAreaMapToSize;
import static org.bytedeco.leptonica.global.leptonica.pixWriteJpeg;
import static org.bytedeco.leptonica.global.leptonica.setMsgSeverity;

import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.Map;
import org.bytedeco.leptonica.PIX;
import org.bytedeco.leptonica.global.leptonica;

/**
 * Reads with the native library Leptonica: JPEG files at a half, a quarter or an eighth of their
 * size where that is still large enough, then by area.
 */
final class LeptonicaReader implements PictureReader {

  private static final int WHITE = 0xffffff00;

  LeptonicaReader() {
    setMsgSeverity(leptonica.L_SEVERITY_NONE);
  }

  @Override
  public Sample derive(
      Path file, PhotoFormat format, PhotoHeader header, Map<DerivedSize, Path> targets)
      throws IOException {
    try (Pictures pictures = new Pictures()) {
      PIX whole = pictures.keep(read(file, format, header));
      if (whole.spp() == 4) {
        whole = pictures.keep(pixAlphaBlendUniform(whole, WHITE));
      }
      if (whole.d() != 8 || whole.colormap() != null) {
        whole = pictures.keep(pixConvertTo32(whole));
      }
      Map<DerivedSize, PIX> made = new EnumMap<>(DerivedSize.class);
      PIX large = pictures.keep(scaled(whole, header, DerivedSize.LARGE));
      made.put(DerivedSize.LARGE, upright(pictures, large, header.orientation()));
      PIX small = pictures.keep(scaled(large, header, DerivedSize.SMALL));
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
    if (format != PhotoFormat.JPEG) {
      return pixRead(file.toString());
    }
    int reduction = reduction(header);
    return pixReadJpeg(file.toString(), 0, reduction, (int[]) null, 0);
  }

  /** How many times smaller a JPEG file is read: as far as the large size allows. */
  private static int reduction(PhotoHeader header) {
    Pixels large = DerivedSize.LARGE.of(header.storedW(), header.storedH());
    int reduction = 1;
    while (reduction < 8
        && header.storedW() / (reduction * 2) >= large.w()
        && header.storedH() / (reduction * 2) >= large.h()) {
      reduction *= 2;
    }
    return reduction;
  }

  /** A whole picture twice, or a JPEG file as it is read with the passes of a progressive one. */
  @Override
  public long bytesHeld(PhotoFormat format, PhotoHeader header) {
    if (format != PhotoFormat.JPEG) {
      return 8 * header.pixels();
    }
    int reduction = reduction(header);
    return 5 * header.pixels() / (reduction * reduction) + header.passes();
  }

  private static PIX scaled(PIX from, PhotoHeader header, DerivedSize size) {
    Pixels target = size.of(header.storedW(), header.storedH());
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

  @Override
  public String description() {
    return "Leptonica, native";
  }

  /** The native pictures of one run, all freed at its end. */
  private static final class Pictures implements AutoCloseable {
    private final Deque<PIX> kept = new ArrayDeque<>();

    PIX keep(PIX picture) {
      if (picture == null || picture.isNull()) {
        throw new RefusedPhotoException("Its picture is damaged or cut short.");
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
