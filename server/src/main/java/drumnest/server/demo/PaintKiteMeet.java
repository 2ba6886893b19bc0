package drumnest.server.demo;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;

/** Paints the pictures of the kite meet into a folder, with a list of what must stay of each. */
public final class PaintKiteMeet {

  private static final String LIST = "shots.csv";

  private PaintKiteMeet() {}

  public static void main(String[] arguments) throws IOException {
    System.setProperty("java.awt.headless", "true");
    Path folder = Path.of(arguments[0]);
    Files.createDirectories(folder);
    List<Shot> shots = KiteMeet.shots();
    String edition = "# edition " + edition(shots);
    Path list = folder.resolve(LIST);
    if (Files.exists(list) && Files.readString(list).startsWith(edition + "\n")) {
      return;
    }
    List<String> lines = shots.parallelStream().map(shot -> paint(shot, folder)).toList();
    Files.writeString(list, edition + "\n" + String.join("\n", lines) + "\n");
  }

  /** Changes with the shots and with the code that paints them. */
  private static String edition(List<Shot> shots) throws IOException {
    long sum = shots.hashCode();
    for (Class<?> painter :
        List.of(
            ScenePainter.class,
            GroundPainter.class,
            KitePainter.class,
            Palette.class,
            PhotoWriter.class)) {
      try (var code = painter.getResourceAsStream(painter.getSimpleName() + ".class")) {
        sum = sum * 31 + (code == null ? 0 : Arrays.hashCode(code.readAllBytes()));
      }
    }
    return Long.toHexString(sum);
  }

  private static String paint(Shot shot, Path folder) {
    ScenePainter.Painted painted = ScenePainter.paint(shot);
    Path file = folder.resolve(shot.file());
    try {
      if (shot.file().endsWith(".png")) {
        ImageIO.write(painted.picture(), "png", file.toFile());
      } else {
        PhotoWriter.writeJpeg(painted.picture(), shot.orientation(), said(shot), file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Rectangle2D.Double keep = painted.keep();
    String box =
        keep == null
            ? ",,,"
            : String.format(
                Locale.ROOT,
                "%d,%d,%d,%d",
                (int) (keep.x * shot.w()),
                (int) (keep.y * shot.h()),
                Math.max(1, (int) (keep.width * shot.w())),
                Math.max(1, (int) (keep.height * shot.h())));
    return shot.file()
        + ","
        + box
        + ","
        + (shot.label().tableInches() == null ? "" : shot.label().tableInches());
  }

  private static PhotoWriter.Said said(Shot shot) {
    Shot.Camera camera = shot.camera();
    return camera == null
        ? PhotoWriter.Said.at(null)
        : new PhotoWriter.Said(
            shot.stamp(), camera.offset(), camera.make(), camera.model(), shot.label().stars());
  }
}
