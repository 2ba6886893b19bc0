package drumnest.server.store;

import drumnest.core.photo.DetailMap;
import drumnest.core.photo.Fingerprint;
import drumnest.core.photo.Light;
import drumnest.core.photo.Miniature;
import drumnest.core.photo.PixelBox;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The measures that were taken of a picture's pixels.
 *
 * @param whole the fingerprint of the whole picture
 * @param centre the fingerprint of the square in its middle
 * @param miniature the picture in few pixels
 * @param meanRgb its mean colour, as {@code 0xrrggbb}
 * @param edgeRgb the mean colour along its edges, as {@code 0xrrggbb}
 * @param sharpness how sharp it is
 * @param light how it is exposed
 * @param detail where something is to be seen in it
 * @param faces the faces that were found, in the pixels of the upright picture; null where nothing
 *     here finds faces
 */
public record PixelFeatures(
    Fingerprint whole,
    Fingerprint centre,
    Miniature miniature,
    int meanRgb,
    int edgeRgb,
    double sharpness,
    Light light,
    DetailMap detail,
    @Nullable List<PixelBox> faces) {}
