package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.intake.UprightTurn;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What PDFBox draws of a picture in four colours, stored in each of the eight orientations. */
class FacePictureTest {

  /** Left to right, then the row below: upright. */
  private static final Color[] QUARTERS = {Color.RED, Color.GREEN, Color.BLUE, Color.YELLOW};

  private static final int W = 60;
  private static final int H = 40;

  @TempDir Path folder;

  private static Color quarter(double x, double y) {
    return QUARTERS[(x < 0.5 ? 0 : 1) + (y < 0.5 ? 0 : 2)];
  }

  /** The picture as it is stored, with each pixel where its orientation has it. */
  private Path stored(int orientation) throws IOException {
    boolean swaps = UprightTurn.swapsSides(orientation);
    BufferedImage image =
        new BufferedImage(swaps ? H : W, swaps ? W : H, BufferedImage.TYPE_INT_RGB);
    AffineTransform upright = UprightTurn.of(orientation, image.getWidth(), image.getHeight());
    for (int x = 0; x < image.getWidth(); x++) {
      for (int y = 0; y < image.getHeight(); y++) {
        double[] to = {x + 0.5, y + 0.5};
        upright.transform(to, 0, to, 0, 1);
        image.setRGB(x, y, quarter(to[0] / W, to[1] / H).getRGB());
      }
    }
    Path file = folder.resolve("stored-" + orientation + ".png");
    ImageIO.write(image, "png", file.toFile());
    return file;
  }

  private BufferedImage drawn(FacePicture picture) throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(100, 100));
      document.addPage(page);
      try (PDPageContentStream out = new PDPageContentStream(document, page)) {
        picture.paint(document, out, 20, 20, 60, 60);
      }
      return new PDFRenderer(document).renderImage(0);
    }
  }

  private static Color at(BufferedImage page, int x, int y) {
    return new Color(page.getRGB(x, y));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void whole_it_stands_upright_whatever_way_it_is_stored(int orientation) throws IOException {
    FacePicture picture =
        new FacePicture(
            stored(orientation),
            UprightTurn.of(orientation, 1, 1),
            0,
            0,
            1,
            1,
            false,
            FacePicture.Share.ALL,
            List.of());
    BufferedImage page = drawn(picture);
    assertThat(at(page, 30, 30)).isEqualTo(Color.RED);
    assertThat(at(page, 70, 30)).isEqualTo(Color.GREEN);
    assertThat(at(page, 30, 70)).isEqualTo(Color.BLUE);
    assertThat(at(page, 70, 70)).isEqualTo(Color.YELLOW);
    assertThat(at(page, 10, 50)).isEqualTo(Color.WHITE);
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 6})
  void a_part_fills_the_box_and_a_quarter_turn_to_the_right_has_its_head_there(int orientation)
      throws IOException {
    AffineTransform upright = UprightTurn.of(orientation, 1, 1);
    BufferedImage page =
        drawn(
            new FacePicture(
                stored(orientation),
                upright,
                0.5,
                0,
                0.5,
                0.5,
                false,
                FacePicture.Share.ALL,
                List.of()));
    assertThat(at(page, 25, 25)).isEqualTo(Color.GREEN);
    assertThat(at(page, 75, 75)).isEqualTo(Color.GREEN);
    BufferedImage turned =
        drawn(
            new FacePicture(
                stored(orientation), upright, 0, 0, 1, 1, true, FacePicture.Share.ALL, List.of()));
    // The head at the right: what was at the top left is at the top right.
    assertThat(at(turned, 70, 30)).isEqualTo(Color.RED);
    assertThat(at(turned, 70, 70)).isEqualTo(Color.GREEN);
    assertThat(at(turned, 30, 30)).isEqualTo(Color.BLUE);
  }

  @Test
  void on_a_card_it_fills_its_paper_only_and_what_must_not_be_seen_is_white() throws IOException {
    FacePicture.Share right = new FacePicture.Share(0.5, 0, 0.5, 1);
    FacePicture.Share head = new FacePicture.Share(0, 0, 1, 0.5);
    BufferedImage page =
        drawn(
            new FacePicture(
                stored(1), new AffineTransform(), 0, 0, 1, 1, false, right, List.of(head)));
    // Nothing on the left half; above white, below the lower row of the picture.
    assertThat(at(page, 30, 70)).isEqualTo(Color.WHITE);
    assertThat(at(page, 60, 30)).isEqualTo(Color.WHITE);
    assertThat(at(page, 55, 70)).isEqualTo(Color.BLUE);
    assertThat(at(page, 75, 70)).isEqualTo(Color.YELLOW);
  }
}
