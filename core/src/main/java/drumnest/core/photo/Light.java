package drumnest.core.photo;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/**
 * How a picture is exposed.
 *
 * @param mean its mean grey, 0 to 255
 * @param black the share of it that is drowned in black, 0 to 1
 * @param white the share of it that is burnt out to white, 0 to 1
 */
public record Light(double mean, double black, double white) {

  private static final int BLACK_UP_TO = 4;
  private static final int WHITE_FROM = 251;
  private static final double MIDDLE = 118;

  /** The words for it. */
  public enum Word {
    DARK,
    EVEN,
    PALE
  }

  /**
   * @param grey grey values 0 to 255, at least one
   */
  public static Light of(int[] grey) {
    long sum = 0;
    int black = 0;
    int white = 0;
    for (int value : grey) {
      sum += value;
      black += value <= BLACK_UP_TO ? 1 : 0;
      white += value >= WHITE_FROM ? 1 : 0;
    }
    double count = Math.max(1, grey.length);
    return new Light(sum / count, black / count, white / count);
  }

  /**
   * How far it is from a good exposure, 0 for the best: how far the mean is from a middle grey, and
   * what is lost at both ends counted double. Source: common practice, no source.
   */
  public double fault() {
    return Math.abs(mean - MIDDLE) / 255 + 2 * (black + white);
  }

  /** Whether it is darker than a picture of the night is. */
  public boolean isMuchTooDark(HouseRules rules) {
    return percent() < rules.number(HouseRule.MUCH_TOO_DARK_BELOW);
  }

  private double percent() {
    return mean * 100 / 255;
  }

  public Word word(HouseRules rules) {
    double percent = percent();
    if (percent < rules.number(HouseRule.DARK_BELOW)) {
      return Word.DARK;
    }
    return percent > rules.number(HouseRule.PALE_ABOVE) ? Word.PALE : Word.EVEN;
  }
}
