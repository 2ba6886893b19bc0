package drumnest.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.photo.Pixels;
import drumnest.core.photo.Quad;
import drumnest.server.GroupPhotographs;
import drumnest.server.TableScene;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SnapStraightenerTest {

  private static final Pixels SNAP = new Pixels(TableScene.W, TableScene.H);

  @TempDir Path folder;

  /** A photograph cut to 6 × 4. */
  private static BufferedImage photograph(int number) throws IOException {
    BufferedImage whole = GroupPhotographs.read(number);
    return whole.getSubimage(0, 0, whole.getWidth(), whole.getWidth() * 2 / 3);
  }

  private Path snap(BufferedImage picture) throws IOException {
    Path file = folder.resolve("snap.png");
    ImageIO.write(TableScene.snap(picture), "png", file.toFile());
    return file;
  }

  private static void assertNear(Quad found, Quad there) {
    for (int i = 0; i < 4; i++) {
      assertThat(found.corners().get(i).x()).isCloseTo(there.corners().get(i).x(), within(6.0));
      assertThat(found.corners().get(i).y()).isCloseTo(there.corners().get(i).y(), within(6.0));
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6})
  void print_and_card_are_found(int number) throws IOException {
    List<Quad> found = SnapStraightener.find(snap(photograph(number)), SNAP);
    assertNear(found.get(0), TableScene.print());
    assertThat(found).anySatisfy(quad -> assertNear(quad, TableScene.card()));
  }

  /** The mean brightness of each sixth of a picture, two rows of three. */
  private static double[] sixths(BufferedImage picture) {
    BufferedImage small = new BufferedImage(300, 200, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D graphics = small.createGraphics();
    graphics.drawImage(
        picture.getScaledInstance(300, 200, java.awt.Image.SCALE_AREA_AVERAGING), 0, 0, null);
    graphics.dispose();
    double[] sums = new double[6];
    for (int y = 0; y < 200; y++) {
      for (int x = 0; x < 300; x++) {
        sums[y / 100 * 3 + x / 100] += small.getRaster().getSample(x, y, 0) / 10_000.0;
      }
    }
    return sums;
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6})
  void a_print_is_cut_out_straight_and_lit_as_its_photograph_is(int number) throws IOException {
    BufferedImage photograph = photograph(number);
    Path to = folder.resolve("straight.jpg");
    SnapStraightener.straighten(snap(photograph), SNAP, TableScene.print(), 1.5, to);
    BufferedImage straight = ImageIO.read(to.toFile());
    assertThat((double) straight.getWidth() / straight.getHeight()).isCloseTo(1.5, within(0.01));
    double[] before = sixths(photograph);
    double[] after = sixths(straight);
    // The lamp takes a fifth from the left to the right of the print, which is evened.
    double factor = (after[1] + after[4]) / (before[1] + before[4]);
    for (int i = 0; i < 6; i++) {
      assertThat(after[i] / factor).isCloseTo(before[i], within(0.05 * before[i] + 1));
    }
  }

  @Test
  void at_the_edge_of_the_snap_the_light_stays_as_it_is() throws IOException {
    BufferedImage grey = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 600; y++) {
      for (int x = 0; x < 900; x++) {
        grey.setRGB(x, y, 0x010101 * (60 + x / 9));
      }
    }
    Path file = folder.resolve("edge.png");
    ImageIO.write(grey, "png", file.toFile());
    Quad all =
        new Quad(
            new Quad.Corner(0, 0),
            new Quad.Corner(900, 0),
            new Quad.Corner(900, 600),
            new Quad.Corner(0, 600));
    Path to = folder.resolve("straight.jpg");
    SnapStraightener.straighten(file, new Pixels(900, 600), all, 1.5, to);
    BufferedImage straight = ImageIO.read(to.toFile());
    assertThat(straight.getRGB(5, 300) & 0xff).isCloseTo(60, within(3));
    assertThat(straight.getRGB(895, 300) & 0xff).isCloseTo(159, within(3));
  }
}
