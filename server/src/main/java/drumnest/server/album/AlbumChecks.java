package drumnest.server.album;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.Made;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import org.jspecify.annotations.Nullable;

/**
 * Checks that what a step names is there and free; else it is refused with the name of its field.
 */
public final class AlbumChecks {

  private static final int MOST_EPHEMERA = 1_000;

  private AlbumChecks() {}

  public static Slot slot(AlbumModel album, String field, String id) {
    return album
        .slot(id)
        .orElseThrow(() -> new NotThereException(field, "There is no place “" + id + "”."));
  }

  public static AlbumPhoto photo(AlbumModel album, String field, String id) {
    return album
        .photo(id)
        .orElseThrow(
            () -> new NotThereException(field, "There is no photo “" + id + "” on the line."));
  }

  /** A photo that has no place yet. */
  public static AlbumPhoto loose(AlbumModel album, String field, String id) {
    AlbumPhoto photo = photo(album, field, id);
    if (album.slotOf(id).isPresent()) {
      throw new UnprocessableException(field, "This photo has a place already.");
    }
    return photo;
  }

  /**
   * @throws UnprocessableException if so many more cards, titles and keepsakes are too many
   */
  public static void requireRoom(AlbumModel album, String field, int more) {
    if (album.allEphemera().size() + more > MOST_EPHEMERA) {
      throw new UnprocessableException(
          field, "An album has at most " + MOST_EPHEMERA + " cards, titles and keepsakes.");
    }
  }

  /** A leaf by its key. */
  public static Leaf leaf(AlbumModel album, int key) {
    return album
        .leaves()
        .leaf(key)
        .orElseThrow(
            () -> new NotThereException("leaf", "There is no leaf with the key " + key + "."));
  }

  /**
   * @throws UnprocessableException if what a slot holds is stuck or locked
   */
  public static void requireUnlocked(String field, @Nullable Holding holding) {
    if (holding != null && holding.made() == Made.STUCK) {
      throw new UnprocessableException(
          field,
          "It is stuck in its place already. If that is not so, take the mark off on its ticket.");
    }
    if (holding != null && holding.locked()) {
      throw new UnprocessableException(
          field,
          (holding.photo() == null ? "What lies there" : "That photo")
              + " is locked. Unlock it first.");
    }
  }
}
