package drumnest.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The one folder that holds everything: the database and copies of it, the photos unchanged under
 * their SHA-256, the pictures derived from them (which may be deleted), and what is just coming in.
 * It is locked, and kept to its owner, before this is asked for anything ({@link
 * DataFolderOpening}).
 */
@Component
public class Home {

  private static final Logger LOG = LoggerFactory.getLogger(Home.class);

  /** The name of the database's file. */
  static final String DATABASE = "drumnest.mv.db";

  private final Path folder;

  public Home(@Value("${drumnest.home}") Path folder) {
    this.folder = folder.toAbsolutePath().normalize();
    try {
      Files.createDirectories(this.folder);
      makeWayForIncoming();
      for (Path each : List.of(incoming(), photos(), folder("derived"), backups())) {
        Files.createDirectories(each);
        OwnerOnly.keep(each);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder " + this.folder + " cannot be used.", e);
    }
  }

  private void makeWayForIncoming() throws IOException {
    if (!Files.isDirectory(incoming(), LinkOption.NOFOLLOW_LINKS)) {
      Files.deleteIfExists(incoming());
    }
  }

  private Path folder(String name) {
    return folder.resolve(name);
  }

  /** The folder itself. */
  public Path folder() {
    return folder;
  }

  /** The file of the database. */
  Path database() {
    return database(folder);
  }

  /** The file of the database in a data folder. */
  static Path database(Path folder) {
    return folder.resolve(DATABASE);
  }

  /** Where copies of the database lie. */
  Path backups() {
    return folder.resolve("backups");
  }

  private Path photos() {
    return folder.resolve("photos");
  }

  /** Whether any photo lies in the folder. */
  public boolean hasPhotos() {
    return hasPhotos(photos());
  }

  static boolean hasPhotos(Path photos) {
    if (!Files.isDirectory(photos)) {
      return false;
    }
    try (var files = Files.walk(photos, 2)) {
      return files.anyMatch(Files::isRegularFile);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Where files lie while they come in. */
  public Path incoming() {
    return folder.resolve("incoming");
  }

  public Path original(String sha256, String extension) {
    return photos().resolve(sha256.substring(0, 2)).resolve(sha256 + "." + extension);
  }

  /** The picture of a photo whose file is decoded by the page only; kept like the file. */
  public Path rendition(String sha256) {
    return original(sha256, "rendition.jpg");
  }

  public Path derived(String sha256, String size) {
    return folder
        .resolve("derived")
        .resolve(sha256.substring(0, 2))
        .resolve(sha256 + "-" + size + ".jpg");
  }

  /**
   * Clears away what an end without a word left half come in. Links are taken away, not followed;
   * what cannot be taken away stays and is said.
   */
  public void emptyIncoming() throws IOException {
    Path incoming = incoming();
    Files.walkFileTree(
        incoming,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            takeAway(file);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult visitFileFailed(Path file, IOException failure) {
            takeAway(file);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult postVisitDirectory(Path left, @Nullable IOException failure) {
            if (!left.equals(incoming)) {
              takeAway(left);
            }
            return FileVisitResult.CONTINUE;
          }
        });
  }

  private static void takeAway(Path left) {
    try {
      Files.deleteIfExists(left);
    } catch (IOException e) {
      LOG.warn("{} is left over and cannot be taken away: {}", left, e.getMessage());
    }
  }
}
