package drumnest.server.album;

import drumnest.core.album.AlbumModel;
import drumnest.server.data.WorkAfterStart;
import jakarta.annotation.PreDestroy;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads the album that was worked at last once Drum Nest is up, and measures what is in its slots,
 * so that a large one is there when its page asks for it.
 */
@Component
@Lazy(false)
class ReadAhead {

  private static final Logger LOG = LoggerFactory.getLogger(ReadAhead.class);

  private final StoredAlbum stored;
  private final OpenAlbums albums;
  private final WorkAfterStart reading = new WorkAfterStart();

  ReadAhead(StoredAlbum stored, OpenAlbums albums) {
    this.stored = stored;
    this.albums = albums;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    reading.begin("read-ahead", this::read);
  }

  @PreDestroy
  void end() {
    reading.end();
  }

  private void read() {
    try {
      stored.lastWorkedAt().map(albums::open).ifPresent(ReadAhead::workOut);
    } catch (RuntimeException e) {
      // Whoever asks for it is told what is the matter.
      LOG.debug("The album that was worked at last cannot be read ahead.", e);
    }
  }

  /** Tells what its page shows at first, and what is kept with the album once it is worked out. */
  private static void workOut(AlbumModel album) {
    album.leaves().leaves().forEach(album::summary);
    album.stackOf();
  }
}
