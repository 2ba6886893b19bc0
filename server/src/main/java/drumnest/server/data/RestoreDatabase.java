package drumnest.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Goes back to a copy of the database. What was there before is set aside, never thrown away; the
 * photos are not touched. Run by {@code ./drumnest restore}.
 */
public final class RestoreDatabase {

  private RestoreDatabase() {}

  /**
   * @param arguments the data folder; and, to take another copy than the newest, the name of one,
   *     or {@code list} to see which there are
   */
  public static void main(String[] arguments) {
    try {
      System.out.println(run(Path.of(arguments[0]), arguments.length > 1 ? arguments[1] : null));
    } catch (DataFolderException e) {
      System.err.println(e.getMessage() + "\n" + e.whatToDo());
      System.exit(1);
    } catch (IOException e) {
      System.err.println(e.getMessage());
      System.exit(1);
    }
  }

  /**
   * Restores or lists, and says what was done.
   *
   * @throws DataFolderException if the folder is in use
   * @throws IOException if there is no such copy, or if it is damaged; the next one is named then
   */
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
                  .append(copy.name())
                  .append(", ")
                  .append(copy.said())
                  .append(copy.isGood() ? "" : " (damaged)"));
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
    FolderLock held = FolderLock.hold(folder);
    try {
      if (!copy.isGood()) {
        throw damaged(copy, copies);
      }
      return "The database is now that of " + copy.said() + "." + restore(folder, copy);
    } finally {
      held.close();
    }
  }

  private static IOException damaged(Copies.Copy copy, List<Copies.Copy> copies) {
    Optional<Copies.Copy> next =
        copies.stream()
            .filter(each -> each.madeAt().isBefore(copy.madeAt()))
            .filter(Copies.Copy::isGood)
            .findFirst()
            .or(() -> Copies.newestGood(copies));
    return new IOException(
        "The copy of "
            + copy.said()
            + " is damaged. Nothing was changed. "
            + next.map(
                    good ->
                        "The next good one is of "
                            + good.said()
                            + "; go back to it with its name, "
                            + good.name()
                            + ", behind the folder.")
                .orElse("There is no other good one."));
  }

  /**
   * Puts a copy in the place of the database; the folder is locked.
   *
   * @return what to say of what was there before
   */
  private static String restore(Path folder, Copies.Copy copy) throws IOException {
    Path database = Home.database(folder);
    Path coming = folder.resolve("drumnest.coming.mv.db");
    Copies.unpack(copy.file(), coming);
    OwnerOnly.keep(coming);
    String aside = "";
    if (Files.exists(database)) {
      Path before =
          folder.resolve("drumnest.before-restore-" + System.currentTimeMillis() + ".mv.db");
      Files.move(database, before);
      aside = " What was there before is set aside as " + before.getFileName() + ".";
    }
    Files.move(coming, database, StandardCopyOption.ATOMIC_MOVE);
    return aside;
  }
}
