package drumnest.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/**
 * What the demo keeps, made once by starting it: taking in its photos takes longer than all else of
 * a start, so those that come after begin with a copy.
 */
final class DemoHome {

  private static final Path ONCE = make();

  private DemoHome() {}

  private static Path make() {
    try {
      Path home = TemporaryFolder.create();
      Process first =
          Packed.start(
              List.of("--server.port=0", "--drumnest.demo=true", "--drumnest.home=" + home));
      Packed.port(first);
      first.destroy();
      Packed.end(first);
      return home;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Copies it into an empty folder. */
  static void copyTo(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(ONCE)) {
      for (Path file : (Iterable<Path>) files::iterator) {
        Path copy = folder.resolve(ONCE.relativize(file));
        if (Files.isDirectory(file)) {
          Files.createDirectories(copy);
        } else {
          Files.copy(file, copy);
        }
      }
    }
  }
}
