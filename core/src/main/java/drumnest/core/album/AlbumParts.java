package drumnest.core.album;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.measure.Size;
import drumnest.core.photo.AlbumPhoto;
import java.time.Duration;
import java.util.List;
import java.util.Map;

/**
 * All that an album is made of.
 *
 * @param leaves its leaves by their keys, in order
 * @param photos its photos, in the order they came in
 * @param shifts how far the clocks of its cameras are shifted
 * @param holdings what slots hold or are reserved for, by the slots' names
 * @param openings openings that were measured in its leaves, by the names of the slots
 * @param allEphemera its cards and keepsakes by their keys, in order
 */
public record AlbumParts(
    Map<Integer, LeafState> leaves,
    List<AlbumPhoto> photos,
    Map<String, Duration> shifts,
    Map<String, Holding> holdings,
    Map<String, Size> openings,
    Map<Integer, Ephemera> allEphemera) {}
