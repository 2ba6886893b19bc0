package drumnest.server.share;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Counts wrong codes by the address they came from. Who gives too many is shut out for a while;
 * everybody else, and the code itself, are not touched by that. Of all addresses the latest {@value
 * #MOST_ADDRESSES} are remembered. Not safe for several threads at once.
 */
final class Tries {

  static final int MOST = 5;
  static final Duration SHUT_OUT = Duration.ofMinutes(5);
  private static final int MOST_ADDRESSES = 4_096;

  private final Clock clock;
  private final Map<String, Wrong> wrong =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Wrong> eldest) {
          return size() > MOST_ADDRESSES;
        }
      };

  private record Wrong(int count, Instant last) {}

  Tries(Clock clock) {
    this.clock = clock;
  }

  boolean isShutOut(String address) {
    Wrong so = wrong.get(address);
    if (so != null && clock.instant().isAfter(so.last().plus(SHUT_OUT))) {
      wrong.remove(address);
      return false;
    }
    return so != null && so.count() >= MOST;
  }

  void wrong(String address) {
    Wrong so = wrong.remove(address);
    wrong.put(address, new Wrong(so == null ? 1 : so.count() + 1, clock.instant()));
  }

  void right(String address) {
    wrong.remove(address);
  }
}
