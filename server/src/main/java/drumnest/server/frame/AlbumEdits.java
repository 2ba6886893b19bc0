package drumnest.server.frame;

import drumnest.core.album.Change;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import java.util.List;
import org.springframework.stereotype.Service;

/** The steps that a maker takes on an album at every stage. */
@Service
public class AlbumEdits {

  private final OpenAlbums openAlbums;
  private final History history;

  AlbumEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /** Gives the album a title. */
  public void retitle(long albumId, long version, String title) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    history.step(seen, "title", List.of(new Change.OfTitle(seen.album().title(), title)));
  }

  public void undo(long albumId, long version) {
    history.undo(albumId, version);
  }

  public void redo(long albumId, long version) {
    history.redo(albumId, version);
  }
}
