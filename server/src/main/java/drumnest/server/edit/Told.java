package drumnest.server.edit;

import drumnest.core.photo.PixelBox;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * What the maker told of a photo.
 *
 * @param takenAt when it was taken
 * @param datedByMaker whether that is the maker's word rather than the camera's
 * @param keep what must stay of it
 * @param onTable the size of its print, if it lies on the table already
 * @param aside whether it was set aside
 */
public record Told(
    @Nullable LocalDateTime takenAt,
    boolean datedByMaker,
    @Nullable PixelBox keep,
    @Nullable StoredSize onTable,
    boolean aside) {

  Told withDate(LocalDateTime when) {
    return new Told(when, true, keep, onTable, aside);
  }

  Told withKeep(@Nullable PixelBox box) {
    return new Told(takenAt, datedByMaker, box, onTable, aside);
  }

  Told withOnTable(@Nullable StoredSize size) {
    return new Told(takenAt, datedByMaker, keep, size, aside);
  }

  Told withAside(boolean isAside) {
    return new Told(takenAt, datedByMaker, keep, onTable, isAside);
  }
}
