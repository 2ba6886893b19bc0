package drumnest.server.gather;

import drumnest.server.FieldProblemException;
import drumnest.server.PlainText;
import java.time.Duration;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** How far a clock is shifted, as makers write it. */
final class ClockText {

  private static final Pattern CLOCK =
      Pattern.compile("([+-]?)(\\d{1,6}):([0-5]?\\d)(?::([0-5]?\\d))?");
  private static final Pattern WORDS =
      Pattern.compile(
          "([+-]?)(?:(\\d{1,4})\\s*d\\w*)?\\s*(?:(\\d{1,6})\\s*h\\w*)?\\s*(?:(\\d{1,6})\\s*m\\w*)?"
              + "\\s*(?:(\\d{1,6})\\s*s\\w*)?");
  private static final int LONGEST = 40;
  private static final Duration MOST = Duration.ofDays(36_525);

  private ClockText() {}

  /**
   * Reads a shift.
   *
   * @throws FieldProblemException if it is none
   */
  static Duration read(String field, String text) {
    // Anything longer is no shift, and would be tried in too many ways.
    String plain =
        PlainText.beginning(text.strip(), LONGEST).replace('−', '-').toLowerCase(Locale.ROOT);
    Matcher clock = CLOCK.matcher(plain);
    Matcher words = WORDS.matcher(plain);
    Duration shift = null;
    if (plain.equals("0")) {
      shift = Duration.ZERO;
    } else if (clock.matches()) {
      shift =
          signed(
              clock.group(1),
              0,
              number(clock.group(2)),
              number(clock.group(3)),
              number(clock.group(4)));
    } else if (words.matches() && plain.matches(".*\\d.*")) {
      shift =
          signed(
              words.group(1),
              number(words.group(2)),
              number(words.group(3)),
              number(words.group(4)),
              number(words.group(5)));
    }
    if (shift == null || text.length() > LONGEST || shift.abs().compareTo(MOST) > 0) {
      throw new FieldProblemException(
          field,
          "“"
              + PlainText.beginning(text, LONGEST)
              + "” is not a valid time shift; accepted are +1:07, -0:05:30, 67 min, 1 h 7 min.");
    }
    return shift;
  }

  private static long number(@Nullable String digits) {
    return digits == null ? 0 : Long.parseLong(digits);
  }

  private static Duration signed(String sign, long days, long hours, long minutes, long seconds) {
    Duration whole =
        Duration.ofDays(days).plusHours(hours).plusMinutes(minutes).plusSeconds(seconds);
    return sign.equals("-") ? whole.negated() : whole;
  }

  /** A shift as it is read again, such as {@code +1:07:30}. */
  static String write(Duration shift) {
    Duration whole = shift.abs();
    String text =
        String.format(Locale.ROOT, "%d:%02d", whole.toHours(), whole.toMinutesPart())
            + (whole.toSecondsPart() == 0
                ? ""
                : String.format(Locale.ROOT, ":%02d", whole.toSecondsPart()));
    return (shift.isNegative() ? "-" : "+") + text;
  }

  /** How far a clock is ahead of UTC. */
  static String zone(int minutes) {
    return String.format(
        Locale.ROOT,
        "UTC%s%02d:%02d",
        minutes < 0 ? "-" : "+",
        Math.abs(minutes) / 60,
        Math.abs(minutes) % 60);
  }
}
