package drumnest.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** Keeps files and folders to the one who owns them, where the file system can. */
final class OwnerOnly {

  private OwnerOnly() {}

  /**
   * Takes everybody else's rights away from what is there. Links are not followed.
   *
   * <p>For that the system opens the file and closes it again, which gives up whatever lock this
   * process has on it (source: POSIX.1-2017, fcntl): never on a database that is open.
   */
  static void keep(Path path) throws IOException {
    PosixFileAttributeView rights =
        Files.getFileAttributeView(path, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
    if (rights == null
        || Files.isSymbolicLink(path)
        || !Files.exists(path, LinkOption.NOFOLLOW_LINKS)) {
      return;
    }
    boolean folder = Files.isDirectory(path, LinkOption.NOFOLLOW_LINKS);
    rights.setPermissions(PosixFilePermissions.fromString(folder ? "rwx------" : "rw-------"));
  }
}
