package drumnest.server.album;

import drumnest.core.album.Change;
import drumnest.core.album.Footprint;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListMap;
import org.springframework.stereotype.Component;

/** The footprints of the last steps of each album since the program was started. */
@Component
class RecentSteps {

  private static final int MOST_STEPS = 200;

  /** Steps that touch much, such as filling an album, are remembered for less long. */
  private static final int MOST_PARTS = 20_000;

  /** By album, and by the version that the step has made. */
  private final Map<Long, NavigableMap<Long, Footprint>> steps = new ConcurrentHashMap<>();

  void add(long album, long version, List<Change> changes) {
    NavigableMap<Long, Footprint> known =
        steps.computeIfAbsent(album, key -> new ConcurrentSkipListMap<>());
    known.put(version, Footprint.of(changes));
    while (known.size() > MOST_STEPS || known.size() > 1 && parts(known) > MOST_PARTS) {
      known.pollFirstEntry();
    }
  }

  /** Forgets what was done to an album that is not open any more. */
  void forget(long album) {
    steps.remove(album);
  }

  private static int parts(Map<Long, Footprint> steps) {
    return steps.values().stream()
        .mapToInt(each -> each.altered().size() + each.reliedOn().size())
        .sum();
  }

  /**
   * The footprint of what was done from one version of an album to another; nothing where that is
   * not known.
   */
  Optional<Footprint> between(long album, long seen, long now) {
    if (seen > now) {
      return Optional.empty();
    }
    Map<Long, Footprint> known =
        steps.getOrDefault(album, new ConcurrentSkipListMap<>()).subMap(seen, false, now, true);
    if (known.size() != now - seen) {
      return Optional.empty();
    }
    return Optional.of(Footprint.together(known.values()));
  }
}
