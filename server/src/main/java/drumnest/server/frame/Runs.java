package drumnest.server.frame;

import drumnest.core.place.ProgressMonitor;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Things that take long while they run, by a name that the page gives them, so that it can ask how
 * far they are and stop them. A run that is stopped answers with the best so far.
 */
@Component
public class Runs {

  private final Map<String, Run> running = new ConcurrentHashMap<>();

  /** One run. */
  private static final class Run implements ProgressMonitor {
    private volatile long done;
    private volatile long of = 1;
    private volatile boolean stopped;

    @Override
    public boolean goOn(long soFar, long all) {
      done = soFar;
      of = all;
      return !stopped;
    }
  }

  /** How far a run is, 0 to 1. */
  public Optional<Double> progress(String name) {
    return Optional.ofNullable(running.get(name))
        .map(run -> Math.min(1, (double) run.done / Math.max(1, run.of)));
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
