package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import drumnest.server.TestPictures;
import drumnest.server.store.PixelFeatures;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The native reader and the platform's own see the same: either is a check on the other. */
class PictureReadersTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @TempDir Path folder;

  private record Derived(PixelFeatures features, BufferedImage small, BufferedImage large) {}

  private Derived derive(PictureReader reader, byte[] file) throws IOException {
    Path path = Files.write(folder.resolve("photo"), file);
    PhotoFormat format = PhotoFormat.of(path).orElseThrow();
    Map<DerivedSize, Path> targets = new EnumMap<>(DerivedSize.class);
    for (DerivedSize size : DerivedSize.values()) {
      targets.put(size, folder.resolve(reader.getClass().getSimpleName() + size + ".jpg"));
    }
    int orientation = PhotoHeader.said(path, format, new PictureMemory(), PhotoHeader::orientation);
    PhotoHeader header = new PhotoHeader(reader.frame(path, format), orientation);
    PixelFeatures features =
        reader.derive(path, format, header, targets).features(List.of(), header.upright());
    return new Derived(
        features,
        ImageIO.read(targets.get(DerivedSize.SMALL).toFile()),
        ImageIO.read(targets.get(DerivedSize.LARGE).toFile()));
  }

  @ParameterizedTest
  @CsvSource({
    "2000, 1500, 1",
    "2000, 1500, 2",
    "2000, 1500, 3",
    "2000, 1500, 4",
    "2000, 1500, 5",
    "2000, 1500, 6",
    "2000, 1500, 7",
    "2000, 1500, 8",
    "5000, 700, 6",
    "333, 777, 8",
    "40, 30, 5",
    "6400, 4800, 1"
  })
  void agree_on_every_orientation_and_size(int w, int h, int orientation) throws IOException {
    byte[] file = TestPictures.jpeg(w, h, orientation, NOON, w % 97);
    Derived nativeOne = derive(new LeptonicaReader(), file);
    Derived platformOne = derive(new ImageIoReader(), file);
    assertAlike(nativeOne.small(), platformOne.small());
    assertAlike(nativeOne.large(), platformOne.large());
    assertThat(nativeOne.small().getWidth() > nativeOne.small().getHeight()).isEqualTo(w > h);
    assertThat(nativeOne.features().whole().distance(platformOne.features().whole()))
        .isLessThanOrEqualTo(6);
  }

  private static void assertAlike(BufferedImage one, BufferedImage other) {
    assertThat(one.getWidth()).isEqualTo(other.getWidth());
    assertThat(one.getHeight()).isEqualTo(other.getHeight());
    for (double x = 0.05; x < 1; x += 0.3) {
      for (double y = 0.05; y < 1; y += 0.3) {
        Color a = at(one, x, y);
        Color b = at(other, x, y);
        assertThat(a.getRed()).isCloseTo(b.getRed(), within(25));
        assertThat(a.getGreen()).isCloseTo(b.getGreen(), within(25));
        assertThat(a.getBlue()).isCloseTo(b.getBlue(), within(25));
      }
    }
  }

  private static Color at(BufferedImage picture, double x, double y) {
    return new Color(
        picture.getRGB((int) (x * picture.getWidth()), (int) (y * picture.getHeight())));
  }

  private static byte[] file(String name) throws IOException {
    try (var in = PictureReadersTest.class.getResourceAsStream("/photos/" + name)) {
      return in.readAllBytes();
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "picture.webp",
        "lossless.webp",
        "picture.tif",
        "jpeg-inside.tif",
        "progressive.jpg"
      })
  void agree_on_every_format(String name) throws IOException {
    byte[] file = file(name);
    Derived nativeOne = derive(new LeptonicaReader(), file);
    Derived platformOne = derive(new ImageIoReader(), file);
    assertAlike(nativeOne.small(), platformOne.small());
    assertThat(nativeOne.features().light().mean())
        .isCloseTo(platformOne.features().light().mean(), within(4.0));
  }

  @Test
  void what_is_held_is_known_from_the_header() {
    Frame ordinary = new Frame(4000, 3000, 3, 4);
    Frame inPasses = new Frame(4000, 3000, 3, 4, 36_000_000, 0);
    for (PictureReader reader : new PictureReader[] {new LeptonicaReader(), new ImageIoReader()}) {
      long held = reader.bytesHeld(PhotoFormat.JPEG, ordinary);
      assertThat(held).isBetween(10_000_000L, 80_000_000L);
      assertThat(reader.bytesHeld(PhotoFormat.JPEG, inPasses)).isEqualTo(held + 36_000_000);
    }
    assertThat(new LeptonicaReader().bytesHeld(PhotoFormat.PNG, ordinary)).isEqualTo(96_000_000L);
    Frame deep = new Frame(4000, 3000, 4, 8);
    assertThat(new ImageIoReader().bytesHeld(PhotoFormat.TIFF, deep)).isEqualTo(108_000_000L);
    // Three bands of 16 MB and half of the picture each way, in colour.
    assertThat(new ImageIoReader().bytesHeld(PhotoFormat.PNG, deep))
        .isEqualTo((48L << 20) + 12_000_000);
  }

  @ParameterizedTest
  @CsvSource({
    "progressive.jpg, 3, true",
    "grey.jpg, 1, false",
    "picture.tif, 3, false",
    "sixteen-bit.tif, 3, false",
    "jpeg-inside.tif, 3, false",
    "sixteen-bit.png, 3, false",
    "picture.webp, 3, false",
    "lossless.webp, 3, false"
  })
  void agree_on_the_header_of_every_format(String name, int samples, boolean inPasses)
      throws IOException {
    Path path = Files.write(folder.resolve(name), file(name));
    PhotoFormat format = PhotoFormat.of(path).orElseThrow();
    Frame nativeOne = new LeptonicaReader().frame(path, format);
    Frame platformOne = new ImageIoReader().frame(path, format);
    assertThat(nativeOne.w()).isEqualTo(platformOne.w()).isGreaterThan(1);
    assertThat(nativeOne.h()).isEqualTo(platformOne.h()).isGreaterThan(1);
    assertThat(nativeOne.samples()).isEqualTo(samples);
    assertThat(nativeOne.passes() > 0).isEqualTo(inPasses);
  }

  @Test
  void what_is_transparent_lies_on_white() throws IOException {
    BufferedImage picture = new BufferedImage(90, 60, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < 60; y++) {
      for (int x = 0; x < 90; x++) {
        picture.setRGB(x, y, (x < 30 ? 0 : x < 60 ? 128 : 255) << 24 | 0x2040c0);
      }
    }
    byte[] file = TestPictures.png(picture);
    BufferedImage nativeOne = derive(new LeptonicaReader(), file).small();
    assertAlike(nativeOne, derive(new ImageIoReader(), file).small());
    assertThat(nativeOne.getRGB(10, 30) & 0xff0000).isGreaterThan(0xf00000);
    assertThat(new Color(nativeOne.getRGB(45, 30)).getRed()).isBetween(130, 155);
    assertThat(new Color(nativeOne.getRGB(80, 30)).getRed()).isBetween(20, 45);
  }

  @Test
  void neither_takes_a_picture_that_is_cut_short() {
    byte[] whole = TestPictures.jpeg(1500, 1000, 1, NOON, 3);
    byte[] half = Arrays.copyOf(whole, whole.length * 2 / 3);
    for (PictureReader reader : new PictureReader[] {new LeptonicaReader(), new ImageIoReader()}) {
      assertThatExceptionOfType(RefusedPhotoException.class)
          .as(reader.description())
          .isThrownBy(() -> derive(reader, half))
          .withMessageContaining("damaged");
    }
  }

  @Test
  void a_small_picture_is_never_made_larger() throws IOException {
    Derived derived = derive(new LeptonicaReader(), TestPictures.jpeg(120, 80, 1, NOON, 1));
    assertThat(derived.large().getWidth()).isEqualTo(120);
    assertThat(derived.small().getWidth()).isEqualTo(120);
  }

  @Test
  void a_thin_picture_keeps_at_least_a_pixel() {
    assertThat(DerivedSize.SMALL.of(100_000, 1).h()).isEqualTo(1);
    assertThat(DerivedSize.SMALL.of(100_000, 1).w()).isEqualTo(400);
    assertThat(DerivedSize.LARGE.of(1601, 1600).h()).isEqualTo(1599);
  }

  /** Of 27 megapixels, which are read in seven bands: their borders are seen nowhere. */
  @Test
  void bands_of_a_large_picture_join_without_a_border() throws IOException {
    BufferedImage picture = TestPictures.upright(6_001, 4_499, 170);
    byte[] file = TestPictures.png(picture);
    BufferedImage nativeOne = derive(new LeptonicaReader(), file).large();
    BufferedImage inBands = derive(new ImageIoReader(), file).large();
    assertAlike(nativeOne, inBands);
    int most = 0;
    for (int y = 2; y < inBands.getHeight() - 2; y++) {
      // A column through the white middle, where nothing is drawn.
      most =
          Math.max(most, 255 - new Color(inBands.getRGB(inBands.getWidth() / 2 + 9, y)).getRed());
    }
    assertThat(most).isLessThan(8);
  }
}
