package drumnest.core.mover;

import drumnest.core.album.flap.Flap;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Finds the adhesive strips on the film that lie on the photo of a neighbouring place, which they
 * cover in part for good. A photo that the flap itself lies over is none of a neighbour: what of
 * its strip lies on that is seen only where it is larger. Source: the handbook of the trade, 8.1;
 * common practice, no source. Time: flaps × places.
 */
public final class StripsOnPhotos {

  /**
   * A strip on a photo.
   *
   * @param flap whose strip it is
   * @param place on whose photo it lies
   * @param deep by how much, across the strip
   */
  public record OnPhoto(String flap, String place, Length deep) {}

  private final Map<String, Box> photos;

  /**
   * @param photos where the photos of the spread lie, by their places
   */
  public StripsOnPhotos(Map<String, Box> photos) {
    this.photos = photos;
  }

  /** Those of all flaps of a spread. */
  public List<OnPhoto> of(Flaps flaps) {
    List<OnPhoto> found = new ArrayList<>();
    for (Flap flap : flaps.all()) {
      if (flaps.stacking().surface(flap) == null && flap.fixedTo() == null) {
        found.addAll(of(flap));
      }
    }
    return found;
  }

  /** Those of the strip of a flap on the page. */
  List<OnPhoto> of(Flap flap) {
    List<OnPhoto> found = new ArrayList<>();
    if (flap.isOnProtector()) {
      photos.forEach(
          (place, photo) ->
              flap.stripOfFace()
                  .common(photo)
                  .filter(common -> !flap.hides(photo))
                  .map(common -> new OnPhoto(flap.id(), place, flap.hinge().depth(common)))
                  .ifPresent(found::add));
    }
    return found;
  }
}
