package drumnest.core.fit;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/**
 * How an insert goes into an opening. All sizes lie in the axes of the opening, after turning.
 *
 * <p>Source: common practice, no source; the thresholds are house rules.
 *
 * @param insert the insert, after turning
 * @param turned whether it was given a quarter turn: only if it is too big as it is and goes in
 *     turned
 * @param play opening less insert, per axis; negative where the insert is too big
 * @param verdict in one word
 * @param trimTo what to cut the insert to: axes that are too big or tight go down to the opening
 *     less the clearance, rounded down to the mark of the trimmer and never below zero; the others
 *     stay
 * @param trim what comes off, per axis
 * @param backing for a loose insert the card to mount it on, else null
 * @param reveal for a loose insert what shows of the backing on each side, else null
 */
public record InsertFit(
    Size insert,
    boolean turned,
    Size play,
    Verdict verdict,
    Size trimTo,
    Size trim,
    @Nullable Size backing,
    @Nullable Size reveal) {

  /** How an insert sits in its opening. */
  public enum Verdict {
    TOO_BIG,
    TIGHT,
    SNUG,
    LOOSE
  }

  /**
   * @param mayTurn whether the insert may be given a quarter turn, which a card with a right way up
   *     may not
   */
  public static InsertFit of(Size insert, Size opening, boolean mayTurn, HouseRules rules) {
    boolean turn =
        mayTurn && isTooBig(opening.minus(insert)) && !isTooBig(opening.minus(insert.turned()));
    Size placed = insert.turnedIf(turn);
    Size play = opening.minus(placed);
    Verdict verdict = verdict(play, rules);
    Size trimTo =
        new Size(trimmed(placed.w(), opening.w(), rules), trimmed(placed.h(), opening.h(), rules));
    Size backing = null;
    Size reveal = null;
    if (verdict == Verdict.LOOSE) {
      backing = placed.max(opening.grown(rules.length(HouseRule.TRIM_CLEARANCE).negated()));
      reveal = backing.minus(placed).halved();
    }
    return new InsertFit(
        placed, turn, play, verdict, trimTo, placed.minus(trimTo), backing, reveal);
  }

  /**
   * How a print lies on a mount: it is stuck on, so nothing has to go in. What reaches over the
   * mount is trimmed to it, at the mark below; of a smaller one the mount shows all around.
   */
  public static InsertFit onMount(Size insert, Size mount, HouseRules rules) {
    Size play = mount.minus(insert);
    Size trimTo =
        new Size(
            insert.w().isMoreThan(mount.w())
                ? rules.trimmerIncrement().below(mount.w())
                : insert.w(),
            insert.h().isMoreThan(mount.h())
                ? rules.trimmerIncrement().below(mount.h())
                : insert.h());
    Verdict verdict =
        isTooBig(play)
            ? Verdict.TOO_BIG
            : play.max(play.turned()).w().isZero() ? Verdict.SNUG : Verdict.LOOSE;
    return new InsertFit(
        insert,
        false,
        play,
        verdict,
        trimTo,
        insert.minus(trimTo),
        verdict == Verdict.LOOSE ? mount : null,
        verdict == Verdict.LOOSE ? play.halved() : null);
  }

  /** How an insert that may not be turned goes into an opening, or on a mount. */
  public static InsertFit of(Size insert, Opening opening, HouseRules rules) {
    return opening.known() == Opening.Known.MOUNT
        ? onMount(insert, opening.size(), rules)
        : of(insert, opening.size(), false, rules);
  }

  private static boolean isTooBig(Size play) {
    return play.tighter().isNegative();
  }

  private static Verdict verdict(Size play, HouseRules rules) {
    if (isTooBig(play)) {
      return Verdict.TOO_BIG;
    }
    if (play.tighter().isLessThan(rules.length(HouseRule.TIGHT_BELOW))) {
      return Verdict.TIGHT;
    }
    Length looser = play.w().max(play.h());
    return looser.isMoreThan(rules.length(HouseRule.LOOSE_ABOVE)) ? Verdict.LOOSE : Verdict.SNUG;
  }

  private static Length trimmed(Length insert, Length opening, HouseRules rules) {
    if (!opening.minus(insert).isLessThan(rules.length(HouseRule.TIGHT_BELOW))) {
      return insert;
    }
    Length goal = opening.minus(rules.length(HouseRule.TRIM_CLEARANCE));
    return rules.trimmerIncrement().below(goal).max(Length.ZERO).min(insert);
  }
}
