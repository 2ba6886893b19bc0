package drumnest.server.intake;

import drumnest.server.album.PhotoRegistrar;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import java.io.IOException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks at photos that came in with an earlier version, which measured less of them, one after the
 * other in the background.
 */
@Component
@Lazy(false)
class CatchUp {

  private static final Logger LOG = LoggerFactory.getLogger(CatchUp.class);

  private final Photos photos;
  private final ImageRenderer renderer;
  private final PhotoRegistrar registrar;

  CatchUp(Photos photos, @Lazy ImageRenderer renderer, PhotoRegistrar registrar) {
    this.photos = photos;
    this.renderer = renderer;
    this.registrar = registrar;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    List<PhotoEntity> unseen = photos.unseen();
    if (!unseen.isEmpty()) {
      Thread thread = new Thread(() -> unseen.forEach(this::see), "catch-up");
      thread.setDaemon(true);
      thread.start();
    }
  }

  private void see(PhotoEntity photo) {
    try {
      registrar.see(photo.sha256(), renderer.measure(photo.file()));
    } catch (IOException | RuntimeException e) {
      LOG.warn("The photo {} cannot be measured again: {}", photo.sha256(), e.getMessage());
    }
  }
}
