package drumnest.server.album;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * One lock for each album. A step holds it until its transaction has committed and what it touched
 * is remembered, so that nobody meets the album between the two.
 */
@Component
class AlbumLocks {

  /** A lock is let go once nobody holds it or waits for it. */
  private final LoadingCache<Long, ReentrantLock> locks =
      Caffeine.newBuilder().weakValues().build(album -> new ReentrantLock());

  <T> T holding(long album, Supplier<T> what) {
    ReentrantLock lock = locks.get(album);
    lock.lock();
    try {
      return what.get();
    } finally {
      lock.unlock();
    }
  }
}
