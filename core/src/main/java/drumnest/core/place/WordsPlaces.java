package drumnest.core.place;

import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which of the places that a page leaves free are set aside for words: beside each picture that has
 * words a place that touches it, for as many as can be (a maximum matching by augmenting paths,
 * Kuhn 1955, from memory); where a chapter begins the free place before its first picture for the
 * title, or else the first that is left; then as many more as the share of words asks for, from the
 * foot of the page up. Source of the rule: common practice, no source.
 */
public final class WordsPlaces {

  /** The uses that a place is set aside for. */
  public enum Use {
    WORDS,
    TITLE
  }

  /**
   * A page.
   *
   * @param places how many places it has
   * @param free those without a picture, in reading order
   * @param beside for each picture with words the free places that touch it
   * @param begins whether a chapter begins on it
   * @param head the free place before the chapter's first picture that the title would have, if
   *     there is one
   */
  public record Page(
      int places,
      List<String> free,
      Map<String, List<String>> beside,
      boolean begins,
      @Nullable String head) {}

  private WordsPlaces() {}

  /** Tells what each place is set aside for; the others stay free. */
  public static Map<String, Use> of(Page page, HouseRules rules) {
    Map<String, String> wordsOf = new HashMap<>();
    Set<String> kept = new HashSet<>();
    if (page.begins() && page.head() != null) {
      kept.add(page.head());
    }
    // The head is the title's where words can stand elsewhere: a title may be anywhere, words not.
    for (String picture : page.beside().keySet().stream().sorted().toList()) {
      if (!augment(page, picture, wordsOf, new HashSet<>(kept))) {
        augment(page, picture, wordsOf, new HashSet<>());
      }
    }
    Map<String, Use> uses = new LinkedHashMap<>();
    wordsOf.keySet().stream().sorted().forEach(place -> uses.put(place, Use.WORDS));
    List<String> left = new ArrayList<>(page.free());
    left.removeAll(uses.keySet());
    if (page.begins() && !left.isEmpty()) {
      String head = left.contains(page.head()) ? page.head() : left.get(0);
      uses.put(head, Use.TITLE);
      left.remove(head);
    }
    long wanted = Math.round(page.places() * rules.number(HouseRule.WORDS_SHARE) / 100.0);
    while (uses.size() < wanted && !left.isEmpty()) {
      uses.put(left.remove(left.size() - 1), Use.WORDS);
    }
    return uses;
  }

  private static boolean augment(
      Page page, String picture, Map<String, String> wordsOf, Set<String> seen) {
    for (String place : page.beside().get(picture)) {
      if (page.free().contains(place) && seen.add(place)) {
        String other = wordsOf.get(place);
        if (other == null || augment(page, other, wordsOf, seen)) {
          wordsOf.put(place, picture);
          return true;
        }
      }
    }
    return false;
  }
}
