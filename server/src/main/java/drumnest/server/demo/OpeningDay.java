package drumnest.server.demo;

import drumnest.core.stock.Catalogue;
import drumnest.server.album.NewAlbums;
import drumnest.server.album.UnfinishedAlbums;
import drumnest.server.data.DataFolderException;
import drumnest.server.data.Home;
import drumnest.server.stock.Shelf;
import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
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
  private final NewAlbums albums;
  private final Shelf shelf;
  private final ObjectProvider<KiteMeetAlbum> kiteMeet;
  private final boolean demo;
  private boolean running;

  OpeningDay(
      Home home,
      Settings settings,
      UnfinishedAlbums unfinished,
      NewAlbums albums,
      Shelf shelf,
      ObjectProvider<KiteMeetAlbum> kiteMeet,
      @Value("${drumnest.demo:false}") boolean demo) {
    this.home = home;
    this.settings = settings;
    this.unfinished = unfinished;
    this.albums = albums;
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
    } else if (!albums.areNone()) {
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
    long album =
        albums.begin(
            demo ? "The kite meet" : "First album",
            "format-12x12",
            List.of(Catalogue.SIX_WIDE, Catalogue.ONE_WIDE_TEN_SMALL));
    if (demo) {
      kiteMeet.getObject().fill(album);
    }
    settings.save(new SettingEntity(OPENING, DONE));
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
