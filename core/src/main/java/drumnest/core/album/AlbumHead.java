package drumnest.core.album;

import drumnest.core.album.ephemera.Fact;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that is said of an album as a whole.
 *
 * @param id its number on this machine
 * @param version how often it was changed by steps
 * @param title what it is called
 * @param format the key of its format in the catalogue; null where it has none
 * @param chapters how many chapters are wanted; null for as many as the house rule makes
 * @param lastLeafKey the highest key that a leaf of it ever had
 * @param lastEphemeraKey the highest key that a card or keepsake of it ever had
 * @param facts what is to be told in it, besides its photos
 */
public record AlbumHead(
    long id,
    long version,
    String title,
    @Nullable String format,
    @Nullable Integer chapters,
    int lastLeafKey,
    int lastEphemeraKey,
    List<Fact> facts) {

  public AlbumHead {
    facts = List.copyOf(facts);
  }

  AlbumHead withVersion(long next) {
    return new AlbumHead(id, next, title, format, chapters, lastLeafKey, lastEphemeraKey, facts);
  }

  AlbumHead withTitle(String next) {
    return new AlbumHead(id, version, next, format, chapters, lastLeafKey, lastEphemeraKey, facts);
  }

  AlbumHead withFormat(@Nullable String next) {
    return new AlbumHead(id, version, title, next, chapters, lastLeafKey, lastEphemeraKey, facts);
  }

  AlbumHead withChapters(@Nullable Integer next) {
    return new AlbumHead(id, version, title, format, next, lastLeafKey, lastEphemeraKey, facts);
  }

  /** Once a leaf has had the key. */
  AlbumHead withLeafKey(int used) {
    int last = Math.max(lastLeafKey, used);
    return new AlbumHead(id, version, title, format, chapters, last, lastEphemeraKey, facts);
  }

  /** Once a card or keepsake has had the key. */
  AlbumHead withEphemeraKey(int used) {
    int last = Math.max(lastEphemeraKey, used);
    return new AlbumHead(id, version, title, format, chapters, lastLeafKey, last, facts);
  }

  AlbumHead withFacts(List<Fact> next) {
    return new AlbumHead(id, version, title, format, chapters, lastLeafKey, lastEphemeraKey, next);
  }
}
