package drumnest.core.photo;

import drumnest.core.measure.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * The look of a picture, as far as pictures are compared.
 *
 * @param whole the fingerprint of the whole picture
 * @param centre the fingerprint of the largest square in its middle, which an upright and a wide
 *     shot of one subject share
 * @param miniature the picture in few pixels; null where it was not made yet
 * @param mean its mean colour
 * @param edge the mean colour along its four edges
 * @param sharpness how sharp it is, as {@link Sharpness}
 * @param light how it is exposed
 * @param pixels its size
 */
public record Look(
    Fingerprint whole,
    Fingerprint centre,
    @Nullable Miniature miniature,
    Lab mean,
    Lab edge,
    double sharpness,
    Light light,
    Pixels pixels) {

  Orientation orientation() {
    return pixels.orientation();
  }
}
