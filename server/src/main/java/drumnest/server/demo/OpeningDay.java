package drumnest.server.demo;

import drumnest.core.stock.PocketPatterns;
import drumnest.server.Home;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.AlbumLeafEntity;
import drumnest.server.store.AlbumLeaves;
import drumnest.server.store.Albums;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Before the page is served for the first time there is an album to begin with: an empty one, or
 * the kite meet if the demo was asked for. An album that is there is never touched.
 */
@Component
@Lazy(false)
class OpeningDay implements SmartLifecycle {

  private final Home home;
  private final Albums albums;
  private final AlbumLeaves leaves;
  private final ObjectProvider<KiteMeetAlbum> kiteMeet;
  private final boolean demo;
  private boolean running;

  OpeningDay(
      Home home,
      Albums albums,
      AlbumLeaves leaves,
      ObjectProvider<KiteMeetAlbum> kiteMeet,
      @Value("${drumnest.demo:false}") boolean demo) {
    this.home = home;
    this.albums = albums;
    this.leaves = leaves;
    this.kiteMeet = kiteMeet;
    this.demo = demo;
  }

  @Override
  public void start() {
    running = true;
    try {
      home.emptyIncoming();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    if (albums.count() > 0) {
      return;
    }
    AlbumEntity album = albums.save(new AlbumEntity(demo ? "The kite meet" : "First album"));
    leaves.save(new AlbumLeafEntity(album.id(), 1, PocketPatterns.SIX_WIDE));
    leaves.save(new AlbumLeafEntity(album.id(), 2, PocketPatterns.ONE_WIDE_TEN_SMALL));
    if (demo) {
      kiteMeet.getObject().fill(album.id());
    }
  }

  @Override
  public void stop() {
    running = false;
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  /** Before the web server, which is the last to start. */
  @Override
  public int getPhase() {
    return 0;
  }
}
