package drumnest.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The room on the disk of the data folder. Photos leave some of it to the database, and each of
 * those coming in reserves what it will take, so that several at once do not count on the same
 * room; a step leaves what the database needs to end it and to tidy up.
 */
@Component
public class DiskSpace {

  private final Path folder;
  private final long leftByPhotos;
  private final long leftBySteps;
  private final AtomicLong reserved = new AtomicLong();

  DiskSpace(
      Home home,
      @Value("${drumnest.room-to-leave}") long leftByPhotos,
      @Value("${drumnest.room-for-steps}") long leftBySteps) {
    this.folder = home.folder();
    this.leftByPhotos = leftByPhotos << 20;
    this.leftBySteps = leftBySteps << 20;
  }

  private long usable() {
    try {
      return Files.getFileStore(folder).getUsableSpace();
    } catch (IOException unknown) {
      // What the disk does not tell is found out by writing.
      return Long.MAX_VALUE;
    }
  }

  /**
   * Reserves room for something that comes in, until it is closed.
   *
   * @param bytes how much it will take; more is reserved as it grows
   * @throws DiskFullException if there is not so much
   */
  public Reserved reserve(long bytes) {
    Reserved room = new Reserved();
    try {
      room.more(bytes);
    } catch (DiskFullException none) {
      room.close();
      throw none;
    }
    return room;
  }

  /** Room set aside for one thing that comes in. */
  public final class Reserved implements AutoCloseable {

    private long left;

    private Reserved() {}

    private void more(long bytes) {
      left += bytes;
      long all = reserved.addAndGet(bytes);
      if (usable() - all < leftByPhotos) {
        throw new DiskFullException();
      }
    }

    /**
     * So much of it has come in and lies on the disk.
     *
     * @throws DiskFullException if more came than was reserved and there is no room for it
     */
    public void used(long bytes) {
      if (bytes > left) {
        more(bytes - left);
      }
      left -= bytes;
      reserved.addAndGet(-bytes);
    }

    @Override
    public void close() {
      reserved.addAndGet(-left);
      left = 0;
    }
  }

  /**
   * Makes sure that a step can be kept, beside what is coming in.
   *
   * @throws DiskFullException if it cannot
   */
  public void requireForStep() {
    if (usable() - reserved.get() < leftBySteps) {
      throw new DiskFullException();
    }
  }

  /** Whether a failure comes of a full disk: says so itself, or there is no room for a step. */
  public boolean isCauseOf(Throwable failure) {
    for (@Nullable Throwable each = failure; each != null; each = each.getCause()) {
      if (isFull(each)) {
        return true;
      }
    }
    return usable() < leftBySteps;
  }

  /** Whether a failure of writing says that there is no room. */
  static boolean isFull(Throwable failure) {
    String reason = String.valueOf(failure.getMessage()).toLowerCase(Locale.ROOT);
    return failure instanceof DiskFullException
        || reason.contains("no space left")
        || reason.contains("not enough space")
        || reason.contains("quota exceeded");
  }
}
