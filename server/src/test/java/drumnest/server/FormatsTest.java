package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Files of an independent encoder (libvips), in every format that is taken in. */
class FormatsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  static byte[] file(String name) throws IOException {
    try (InputStream in = FormatsTest.class.getResourceAsStream("/photos/" + name)) {
      return in.readAllBytes();
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "progressive.jpg",
        "print-colours.jpg",
        "picture.webp",
        "lossless.webp",
        "picture.tif",
        "jpeg-inside.tif",
        "sixteen-bit.tif",
        "sixteen-bit.png",
        "picture.gif"
      })
  void comes_in_with_its_size_and_colours(String name) throws IOException {
    String photo = SERVER.take(name, file(name)).is(200).json().get("photo").stringValue();
    JsonNode shown =
        SERVER.line().stream()
            .filter(each -> each.get("id").stringValue().equals(photo))
            .findFirst()
            .orElseThrow();
    assertThat(shown.at("/pixels/w").intValue()).isEqualTo(240);
    assertThat(shown.at("/pixels/h").intValue()).isEqualTo(160);
    BufferedImage picture = picture("/api/photos/" + photo + "/small");
    Color red = at(picture, 0.1, 0.1);
    assertThat(red.getRed()).isGreaterThan(red.getGreen() + 90).isGreaterThan(red.getBlue() + 90);
    Color green = at(picture, 0.9, 0.1);
    assertThat(green.getGreen()).isGreaterThan(green.getRed() + 60);
    Color blue = at(picture, 0.1, 0.9);
    assertThat(blue.getBlue()).isGreaterThan(blue.getRed() + 60);
    Color white = at(picture, 0.9, 0.9);
    assertThat(Math.min(white.getRed(), Math.min(white.getGreen(), white.getBlue())))
        .isGreaterThan(235);
  }

  @Test
  void a_grey_picture_stays_grey() throws IOException {
    String photo =
        SERVER.take("grey.jpg", file("grey.jpg")).is(200).json().get("photo").stringValue();
    Color corner = at(picture("/api/photos/" + photo + "/large"), 0.1, 0.9);
    assertThat(corner.getRed()).isEqualTo(corner.getBlue()).isEqualTo(corner.getGreen());
  }

  @ParameterizedTest
  @ValueSource(strings = {"progressive.jpg", "picture.webp", "sixteen-bit.tif"})
  void is_shown_in_all_its_pixels_as_an_image_that_browsers_know(String name) throws IOException {
    String photo = SERVER.take(name, file(name)).is(200).json().get("photo").stringValue();
    var answer = SERVER.get("/api/photos/" + photo + "/whole").is(200).response();
    assertThat(answer.headers().firstValue("Content-Type").orElseThrow())
        .isIn("image/jpeg", "image/webp");
    assertThat(answer.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
  }

  private static BufferedImage picture(String path) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(SERVER.get(path).is(200).bytes()));
  }

  private static Color at(BufferedImage picture, double x, double y) {
    return new Color(
        picture.getRGB((int) (x * picture.getWidth()), (int) (y * picture.getHeight())));
  }
}
