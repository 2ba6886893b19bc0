package drumnest.core.words;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.stock.LetterSet;
import java.util.Map;
import java.util.Optional;

/**
 * How wide the letters of a set are. Those that were measured are as they were measured; the others
 * are estimated: a plain typeface says how the widths of letters are to each other, and the
 * measured ones how wide that is in this set. Where none was measured, letters are as wide as that
 * typeface would be if its capitals had the set's height. Estimates are rounded up to the trimmer's
 * mark, so that they promise no more than they know. Source: common practice, no source.
 */
final class LetterWidths {

  /** The width of a letter that the plain typeface lacks, in hundredths of its size. */
  private static final int UNKNOWN = 60;

  private final LetterSet set;
  private final Typeface plain;
  private final Increment mark;
  private final Length measured;
  private final long units;

  LetterWidths(LetterSet set, Typeface plain, Increment mark) {
    this.set = set;
    this.plain = plain;
    this.mark = mark;
    Length sum = Length.ZERO;
    long wide = 0;
    for (Map.Entry<String, Length> each : set.widths().entrySet()) {
      boolean letter = each.getKey().codePointCount(0, each.getKey().length()) == 1;
      if (letter && !each.getKey().isBlank()) {
        sum = sum.plus(each.getValue());
        wide += advance(each.getKey());
      }
    }
    this.measured = sum;
    this.units = wide;
  }

  /** Whether its width was measured. */
  boolean isMeasured(String letter) {
    return LetterSet.named(letter, set.widths()).isPresent();
  }

  Length width(String letter) {
    Optional<String> name = LetterSet.named(letter, set.widths());
    return name.map(set.widths()::get).orElseGet(() -> estimated(letter));
  }

  private Length estimated(String letter) {
    return mark.above(
        units > 0
            ? measured.times(advance(letter), units)
            : set.height().times(advance(letter), plain.capitals()));
  }

  private int advance(String letter) {
    // Letters of most sets come as capitals or as small letters; they are asked as they are
    // written.
    return plain.advance(letter.codePointAt(0)).orElse(plain.unitsPerEm() * UNKNOWN / 100);
  }
}
