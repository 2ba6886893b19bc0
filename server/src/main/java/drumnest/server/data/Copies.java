package drumnest.server.data;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/**
 * The copies of the database that lie beside it: archives (ZIP) as the database writes them, named
 * by when they were made.
 */
final class Copies {

  private static final String FOLDER = "backups";
  private static final DateTimeFormatter NAME =
      DateTimeFormatter.ofPattern("'drumnest-'yyyy-MM-dd'T'HHmmss'.zip'", Locale.ROOT);
  private static final DateTimeFormatter SAID =
      DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH);

  private Copies() {}

  /** One copy. */
  record Copy(Path file, LocalDateTime madeAt) {
    String said() {
      return SAID.format(madeAt);
    }

    Path name() {
      return file.getFileName();
    }

    /** Whether it can be gone back to; it is opened to see that. */
    boolean isGood() {
      try {
        requireGood(file);
        return true;
      } catch (IOException damaged) {
        return false;
      }
    }
  }

  static Path nameOf(Path folder, LocalDateTime now) {
    return folder.resolve(FOLDER).resolve(NAME.format(now));
  }

  /** All copies in a data folder, the newest first. */
  static List<Copy> of(Path folder) {
    Path copies = folder.resolve(FOLDER);
    if (!Files.isDirectory(copies)) {
      return List.of();
    }
    try (var files = Files.list(copies)) {
      return files
          .map(Copies::copy)
          .flatMap(Optional::stream)
          .sorted(Comparator.comparing(Copy::madeAt).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Optional<Copy> copy(Path file) {
    @Nullable Path name = file.getFileName();
    try {
      return name == null
          ? Optional.empty()
          : Optional.of(new Copy(file, LocalDateTime.parse(name.toString(), NAME)));
    } catch (DateTimeParseException other) {
      return Optional.empty();
    }
  }

  /** The newest of the copies that can be gone back to. */
  static Optional<Copy> newestGood(List<Copy> copies) {
    return copies.stream().filter(Copy::isGood).findFirst();
  }

  /** Tells what to do where the database is lost. */
  static String wayBack(Path folder) {
    List<Copy> copies = of(folder);
    return newestGood(copies)
        .map(
            good ->
                "Go back to the newest good copy, of "
                    + good.said()
                    + ", with: ./drumnest restore --data \""
                    + folder
                    + "\""
                    + (good.equals(copies.get(0)) ? "" : " " + good.name()))
        .orElse(
            "There is no good copy of the database. Put back one of your own, or move the folder"
                + " away and bring its photos in again.");
  }

  /**
   * Opens a copy, taken out into a folder of its own beside it, to see whether there are albums.
   *
   * @throws IOException if it is damaged or there is none
   */
  static void requireGood(Path copy) throws IOException {
    Path trial = Files.createTempDirectory(copy.toAbsolutePath().getParent(), "trial");
    try {
      unpack(copy, trial.resolve(Home.DATABASE));
      String database = Home.DATABASE.replace(".mv.db", "");
      try (Connection connection =
              DriverManager.getConnection(
                  "jdbc:h2:file:" + trial.resolve(database) + ";IFEXISTS=TRUE", "drumnest", "");
          Statement statement = connection.createStatement();
          ResultSet albums = statement.executeQuery("select count(*) from album")) {
        if (!albums.next() || albums.getLong(1) == 0) {
          throw new IOException("There is no album in it.");
        }
      } catch (SQLException damaged) {
        throw new IOException("Its database cannot be opened.", damaged);
      }
    } finally {
      try (var files = Files.list(trial)) {
        for (Path file : files.toList()) {
          Files.deleteIfExists(file);
        }
      }
      Files.deleteIfExists(trial);
    }
  }

  /**
   * Takes the database out of a copy.
   *
   * @throws IOException if the archive is damaged, or there is none in it
   */
  static void unpack(Path copy, Path to) throws IOException {
    try (ZipFile archive = new ZipFile(copy.toFile())) {
      ZipEntry entry = archive.getEntry(Home.DATABASE);
      if (entry == null) {
        throw new IOException("There is no database in " + copy + ".");
      }
      try (InputStream in = archive.getInputStream(entry)) {
        Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }
}
