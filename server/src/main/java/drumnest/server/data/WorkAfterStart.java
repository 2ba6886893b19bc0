package drumnest.server.data;

import java.time.Duration;
import org.jspecify.annotations.Nullable;

/**
 * Work that goes on beside all else once the program has started, on a thread of its own. Whoever
 * begins it ends it when the program does, and before the database is closed: a connection that is
 * still in use keeps that open, longer than the data folder is locked. Nobody interrupts it, for
 * that would close the database's file under others.
 */
public final class WorkAfterStart {

  /** Longer than any piece of it lasts. */
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  private volatile boolean ending;
  private volatile @Nullable Thread thread;

  /** Begins the work; where it takes long it asks {@link #isEnding} after each piece. */
  public void begin(String name, Runnable work) {
    Thread beside = new Thread(work, name);
    beside.setDaemon(true);
    thread = beside;
    beside.start();
  }

  public boolean isEnding() {
    return ending;
  }

  /** Has it end, and waits until it has. */
  public void end() {
    ending = true;
    Thread beside = thread;
    if (beside != null) {
      try {
        beside.join(PATIENCE.toMillis());
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
