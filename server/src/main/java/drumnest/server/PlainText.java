package drumnest.server;

/**
 * Text as it can be kept and written into any file of ours: characters that XML 1.0 allows (source:
 * W3C, XML 1.0, production 2 Char), so no control characters, no halves of a pair of surrogates,
 * and neither U+FFFE nor U+FFFF. Lengths are counted in {@code char}s; what is cut is never cut
 * through the middle of a character.
 */
public final class PlainText {

  private PlainText() {}

  /** Whether a text is plain; with {@code lines}, line breaks and tabs are too. */
  public static boolean is(String text, boolean lines) {
    return text.codePoints().allMatch(each -> isPlain(each, lines));
  }

  /** The text with everything that is not plain replaced by a space. */
  public static String of(String text, boolean lines) {
    StringBuilder plain = new StringBuilder(text.length());
    text.codePoints().forEach(each -> plain.appendCodePoint(isPlain(each, lines) ? each : ' '));
    return plain.toString();
  }

  private static boolean isPlain(int each, boolean lines) {
    if (each == '\t' || each == '\n' || each == '\r') {
      return lines;
    }
    return !Character.isISOControl(each)
        && Character.getType(each) != Character.SURROGATE
        && each != 0xFFFE
        && each != 0xFFFF;
  }

  /** The beginning of a text, of at most so many {@code char}s. */
  public static String beginning(String text, int most) {
    if (text.length() <= most) {
      return text;
    }
    boolean splits = most > 0 && Character.isHighSurrogate(text.charAt(most - 1));
    return text.substring(0, splits ? most - 1 : most);
  }

  /** The end of a text, of at most so many {@code char}s. */
  public static String ending(String text, int most) {
    if (text.length() <= most) {
      return text;
    }
    int from = text.length() - most;
    boolean splits = from < text.length() && Character.isLowSurrogate(text.charAt(from));
    return text.substring(splits ? from + 1 : from);
  }
}
