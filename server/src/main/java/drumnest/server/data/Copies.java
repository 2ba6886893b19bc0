package drumnest.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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

  /** What to do where the database is lost. */
  static String wayBack(Path folder) {
    return of(folder).stream()
        .findFirst()
        .map(
            newest ->
                "Go back to the newest good copy, of "
                    + newest.said()
                    + ", with: ./drumnest restore --data \""
                    + folder
                    + "\"")
        .orElse(
            "There is no copy of the database. Put back one of your own, or move the folder away"
                + " and bring its photos in again.");
  }
}
