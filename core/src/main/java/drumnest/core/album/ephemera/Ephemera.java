package drumnest.core.album.ephemera;

import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Something that is no photo and takes a slot like one. */
public sealed interface Ephemera {

  /** Something that must be minded when a thing goes into a slot. */
  enum Mind {
    /** It makes the pocket bulge. */
    BULGES,
    /** It is an original and would have to be cut to go in. */
    NOT_TO_BE_CUT,
    /** It is an original and would be glued. */
    NOT_TO_BE_GLUED,
    /** It is small and slides about: fix it to a clear acetate square cut to the pocket. */
    SLIDES
  }

  /**
   * A card with words, or one that is still empty.
   *
   * @param original whether it cannot be replaced, and so is never glued or cut
   */
  record Card(int key, String name, Size size, Length thickness, boolean original, CardWords card)
      implements Ephemera {

    @Override
    public EphemeraKind kind() {
      return EphemeraKind.CARD;
    }

    @Override
    public Card withKey(int next) {
      return new Card(next, name, size, thickness, original, card);
    }

    @Override
    public Card sized(Size next) {
      return new Card(key, name, next, thickness, original, card);
    }

    /** This card with other words. */
    public Card saying(CardWords next) {
      return new Card(key, name, size, thickness, original, next);
    }

    /** This card under another name. */
    public Card named(String next) {
      return new Card(key, next, size, thickness, original, card);
    }

    @Override
    public Inscription inscription() {
      return card;
    }
  }

  /** A title of letters, as large as they are with their margins. */
  record Title(int key, String name, Size size, Length thickness, TitleWords title)
      implements Ephemera {

    @Override
    public EphemeraKind kind() {
      return EphemeraKind.TITLE;
    }

    @Override
    public boolean original() {
      return false;
    }

    @Override
    public Title withKey(int next) {
      return new Title(next, name, size, thickness, title);
    }

    @Override
    public Title sized(Size next) {
      return new Title(key, name, next, thickness, title);
    }

    /** This title spelling something else, or in other letters. */
    public Title spelling(TitleWords next) {
      return new Title(key, name, size, thickness, next);
    }

    @Override
    public Inscription inscription() {
      return title;
    }
  }

  /**
   * A coin, a ticket, a clipping.
   *
   * @param original whether it cannot be replaced, and so is never glued or cut
   */
  record Keepsake(int key, String name, Size size, Length thickness, boolean original)
      implements Ephemera {

    @Override
    public EphemeraKind kind() {
      return EphemeraKind.KEEPSAKE;
    }

    @Override
    public Keepsake withKey(int next) {
      return new Keepsake(next, name, size, thickness, original);
    }

    @Override
    public Keepsake sized(Size next) {
      return new Keepsake(key, name, next, thickness, original);
    }
  }

  /** Its name in the album, which stays. */
  int key();

  EphemeraKind kind();

  /** Tells what its maker calls it. */
  String name();

  /** How large it is as it is read. */
  Size size();

  /** How thick it is. */
  Length thickness();

  /** Whether it cannot be replaced, and so is never glued or cut. */
  boolean original();

  /** Tells what is written on it, and how; null on a keepsake. */
  default @Nullable Inscription inscription() {
    return null;
  }

  /** This thing under another key. */
  Ephemera withKey(int next);

  /** This thing, larger or smaller. */
  Ephemera sized(Size next);

  /** All that is to be read on it; empty on a keepsake. */
  default String words() {
    Inscription written = inscription();
    return written == null ? "" : written.text();
  }

  /** The words of a card; null for what is none. */
  default @Nullable CardWords card() {
    return null;
  }

  /** Tells what a title spells; null for what is none. */
  default @Nullable TitleWords title() {
    return null;
  }

  /** How it goes into an opening, with a quarter turn or without; never turned by itself. */
  default InsertFit fit(Opening opening, boolean turned, HouseRules rules) {
    return InsertFit.of(size().turnedIf(turned), opening, rules);
  }

  /** Tells what must be minded in a slot. Source: common practice, no source. */
  default List<Mind> mind(Opening opening, boolean turned, HouseRules rules) {
    boolean mount = opening.known() == Opening.Known.MOUNT;
    InsertFit.Verdict verdict = fit(opening, turned, rules).verdict();
    List<Mind> mind = new ArrayList<>();
    if (!mount && thickness().isMoreThan(rules.length(HouseRule.BULGES_ABOVE))) {
      mind.add(Mind.BULGES);
    }
    if (original() && verdict == InsertFit.Verdict.TOO_BIG) {
      mind.add(Mind.NOT_TO_BE_CUT);
    }
    if (original() && mount) {
      mind.add(Mind.NOT_TO_BE_GLUED);
    }
    if (!mount && kind() == EphemeraKind.KEEPSAKE && verdict == InsertFit.Verdict.LOOSE) {
      mind.add(Mind.SLIDES);
    }
    return mind;
  }
}
