package drumnest.server.intake;

import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;

/**
 * The memory set aside for pictures in many pixels. Whatever holds one passes here: as many at once
 * as there are processors and as fit, so that a large one is alone; who comes first goes first.
 */
@Component
class PictureMemory {

  private static final int MEGABYTE = 1 << 20;

  /** With the program itself, this much keeps the process under 512 MB. */
  private static final int MEGABYTES = 160;

  /** For more than this the heap first gives back what it does not need. */
  private static final int LARGE_MEGABYTES = 64;

  private final Semaphore busy = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
  private final Semaphore memory = new Semaphore(MEGABYTES, true);

  /** Something that holds pictures while it is done. */
  interface Work<T, E extends Exception> {
    T done() throws IOException, E;
  }

  /** Whether there is ever as much. */
  static boolean isEnoughFor(long bytes) {
    return bytes / MEGABYTE < MEGABYTES;
  }

  /**
   * Waits until there is room, and does it.
   *
   * @param bytes how many are held at most; no more than {@link #isEnoughFor} says
   */
  <T, E extends Exception> T with(long bytes, Work<T, E> work) throws IOException, E {
    if (!isEnoughFor(bytes)) {
      throw new IllegalArgumentException("There is no such memory: " + bytes);
    }
    int held = (int) (bytes / MEGABYTE) + 1;
    busy.acquireUninterruptibly();
    try {
      memory.acquireUninterruptibly(held);
      try {
        if (held > LARGE_MEGABYTES) {
          System.gc();
        }
        return work.done();
      } finally {
        memory.release(held);
      }
    } finally {
      busy.release();
    }
  }
}
