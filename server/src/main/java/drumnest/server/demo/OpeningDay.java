package drumnest.server.demo;

import drumnest.core.stock.Catalogue;
import drumnest.server.data.DataFolderException;
import drumnest.server.data.Home;
import drumnest.server.shelf.Shelf;
import drumnest.server.store.AlbumEntity;
import drumnest.server.store.Albums;
import drumnest.server.store.LeafEntity;
import drumnest.server.store.Leaves;
import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import drumnest.server.store.UnfinishedAlbums;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Before the page is served for the first time there is an album to begin with: an empty one, or
 * the kite meet if the demo was asked for. An album that is there is never touched; one that was
 * being made when it was killed is made again.
 */
@Component
@Lazy(false)
class OpeningDay implements SmartLifecycle {

  private static final String OPENING = "opening";
  private static final String BEGUN = "begun";
  private static final String DONE = "done";

  private final Home home;
  private final Settings settings;
  private final UnfinishedAlbums unfinished;
  private final Albums albums;
  private final Leaves leaves;
  private final Shelf shelf;
  private final ObjectProvider<KiteMeetAlbum> kiteMeet;
  private final boolean demo;
  private boolean running;

  OpeningDay(
      Home home,
      Settings settings,
      UnfinishedAlbums unfinished,
      Albums albums,
      Leaves leaves,
      Shelf shelf,
      ObjectProvider<KiteMeetAlbum> kiteMeet,
      @Value("${drumnest.demo:false}") boolean demo) {
    this.home = home;
    this.settings = settings;
    this.unfinished = unfinished;
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
    boolean interrupted =
        settings.findById(OPENING).map(SettingEntity::text).filter(BEGUN::equals).isPresent();
    if (interrupted) {
      // Nobody has seen it: the page is served only when it is done.
      unfinished.clear();
    } else if (albums.count() > 0) {
      return;
    } else if (home.hasPhotos()) {
      throw new DataFolderException(
          "There are photos in "
              + home.folder()
              + ", but no album is in its database. Nothing was changed.",
          "Go back to a good copy of the database with ./drumnest restore, or name another folder"
              + " with --data.");
    }
    settings.save(new SettingEntity(OPENING, BEGUN));
    AlbumEntity album = new AlbumEntity(demo ? "The kite meet" : "First album");
    album.setFormat("format-12x12");
    album.useLeafKey(2);
    album = albums.save(album);
    lay(album, 1, Catalogue.SIX_WIDE);
    lay(album, 2, Catalogue.ONE_WIDE_TEN_SMALL);
    if (demo) {
      kiteMeet.getObject().fill(album.id());
    }
    settings.save(new SettingEntity(OPENING, DONE));
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
