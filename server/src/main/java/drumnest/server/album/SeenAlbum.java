package drumnest.server.album;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Footprint;
import drumnest.server.StaleVersionException;

/**
 * An album as it is, for a step of somebody who has seen it as it was.
 *
 * @param album as it is now
 * @param since what others have done to it since that somebody has seen it
 * @param whole whether the step goes by the whole of what was seen, and is refused if anything else
 *     comes before it
 */
public record SeenAlbum(AlbumModel album, Footprint since, boolean whole) {

  /**
   * For a step that goes by the whole of what was seen.
   *
   * @throws StaleVersionException if anything was done since
   */
  public SeenAlbum unchanged() {
    if (!since.altered().isEmpty()) {
      throw new StaleVersionException();
    }
    return new SeenAlbum(album, since, true);
  }

  /** For a step that was not made up on a page. */
  public static SeenAlbum now(AlbumModel album) {
    return new SeenAlbum(album, Footprint.NONE, false);
  }
}
