package drumnest.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** Folders that are there as long as the tests run. */
final class TemporaryFolder {

  private TemporaryFolder() {}

  /** An empty folder, deleted at the latest when all tests are through. */
  static Path create() throws IOException {
    Path folder = Files.createTempDirectory("drumnest-browser");
    Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folder)));
    return folder;
  }

  /** Deletes a folder with all that is in it, if it is there still. */
  static void delete(Path folder) {
    if (!Files.exists(folder)) {
      return;
    }
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
