package drumnest.core.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.measure.Box;
import java.util.Optional;

/** Where words can lie on the prints of photos that have a place, without covering the subject. */
public interface QuietPlaces {

  /** Nowhere. */
  QuietPlaces NONE = (album, photo) -> Optional.empty();

  /** On its print, from the top left; nothing where it is quiet nowhere, or has no place. */
  Optional<Box> on(AlbumModel album, String photo);
}
