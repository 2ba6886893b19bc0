package drumnest.core.words;

import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LetterSet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Ways to make a title work that is too long or too short for its run, or lacks letters: closer
 * letters, a shorter wording, another set, a second set for what the first lacks, two lines. Each
 * is tried before it is offered, with its letters closer together where it takes that, too. Source:
 * common practice, no source.
 */
public final class TitleFixes {

  /** A line of letters, and how it stands. */
  public record TitleLine(TitleWords title, TitleFit fit) {

    boolean works() {
      return fit.works() && fit.verdict() == TitleFit.Verdict.FITS;
    }
  }

  /**
   * A fix, and how the title stands then.
   *
   * @param lines one, or two where it is set on two
   */
  public record Offer(TitleFix fix, List<TitleLine> lines) {

    public Offer {
      lines = List.copyOf(lines);
    }

    /** How long the longest of its lines is. */
    public Length length() {
      return lines.stream().map(line -> line.fit().length()).reduce(Length.ZERO, Length::max);
    }

    /** How far its letters are apart. */
    public Length spacing() {
      return lines.get(0).title().spacing();
    }
  }

  private final TitleWords title;
  private final Map<String, LetterSet> sets;
  private final Map<LetterSet, Map<String, Integer>> left;
  private final Typefaces faces;
  private final HouseRules rules;
  private final List<Offer> offers = new ArrayList<>();

  private TitleFixes(
      TitleWords title,
      Map<String, LetterSet> sets,
      Map<LetterSet, Map<String, Integer>> left,
      Typefaces faces,
      HouseRules rules) {
    this.title = title;
    this.sets = sets;
    this.left = left;
    this.faces = faces;
    this.rules = rules;
  }

  /**
   * @param sets the letter sets there are, by their keys
   * @param left how many letters are left of those that are counted
   */
  public static List<Offer> of(
      TitleWords title,
      Map<String, LetterSet> sets,
      Map<LetterSet, Map<String, Integer>> left,
      Typefaces faces,
      HouseRules rules) {
    TitleFixes fixes = new TitleFixes(title, sets, left, faces, rules);
    TitleLine now = fixes.line(title);
    if (now.works() || now.fit().letters().isEmpty()) {
      return List.of();
    }
    fixes.find(now);
    return List.copyOf(fixes.offers);
  }

  private TitleLine line(TitleWords as) {
    LetterSet second = as.second() == null ? null : sets.get(as.second());
    return new TitleLine(as, TitleFit.of(as, sets.get(as.set()), second, left, faces, rules));
  }

  private void find(TitleLine now) {
    filling(now)
        .filter(TitleLine::works)
        .ifPresent(
            line ->
                offers.add(new Offer(new TitleFix.Spacing(line.title().spacing()), List.of(line))));
    for (String wording : TitleWordings.of(title.text())) {
      offer(new TitleFix.Wording(wording), title.saying(wording));
    }
    if (!now.fit().missing().isEmpty() && title.second() == null) {
      sets.keySet().stream()
          .filter(key -> !key.equals(title.set()))
          .forEach(key -> offer(new TitleFix.SecondSet(key), title.withSets(title.set(), key)));
    }
    sets.keySet().stream()
        .filter(key -> !key.equals(title.set()))
        .forEach(key -> offer(new TitleFix.OtherSet(key), title.withSets(key, null)));
    twoLines(now);
  }

  private void offer(TitleFix fix, TitleWords as) {
    TitleLine line = line(as);
    boolean tooLong = line.fit().verdict() == TitleFit.Verdict.TOO_LONG;
    Optional<TitleLine> closer = tooLong ? filling(line) : Optional.empty();
    Stream.concat(Stream.of(line), closer.stream())
        .filter(TitleLine::works)
        .findFirst()
        .ifPresent(found -> offers.add(new Offer(fix, List.of(found))));
  }

  /**
   * The line with its letters apart, by marks of the ruler, as far as fills its run; letters never
   * lie over each other for it. None where that is as they are.
   */
  private Optional<TitleLine> filling(TitleLine line) {
    TitleWords as = line.title();
    int gaps = line.fit().letters().size() - 1;
    if (gaps < 1) {
      return Optional.empty();
    }
    Length letters = line.fit().length().minus(as.spacing().times(gaps));
    Length spacing = rules.trimmerIncrement().below(as.run().minus(letters).dividedBy(gaps));
    return spacing.isNegative() || spacing.equals(as.spacing())
        ? Optional.empty()
        : Optional.of(line(as.withSpacing(spacing)));
  }

  /** The two lines that are most alike in length. */
  private void twoLines(TitleLine now) {
    if (!now.fit().missing().isEmpty() || now.fit().verdict() != TitleFit.Verdict.TOO_LONG) {
      return;
    }
    List<String> words = List.of(title.text().strip().split("\\s+"));
    IntStream.range(1, words.size())
        .mapToObj(
            at ->
                twoLines(
                    String.join(" ", words.subList(0, at)),
                    String.join(" ", words.subList(at, words.size()))))
        .filter(offer -> offer.lines().stream().allMatch(line -> line.fit().works()))
        .min(Comparator.comparing(Offer::length))
        .ifPresent(offers::add);
  }

  private Offer twoLines(String first, String second) {
    return new Offer(
        new TitleFix.TwoLines(first, second),
        List.of(line(title.saying(first)), line(title.saying(second))));
  }
}
