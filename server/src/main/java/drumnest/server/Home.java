package drumnest.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The one folder that holds everything: the database, the photos unchanged under their SHA-256, the
 * pictures derived from them (which may be deleted), and what is just coming in.
 */
@Component
public class Home {

  private final Path folder;

  public Home(@Value("${drumnest.home}") Path folder) {
    this.folder = folder.toAbsolutePath().normalize();
    try {
      Files.createDirectories(incoming());
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder " + this.folder + " cannot be used.", e);
    }
  }

  /** The folder itself. */
  public Path folder() {
    return folder;
  }

  /** Where files lie while they come in. */
  public Path incoming() {
    return folder.resolve("incoming");
  }

  public Path original(String sha256, String extension) {
    return folder
        .resolve("photos")
        .resolve(sha256.substring(0, 2))
        .resolve(sha256 + "." + extension);
  }

  public Path derived(String sha256, String size) {
    return folder
        .resolve("derived")
        .resolve(sha256.substring(0, 2))
        .resolve(sha256 + "-" + size + ".jpg");
  }

  /** Clears away what an end without a word left half come in. */
  public void emptyIncoming() throws IOException {
    try (Stream<Path> left = Files.list(incoming())) {
      for (Path file : left.toList()) {
        Files.deleteIfExists(file);
      }
    }
  }
}
