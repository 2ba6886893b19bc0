package drumnest.server.album;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * One lock for each album. A step holds it until its transaction has committed and what it touched
 * is remembered, so that nobody meets the album between the two.
 */
@Component
class AlbumLocks {

  private final Map<Long, ReentrantLock> locks = new ConcurrentHashMap<>();

  <T> T holding(long album, Supplier<T> what) {
    ReentrantLock lock = locks.computeIfAbsent(album, key -> new ReentrantLock());
    lock.lock();
    try {
      return what.get();
    } finally {
      lock.unlock();
    }
  }
}
