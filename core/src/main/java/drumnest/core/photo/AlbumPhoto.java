package drumnest.core.photo;

import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A photo of an album: what is known of its file, and what the maker said of it there.
 *
 * @param file its file
 * @param name what the file was called when it came in
 * @param look what it looks like; null where that is not known
 * @param sharpness how sharp it is, by {@link Look#sharpness()}; 0 where that is not known
 * @param found the people and the subject that were found in it
 * @param words what the file says of the picture
 * @param rating its stars, 0 to 5, or -1 for rejected, from the file or its sidecar; null without
 * @param annotations what the maker said
 * @param shift how far the clock of its camera is shifted in this album
 */
public record AlbumPhoto(
    PhotoFile file,
    String name,
    @Nullable Look look,
    double sharpness,
    Focus found,
    FileWords words,
    @Nullable Integer rating,
    PhotoAnnotations annotations,
    Duration shift) {

  /** Its identity: the SHA-256 of its file. */
  public String id() {
    return file.sha256();
  }

  /** The size of the picture after turning it upright. */
  public Pixels pixels() {
    return file.pixels();
  }

  /** Whether its subject is out of focus or shaken. */
  public boolean isBlurred(HouseRules rules) {
    return hasFile() && Sharpness.isBlurred(sharpness, rules);
  }

  public boolean hasFile() {
    return file.exists();
  }

  /** When it was taken by the clock of the album: the maker's word, or the camera's, shifted. */
  public @Nullable LocalDateTime takenAt() {
    LocalDateTime when = annotations.takenAt();
    return when == null || annotations.datedByMaker() ? when : when.plus(shift);
  }

  public boolean isDatedByMaker() {
    return annotations.datedByMaker();
  }

  /** Tells what must stay of the picture, in its upright pixels. */
  public @Nullable PixelBox keep() {
    return annotations.keep();
  }

  /**
   * Tells what its crops go by: what was found in it, where that is followed, and what to conceal.
   */
  public Focus focus() {
    Focus seen = annotations.framing() == Framing.FOLLOWS ? found : found.unfollowed();
    return seen.concealing(annotations.concealed());
  }

  /** The parts on which nothing is stuck: heads, and the keep box or else the subject. */
  public List<PixelBox> notToBeCovered() {
    List<PixelBox> boxes = new ArrayList<>(found.heads());
    PixelBox kept = keep() == null ? found.subject() : keep();
    if (kept != null) {
      boxes.add(kept);
    }
    return boxes;
  }

  /** The size of the print if it already lies on the table, as its picture is seen upright. */
  public @Nullable Size onTable() {
    return annotations.onTable();
  }

  public Choosing choosing() {
    return annotations.choosing();
  }

  public StoryPhoto.Grouping grouping() {
    return annotations.grouping();
  }

  /** Whether the maker dropped it: it is neither on the line nor placed. */
  public boolean isOut() {
    return choosing().choice() == Choice.OUT;
  }

  public StoryPhoto asStory() {
    return new StoryPhoto(id(), takenAt(), look, grouping());
  }

  public AlbumPhoto with(PhotoAnnotations next) {
    return new AlbumPhoto(file, name, look, sharpness, found, words, rating, next, shift);
  }

  public AlbumPhoto shiftedBy(Duration by) {
    return new AlbumPhoto(file, name, look, sharpness, found, words, rating, annotations, by);
  }
}
