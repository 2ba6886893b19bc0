package drumnest.server.stock;

import drumnest.core.measure.Length;
import drumnest.core.measure.Units;
import drumnest.core.stock.LetterSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The letters of a set as they are written in a form. */
final class LetterSetText {

  private static final int MOST_LETTERS = 2_000;
  private static final String INK = "#10262c";

  private LetterSetText() {}

  static LetterSet read(
      LengthReader lengths,
      String name,
      @Nullable String height,
      @Nullable String widths,
      @Nullable String letters,
      @Nullable String colour) {
    return new LetterSet(
        name,
        lengths.positive("height", height),
        widths(lengths, widths),
        letters(lengths, letters),
        colour(lengths, colour));
  }

  private static Map<String, Length> widths(LengthReader lengths, @Nullable String written) {
    Map<String, Length> widths = new LinkedHashMap<>();
    for (String each : (written == null ? "" : written).split("[,;\\n]")) {
      String pair = each.strip();
      if (pair.isEmpty()) {
        continue;
      }
      String[] parts = pair.split("\\s+", 2);
      if (parts.length < 2) {
        throw lengths.problem(
            "widths",
            "“" + pair + "” is no letter, or word in one piece, with its width, such as W 1 1/4.");
      }
      widths.put(parts[0], lengths.positive("widths", parts[1]));
    }
    return widths;
  }

  private static @Nullable Map<String, Integer> letters(
      LengthReader lengths, @Nullable String written) {
    if (written == null || written.isBlank()) {
      return null;
    }
    if (written.length() > MOST_LETTERS) {
      throw lengths.problem("letters", "A set has at most 2 000 letters.");
    }
    Map<String, Integer> letters = new LinkedHashMap<>();
    written
        .codePoints()
        .filter(letter -> !Character.isWhitespace(letter))
        .forEach(letter -> letters.merge(Character.toString(letter), 1, Integer::sum));
    return letters;
  }

  private static String colour(LengthReader lengths, @Nullable String written) {
    String colour = written == null || written.isBlank() ? INK : written.strip();
    if (!colour.matches("#[0-9a-fA-F]{6}")) {
      throw lengths.problem("colour", "A colour is written as # and six digits, such as #10262c.");
    }
    return colour.toLowerCase(Locale.ROOT);
  }

  static String widths(LetterSet set, Units units) {
    return set.widths().entrySet().stream()
        .map(each -> each.getKey() + " " + units.exact(each.getValue()))
        .collect(Collectors.joining(", "));
  }

  static @Nullable String letters(LetterSet set) {
    Map<String, Integer> letters = set.letters();
    return letters == null
        ? null
        : letters.entrySet().stream()
            .map(each -> each.getKey().repeat(each.getValue()))
            .collect(Collectors.joining(" "));
  }
}
