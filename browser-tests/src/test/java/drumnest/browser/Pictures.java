package drumnest.browser;

import drumnest.server.demo.PhotoWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** Photo files for the tests: plain colours with a number of stripes. */
final class Pictures {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  private Pictures() {}

  /** Wide and upright ones in turn, seven minutes apart, {@code photo-00.jpg} and on. */
  static List<Path> many(Path folder, int count, int longSide) {
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      boolean wide = i % 2 == 0;
      int shortSide = longSide * 2 / 3;
      files.add(
          write(
              folder.resolve(String.format("photo-%02d.jpg", i)),
              wide ? longSide : shortSide,
              wide ? shortSide : longSide,
              i,
              NOON.plusMinutes(7L * i)));
    }
    return files;
  }

  static Path write(Path file, int w, int h, int number, LocalDateTime takenAt) {
    BufferedImage picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(Color.getHSBColor(number * 0.137f, 0.5f, 0.9f));
    g.fillRect(0, 0, w, h);
    g.setColor(Color.BLACK);
    for (int i = 0; i < 10; i++) {
      // None is without a bar: what shows nothing is blurred.
      if ((number + 1 >> i & 1) == 1) {
        g.fillRect(w * i / 10, h / 4, w / 14, h / 2);
      }
    }
    g.dispose();
    try {
      PhotoWriter.writeJpeg(picture, 1, PhotoWriter.Said.at(takenAt), file);
      return file;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Path text(Path file, String words) {
    try {
      return Files.writeString(file, words);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
