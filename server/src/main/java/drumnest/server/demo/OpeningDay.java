package drumnest.server.demo;

import drumnest.core.stock.Catalogue;
import drumnest.server.Home;
import drumnest.server.shelf.Shelf;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Albums;
import drumnest.server.store.LeafEntity;
import drumnest.server.store.Leaves;
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
  private final Leaves leaves;
  private final Shelf shelf;
  private final ObjectProvider<KiteMeetAlbum> kiteMeet;
  private final boolean demo;
  private boolean running;

  OpeningDay(
      Home home,
      Albums albums,
      Leaves leaves,
      Shelf shelf,
      ObjectProvider<KiteMeetAlbum> kiteMeet,
      @Value("${drumnest.demo:false}") boolean demo) {
    this.home = home;
    this.albums = albums;
    this.leaves = leaves;
    this.shelf = shelf;
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
    shelf.stock();
    if (albums.count() > 0) {
      return;
    }
    AlbumEntity album = new AlbumEntity(demo ? "The kite meet" : "First album");
    album.setFormat("format-12x12");
    album.useLeafKey(2);
    album = albums.save(album);
    lay(album, 1, Catalogue.SIX_WIDE);
    lay(album, 2, Catalogue.ONE_WIDE_TEN_SMALL);
    if (demo) {
      kiteMeet.getObject().fill(album.id());
    }
  }

  private void lay(AlbumEntity album, int number, String type) {
    LeafEntity leaf = new LeafEntity(album.id(), number);
    leaf.lie(type, false, 0, null, null);
    leaf.stand(number);
    leaves.save(leaf);
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
