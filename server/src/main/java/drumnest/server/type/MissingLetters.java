package drumnest.server.type;

import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Letters that no font here has, by their names in Unicode. */
public final class MissingLetters {

  private static final int MOST_NAMED = 5;

  private MissingLetters() {}

  /** The names of a few of them, and how many there are besides. */
  public static String named(Set<Integer> letters) {
    String names =
        new TreeSet<>(letters)
            .stream().limit(MOST_NAMED).map(MissingLetters::name).collect(Collectors.joining(", "));
    int more = letters.size() - MOST_NAMED;
    return more > 0 ? names + " and " + more + " more" : names;
  }

  private static String name(int letter) {
    String code = String.format("U+%04X", letter);
    String name = Character.getName(letter);
    return name == null ? code : name.toLowerCase(Locale.ENGLISH) + " (" + code + ")";
  }
}
