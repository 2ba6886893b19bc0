package drumnest.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * The lock that keeps a data folder to one process: held before anything in the folder is made,
 * copied or opened, until the process has let go of all of it.
 *
 * <p>It is the lock of one file, {@code drumnest.lock}, which names the process that holds it and
 * stays when that has ended; the system lets go of the lock even of a process that was killed. A
 * process loses its lock on a file as soon as it closes that file anywhere (source: POSIX.1-2017,
 * fcntl, F_SETLK), so nothing else opens it: not even this class twice, which is why it remembers
 * what the process holds already.
 */
final class FolderLock implements AutoCloseable {

  static final String FILE = "drumnest.lock";
  private static final Set<Path> HELD_HERE = ConcurrentHashMap.newKeySet();

  /** A process number has at most 19 digits, and a file that says more was not written here. */
  private static final int LONGEST = 20;

  private final Path folder;
  private final FileChannel file;

  private FolderLock(Path folder, FileChannel file) {
    this.folder = folder;
    this.file = file;
  }

  /**
   * Locks a data folder, which is made if it is missing.
   *
   * @throws DataFolderException if another process has it, or if it cannot be written to
   * @throws UncheckedIOException if the disk is full
   */
  static FolderLock hold(Path folder) {
    try {
      Files.createDirectories(folder);
      Path real = folder.toRealPath();
      if (!HELD_HERE.add(real)) {
        throw inUse(real, ProcessHandle.current().pid());
      }
      @Nullable FolderLock lock = null;
      try {
        lock = lock(real);
        return lock;
      } finally {
        if (lock == null) {
          HELD_HERE.remove(real);
        }
      }
    } catch (IOException e) {
      if (DiskSpace.isFull(e)) {
        throw new UncheckedIOException(e);
      }
      throw new DataFolderException(
          "The data folder " + folder + " cannot be made or written to.",
          "See to it that it can, or name another folder with --data.");
    }
  }

  private static FolderLock lock(Path folder) throws IOException {
    Path path = folder.resolve(FILE);
    FileChannel file =
        FileChannel.open(
            path,
            StandardOpenOption.CREATE,
            StandardOpenOption.READ,
            StandardOpenOption.WRITE,
            LinkOption.NOFOLLOW_LINKS);
    @Nullable FileLock held = null;
    try {
      held = file.tryLock();
      if (held == null) {
        throw inUse(folder, holder(file));
      }
      file.truncate(0);
      file.write(
          ByteBuffer.wrap(
              String.valueOf(ProcessHandle.current().pid()).getBytes(StandardCharsets.US_ASCII)),
          0);
      return new FolderLock(folder, file);
    } finally {
      if (held == null) {
        file.close();
      }
    }
  }

  /** The process that the file names; null where it has not written that yet. */
  private static @Nullable Long holder(FileChannel file) throws IOException {
    ByteBuffer said = ByteBuffer.allocate(LONGEST);
    file.read(said, 0);
    try {
      return Long.valueOf(
          new String(said.array(), 0, said.position(), StandardCharsets.US_ASCII).strip());
    } catch (NumberFormatException none) {
      return null;
    }
  }

  private static DataFolderException inUse(Path folder, @Nullable Long process) {
    return new DataFolderException(
        "The data folder "
            + folder
            + " is in use by another Drum Nest"
            + (process == null ? "" : ", process " + process)
            + ". Nothing in it was changed.",
        "End that one first, or name another folder with --data.");
  }

  @Override
  public void close() {
    try {
      file.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      HELD_HERE.remove(folder);
    }
  }
}
