package drumnest.core.photo;

import drumnest.core.measure.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that the maker said of a photo in an album.
 *
 * @param takenAt when it was taken, by the maker's word or by the unshifted clock of its camera
 * @param datedByMaker whether that is the maker's word rather than the camera's
 * @param keep what must stay of it, in its upright pixels
 * @param concealed what must not be seen of it, in its upright pixels
 * @param framing how it is cropped without a keep box
 * @param onTable the size of its print as it is seen upright, if it lies on the table already
 * @param choosing what was decided and written of it
 * @param grouping what was said of its company
 */
public record PhotoAnnotations(
    @Nullable LocalDateTime takenAt,
    boolean datedByMaker,
    @Nullable PixelBox keep,
    List<PixelBox> concealed,
    Framing framing,
    @Nullable Size onTable,
    Choosing choosing,
    StoryPhoto.Grouping grouping) {

  public PhotoAnnotations {
    concealed = List.copyOf(concealed);
  }

  public PhotoAnnotations withDate(LocalDateTime when) {
    return new PhotoAnnotations(when, true, keep, concealed, framing, onTable, choosing, grouping);
  }

  public PhotoAnnotations withKeep(@Nullable PixelBox box) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, box, concealed, framing, onTable, choosing, grouping);
  }

  public PhotoAnnotations withConcealed(List<PixelBox> boxes) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, keep, boxes, framing, onTable, choosing, grouping);
  }

  public PhotoAnnotations withFraming(Framing next) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, keep, concealed, next, onTable, choosing, grouping);
  }

  public PhotoAnnotations withOnTable(@Nullable Size size) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, keep, concealed, framing, size, choosing, grouping);
  }

  public PhotoAnnotations withChoosing(Choosing next) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, keep, concealed, framing, onTable, next, grouping);
  }

  public PhotoAnnotations withGrouping(StoryPhoto.Grouping next) {
    return new PhotoAnnotations(
        takenAt, datedByMaker, keep, concealed, framing, onTable, choosing, next);
  }
}
