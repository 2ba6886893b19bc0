package drumnest.server.data;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/**
 * Goes back to a copy of the database. What was there before is set aside, never thrown away; the
 * photos are not touched. Run by {@code ./drumnest restore}.
 */
public final class RestoreDatabase {

  private static final String FILE = "drumnest.mv.db";

  private RestoreDatabase() {}

  /**
   * @param arguments the data folder; and, to take another copy than the newest, the name of one,
   *     or {@code list} to see which there are
   */
  public static void main(String[] arguments) {
    try {
      System.out.println(run(Path.of(arguments[0]), arguments.length > 1 ? arguments[1] : null));
    } catch (IOException e) {
      System.err.println(e.getMessage());
      System.exit(1);
    }
  }

  /** Restores or lists, and says what was done. */
  static String run(Path folder, @Nullable String which) throws IOException {
    List<Copies.Copy> copies = Copies.of(folder);
    if (copies.isEmpty()) {
      throw new IOException("There is no copy of a database in " + folder.resolve("backups") + ".");
    }
    if ("list".equals(which)) {
      StringBuilder list = new StringBuilder("Copies, the newest first:");
      copies.forEach(
          copy ->
              list.append("\n  ")
                  .append(copy.file().getFileName())
                  .append(", ")
                  .append(copy.said()));
      return list.toString();
    }
    Copies.Copy copy =
        copies.stream()
            .filter(each -> which == null || each.file().endsWith(which))
            .findFirst()
            .orElseThrow(
                () ->
                    new IOException(
                        "There is no copy “" + which + "”; “list” shows those there are."));
    Path database = folder.resolve(FILE);
    requireUnused(database);
    Path coming = folder.resolve("drumnest.coming.mv.db");
    unpack(copy.file(), coming);
    OwnerOnly.keep(coming);
    String aside = "";
    if (Files.exists(database)) {
      Path before =
          folder.resolve("drumnest.before-restore-" + System.currentTimeMillis() + ".mv.db");
      Files.move(database, before);
      aside = " What was there before is set aside as " + before.getFileName() + ".";
    }
    Files.move(coming, database, StandardCopyOption.ATOMIC_MOVE);
    return "The database is now that of " + copy.said() + "." + aside;
  }

  private static void requireUnused(Path database) throws IOException {
    if (!Files.exists(database)) {
      return;
    }
    try (FileChannel file = FileChannel.open(database, StandardOpenOption.WRITE);
        FileLock lock = file.tryLock()) {
      if (lock != null) {
        return;
      }
    } catch (OverlappingFileLockException usedHere) {
      // Told below.
    }
    throw new IOException("The data folder is in use. End that Drum Nest first.");
  }

  /** Takes the database out of a copy. */
  static void unpack(Path copy, Path to) throws IOException {
    try (ZipFile archive = new ZipFile(copy.toFile())) {
      ZipEntry entry = archive.getEntry(FILE);
      if (entry == null) {
        throw new IOException("There is no database in " + copy + ".");
      }
      try (InputStream in = archive.getInputStream(entry)) {
        Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }
}
