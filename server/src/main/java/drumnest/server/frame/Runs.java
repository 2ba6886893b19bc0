package drumnest.server.frame;

import drumnest.core.place.ProgressMonitor;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Things that take long while they run, by a name that the page gives them, so that it can ask how
 * far they are and stop them. A run that is stopped answers with the best so far. One that was
 * watched and is not any more has nobody to answer to: it is stopped, too.
 */
@Component
public class Runs {

  /** Longer than a page in the background goes without asking, which is a minute. */
  private static final Duration UNWATCHED = Duration.ofSeconds(90);

  private final Map<String, Run> running = new ConcurrentHashMap<>();
  private final Clock clock;

  Runs(Clock clock) {
    this.clock = clock;
  }

  /** One run. */
  private final class Run implements ProgressMonitor {
    private volatile long done;
    private volatile long of = 1;
    private volatile boolean stopped;
    private volatile @Nullable Instant asked;

    @Override
    public boolean goOn(long soFar, long all) {
      done = soFar;
      of = all;
      Instant last = asked;
      return !stopped && (last == null || clock.instant().isBefore(last.plus(UNWATCHED)));
    }

    private double progress() {
      asked = clock.instant();
      return Math.min(1, (double) done / Math.max(1, of));
    }
  }

  /** How far a run is, 0 to 1. */
  public Optional<Double> progress(String name) {
    return Optional.ofNullable(running.get(name)).map(Run::progress);
  }

  /** Stops a run; one that is not there has ended. */
  public void stop(String name) {
    Optional.ofNullable(running.get(name)).ifPresent(run -> run.stopped = true);
  }

  /**
   * Runs something.
   *
   * @param name what it is called; null for something that nobody watches
   */
  public <T> T run(@Nullable String name, Function<ProgressMonitor, T> what) {
    if (name == null) {
      return what.apply(ProgressMonitor.NONE);
    }
    Run run = new Run();
    running.put(name, run);
    try {
      return what.apply(run);
    } finally {
      running.remove(name, run);
    }
  }
}
