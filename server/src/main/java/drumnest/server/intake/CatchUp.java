package drumnest.server.intake;

import drumnest.server.album.PhotoRegistrar;
import drumnest.server.data.WorkAfterStart;
import drumnest.server.store.PhotoEntity;
import drumnest.server.store.Photos;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks at photos that came in with an earlier version, which measured less of them or found no
 * faces, one after the other in the background.
 */
@Component
@Lazy(false)
public class CatchUp {

  private static final Logger LOG = LoggerFactory.getLogger(CatchUp.class);

  private final Photos photos;
  private final ImageRenderer renderer;
  private final PhotoRegistrar registrar;
  private final AtomicInteger done = new AtomicInteger();
  private volatile int total;
  private final WorkAfterStart catchingUp = new WorkAfterStart();

  CatchUp(Photos photos, @Lazy ImageRenderer renderer, PhotoRegistrar registrar) {
    this.photos = photos;
    this.renderer = renderer;
    this.registrar = registrar;
  }

  /**
   * How far it has come.
   *
   * @param done how many photos were looked at since the start
   * @param total of how many
   */
  public record Progress(int done, int total) {}

  public Progress progress() {
    return new Progress(done.get(), total);
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    List<PhotoEntity> unseen = photos.unseen();
    List<PhotoEntity> faceless =
        photos.toLookAtAgain().stream().filter(PhotoEntity::isSeen).toList();
    total = unseen.size() + faceless.size();
    if (total > 0) {
      catchingUp.begin(
          "catch-up",
          () -> {
            unseen.forEach(photo -> look(photo, this::see));
            faceless.forEach(photo -> look(photo, this::find));
          });
    }
  }

  @PreDestroy
  void end() {
    catchingUp.end();
  }

  /** The work that is done with a photo; that it fails is no reason not to go on with the next. */
  private interface Looking {
    void at(PhotoEntity photo) throws IOException;
  }

  private void look(PhotoEntity photo, Looking looking) {
    if (catchingUp.isEnding()) {
      return;
    }
    try {
      looking.at(photo);
    } catch (IOException | RuntimeException e) {
      LOG.warn("The photo {} cannot be measured again: {}", photo.sha256(), e.getMessage());
    }
    done.incrementAndGet();
  }

  private void see(PhotoEntity photo) throws IOException {
    registrar.see(photo.sha256(), renderer.measure(photo.file()));
  }

  private void find(PhotoEntity photo) throws IOException {
    // Where nothing finds faces there is nothing new to be found with every start.
    if (!photo.isMeasured() || renderer.findsFaces()) {
      ImageRenderer.Found found = renderer.find(photo.file());
      registrar.found(photo.sha256(), found.faces(), found.sharpness(), found.miniature());
    }
  }
}
