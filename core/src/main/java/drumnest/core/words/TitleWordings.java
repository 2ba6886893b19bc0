package drumnest.core.words;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Shorter wordings of a title: days of the week and months by their short forms, “and” as “&”, the
 * article at its beginning left out. Source: common practice, no source.
 */
public final class TitleWordings {

  private static final Map<String, String> SHORT =
      Map.ofEntries(
          Map.entry("monday", "Mon"),
          Map.entry("tuesday", "Tue"),
          Map.entry("wednesday", "Wed"),
          Map.entry("thursday", "Thu"),
          Map.entry("friday", "Fri"),
          Map.entry("saturday", "Sat"),
          Map.entry("sunday", "Sun"),
          Map.entry("january", "Jan"),
          Map.entry("february", "Feb"),
          Map.entry("march", "Mar"),
          Map.entry("april", "Apr"),
          Map.entry("june", "Jun"),
          Map.entry("july", "Jul"),
          Map.entry("august", "Aug"),
          Map.entry("september", "Sep"),
          Map.entry("october", "Oct"),
          Map.entry("november", "Nov"),
          Map.entry("december", "Dec"),
          Map.entry("and", "&"));

  private static final Set<String> ARTICLES = Set.of("the", "a", "an");

  private TitleWordings() {}

  /** The wordings that are shorter, the one nearest to the title first; none is the title. */
  public static List<String> of(String title) {
    List<String> words = List.of(title.strip().split("\\s+"));
    Set<String> wordings = new LinkedHashSet<>();
    List<String> shortened = words.stream().map(TitleWordings::shortened).toList();
    wordings.add(String.join(" ", shortened));
    if (words.size() > 1 && ARTICLES.contains(words.get(0).toLowerCase(Locale.ROOT))) {
      wordings.add(String.join(" ", words.subList(1, words.size())));
      wordings.add(String.join(" ", shortened.subList(1, words.size())));
    }
    wordings.remove(title.strip());
    return new ArrayList<>(wordings);
  }

  private static String shortened(String word) {
    String form = SHORT.get(word.toLowerCase(Locale.ROOT));
    if (form == null) {
      return word;
    }
    return word.equals(word.toUpperCase(Locale.ROOT)) && word.length() > 1
        ? form.toUpperCase(Locale.ROOT)
        : form;
  }
}
