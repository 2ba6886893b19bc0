package drumnest.core.album;

import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that is no photo and takes a slot like one: a card with words, a title, or a keepsake.
 *
 * @param key its name in the album, which stays
 * @param kind what it is
 * @param name what its maker calls it
 * @param size as it is read
 * @param thickness how thick it is
 * @param original whether it cannot be replaced, and so is never glued or cut
 * @param inscription what is written on a card or spelt by a title; null on a keepsake
 */
public record Ephemera(
    int key,
    Kind kind,
    String name,
    Size size,
    Length thickness,
    boolean original,
    @Nullable Inscription inscription) {

  /** What a thing is. */
  public enum Kind {
    CARD,
    TITLE,
    KEEPSAKE
  }

  /** Something that must be minded when a thing goes into a slot. */
  public enum Mind {
    /** It makes the pocket bulge. */
    BULGES,
    /** It is an original and would have to be cut to go in. */
    NOT_TO_BE_CUT,
    /** It is an original and would be glued. */
    NOT_TO_BE_GLUED,
    /** It is small and slides about: fix it to a clear acetate square cut to the pocket. */
    SLIDES
  }

  public Ephemera withKey(int next) {
    return new Ephemera(next, kind, name, size, thickness, original, inscription);
  }

  /** The same saying something else. */
  public Ephemera inscribed(Inscription next) {
    return new Ephemera(key, kind, name, size, thickness, original, next);
  }

  /** The same, larger or smaller. */
  public Ephemera sized(Size next) {
    return new Ephemera(key, kind, name, next, thickness, original, inscription);
  }

  /** All that is to be read on it; empty on a keepsake. */
  public String words() {
    return inscription == null ? "" : inscription.text();
  }

  /** The words of a card; null for what is none. */
  public @Nullable CardWords card() {
    return inscription instanceof CardWords card ? card : null;
  }

  /** What a title spells; null for what is none. */
  public @Nullable TitleWords title() {
    return inscription instanceof TitleWords title ? title : null;
  }

  /** How it goes into an opening, with a quarter turn or without; never turned by itself. */
  public InsertFit fit(Opening opening, boolean turned, HouseRules rules) {
    return InsertFit.of(size.turnedIf(turned), opening, rules);
  }

  /** What must be minded in a slot. Source: common practice, no source. */
  public List<Mind> mind(Opening opening, boolean turned, HouseRules rules) {
    boolean mount = opening.known() == Opening.Known.MOUNT;
    InsertFit.Verdict verdict = fit(opening, turned, rules).verdict();
    List<Mind> mind = new ArrayList<>();
    if (!mount && thickness.isMoreThan(rules.length(HouseRule.BULGES_ABOVE))) {
      mind.add(Mind.BULGES);
    }
    if (original && verdict == InsertFit.Verdict.TOO_BIG) {
      mind.add(Mind.NOT_TO_BE_CUT);
    }
    if (original && mount) {
      mind.add(Mind.NOT_TO_BE_GLUED);
    }
    if (!mount && kind == Kind.KEEPSAKE && verdict == InsertFit.Verdict.LOOSE) {
      mind.add(Mind.SLIDES);
    }
    return mind;
  }
}
