package drumnest.core.words;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import org.jspecify.annotations.Nullable;

/**
 * Whether what was last written on a card is still the sentence that was begun then: none was ended
 * since, and none taken away. A sentence ends with its mark, or with its line. Source: common
 * practice, no source.
 */
public final class Sentences {

  private static final String ENDS = ".!?…\n。！？";

  private Sentences() {}

  /**
   * @param before the card before the last step
   * @param after the card after it
   */
  public static boolean isOpen(@Nullable Ephemera before, @Nullable Ephemera after) {
    CardWords first = before == null ? null : before.card();
    CardWords then = after == null ? null : after.card();
    return first != null
        && then != null
        && first.equals(then.saying(first.heading(), first.date(), first.body()))
        && !first.equals(then)
        && ended(first.text()) == ended(then.text());
  }

  private static long ended(String text) {
    return text.codePoints().filter(letter -> ENDS.indexOf(letter) >= 0).count();
  }
}
