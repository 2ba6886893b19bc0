package drumnest.server.share;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/**
 * Counts wrong codes by the address they came from. Who gives too many is shut out until a while
 * after the last; everybody else, and the code itself, are not touched by that. No more than
 * {@value #MOST_ADDRESSES} addresses are remembered.
 */
final class Tries {

  static final int MOST = 5;
  static final Duration SHUT_OUT = Duration.ofMinutes(5);
  private static final int MOST_ADDRESSES = 4_096;

  private final Cache<String, Integer> wrong;

  Tries(Clock clock) {
    wrong =
        Caffeine.newBuilder()
            .maximumSize(MOST_ADDRESSES)
            .expireAfterWrite(SHUT_OUT)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  boolean isShutOut(String address) {
    Integer times = wrong.getIfPresent(address);
    return times != null && times >= MOST;
  }

  void wrong(String address) {
    wrong.asMap().merge(address, 1, Integer::sum);
  }

  void right(String address) {
    wrong.invalidate(address);
  }
}
