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
    PixelFeatures features =
        reader
            .derive(path, format, PhotoHeader.read(path), targets)
            .features(List.of(), PhotoHeader.read(path).upright());
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
    byte[] file;
    try (var in = PictureReadersTest.class.getResourceAsStream("/photos/" + name)) {
      file = in.readAllBytes();
    }
    Derived nativeOne = derive(new LeptonicaReader(), file);
    Derived platformOne = derive(new ImageIoReader(), file);
    assertAlike(nativeOne.small(), platformOne.small());
    assertThat(nativeOne.features().light().mean())
        .isCloseTo(platformOne.features().light().mean(), within(4.0));
  }

  @Test
  void what_is_held_is_known_from_the_header() {
    PhotoHeader ordinary = new PhotoHeader(4000, 3000, 1, 3, 0);
    PhotoHeader inPasses = new PhotoHeader(4000, 3000, 1, 3, 36_000_000);
    for (PictureReader reader : new PictureReader[] {new LeptonicaReader(), new ImageIoReader()}) {
      long held = reader.bytesHeld(PhotoFormat.JPEG, ordinary);
      assertThat(held).isBetween(10_000_000L, 80_000_000L);
      assertThat(reader.bytesHeld(PhotoFormat.JPEG, inPasses)).isEqualTo(held + 36_000_000);
      assertThat(reader.bytesHeld(PhotoFormat.WEBP, ordinary)).isGreaterThan(40_000_000L);
    }
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
}
