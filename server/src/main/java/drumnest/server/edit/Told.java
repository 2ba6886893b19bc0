package drumnest.server.edit;

import drumnest.core.photo.Choosing;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.StoryPhoto;
import drumnest.server.store.LinePhotoEntity;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * What the maker told of a photo.
 *
 * @param takenAt when it was taken
 * @param datedByMaker whether that is the maker's word rather than the camera's
 * @param keep what must stay of it
 * @param onTable the size of its print, if it lies on the table already
 * @param choosing what was decided and written of it
 * @param marks what was said of its company
 */
public record Told(
    @Nullable LocalDateTime takenAt,
    boolean datedByMaker,
    @Nullable PixelBox keep,
    @Nullable StoredSize onTable,
    Choosing choosing,
    StoryPhoto.Marks marks) {

  static Told of(LinePhotoEntity photo) {
    return new Told(
        photo.toldAt(),
        photo.isDatedByMaker(),
        photo.keep(),
        StoredSize.of(photo.onTable()),
        photo.choosing(),
        photo.marks());
  }

  Told withDate(LocalDateTime when) {
    return new Told(when, true, keep, onTable, choosing, marks);
  }

  Told withKeep(@Nullable PixelBox box) {
    return new Told(takenAt, datedByMaker, box, onTable, choosing, marks);
  }

  Told withOnTable(@Nullable StoredSize size) {
    return new Told(takenAt, datedByMaker, keep, size, choosing, marks);
  }

  Told withChoosing(Choosing next) {
    return new Told(takenAt, datedByMaker, keep, onTable, next, marks);
  }

  Told withMarks(StoryPhoto.Marks next) {
    return new Told(takenAt, datedByMaker, keep, onTable, choosing, next);
  }
}
