package drumnest.server.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Remembers what was told of albums lately, by their revisions, so that only what differs needs to
 * be told. The least recently used is forgotten; who asks by it is told everything.
 */
public final class Revisions<V> {

  private record Of(long album, String revision) {}

  private final Cache<Of, V> told;

  /**
   * @param most how much is remembered
   * @param weight how much of it something told takes
   */
  public Revisions(long most, ToIntFunction<V> weight) {
    this.told =
        Caffeine.newBuilder()
            .maximumWeight(most)
            .weigher((Of of, V value) -> Math.max(1, weight.applyAsInt(value)))
            .build();
  }

  /** Tells what was told of a revision; null where that is not known any more, or none is named. */
  public @Nullable V at(long album, @Nullable String revision) {
    return revision == null ? null : told.getIfPresent(new Of(album, revision));
  }

  public void tell(long album, String revision, V value) {
    told.put(new Of(album, revision), value);
  }
}
