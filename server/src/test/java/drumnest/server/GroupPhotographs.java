package drumnest.server;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/**
 * Six photographs of groups of people, the sample pictures of the npm package {@code
 * @vladmandic/face-api}, which comes with the packages of the page.
 */
public final class GroupPhotographs {

  /** How many there are, numbered from 1. */
  public static final int COUNT = 6;

  private static final Path FOLDER = Path.of("../web/node_modules/@vladmandic/face-api/demo");

  private GroupPhotographs() {}

  public static Path file(int number) {
    return FOLDER.resolve("sample" + number + ".jpg");
  }

  public static byte[] bytes(int number) throws IOException {
    return Files.readAllBytes(file(number));
  }

  public static BufferedImage read(int number) throws IOException {
    return ImageIO.read(file(number).toFile());
  }
}
