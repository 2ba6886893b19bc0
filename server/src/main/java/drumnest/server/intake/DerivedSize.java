package drumnest.server.intake;

import drumnest.core.photo.Pixels;
import java.util.Locale;
import java.util.Optional;

/** The two sizes in which pictures are shown. */
public enum DerivedSize {
  /** On the line and in small pockets. */
  SMALL(400, 80),

  /** In the ticket, in large pockets and in documents. */
  LARGE(1600, 84);

  private final int longestSide;
  private final int quality;

  DerivedSize(int longestSide, int quality) {
    this.longestSide = longestSide;
    this.quality = quality;
  }

  /** The quality of its JPEG file, 1 to 100. */
  int quality() {
    return quality;
  }

  /** How many bytes it takes in colour, decoded, at most. */
  long bytes() {
    return 4L * longestSide * longestSide;
  }

  /** The size of the derived picture: the longer side as set, never larger than the picture. */
  Pixels of(int w, int h) {
    int longer = Math.max(w, h);
    if (longer <= longestSide) {
      return new Pixels(w, h);
    }
    return new Pixels(
        Math.max(1, Math.round((float) w * longestSide / longer)),
        Math.max(1, Math.round((float) h * longestSide / longer)));
  }

  /** Its name in addresses and file names. */
  String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  public static Optional<DerivedSize> find(String key) {
    for (DerivedSize size : values()) {
      if (size.key().equals(key)) {
        return Optional.of(size);
      }
    }
    return Optional.empty();
  }
}
