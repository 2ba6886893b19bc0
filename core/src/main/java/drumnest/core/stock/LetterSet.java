package drumnest.core.stock;

import drumnest.core.measure.Length;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A set of letters of one height that titles are made of.
 *
 * @param height how high its letters are
 * @param widths how wide those letters are that were measured; the others are estimated from them.
 *     Words that are one piece, as of a bought phrase, are named whole
 * @param letters how many there are of each letter; null where nobody has counted
 * @param colour its colour as {@code #rrggbb}
 */
public record LetterSet(
    String name,
    Length height,
    Map<String, Length> widths,
    @Nullable Map<String, Integer> letters,
    String colour)
    implements CatalogueItem {

  public LetterSet {
    widths = Collections.unmodifiableMap(new LinkedHashMap<>(widths));
    letters = letters == null ? null : Collections.unmodifiableMap(new LinkedHashMap<>(letters));
  }

  /** The name by which a set has a letter: as it is written, else in the other case. */
  public static Optional<String> named(String letter, Map<String, ?> set) {
    if (set.containsKey(letter)) {
      return Optional.of(letter);
    }
    return set.keySet().stream().filter(name -> name.equalsIgnoreCase(letter)).findFirst();
  }

  /** A letter as it lies in the box; as it is written where the letters are not counted. */
  public String asInBox(String letter) {
    return Optional.ofNullable(letters).flatMap(box -> named(letter, box)).orElse(letter);
  }

  @Override
  public <R> R accept(CatalogueItem.Visitor<R> visitor) {
    return visitor.letters(this);
  }
}
