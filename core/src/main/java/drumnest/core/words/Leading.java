package drumnest.core.words;

import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;

/** Where the lines of a card lie below each other. */
sealed interface Leading {

  /** How many lines there are between two heights, measured from the top of the card. */
  int linesBetween(Length top, Length bottom);

  /** Where the letters of a line stand. */
  Length baseline(Length top, int line);

  /** Where what comes after so many lines may begin. */
  Length below(Length top, int lines);

  static Leading of(Lettering lettering, Typefaces faces, HouseRules rules) {
    return lettering.accept(
        new Lettering.Visitor<>() {
          @Override
          public Leading byHand(Lettering.ByHand hand) {
            return new OnPitch(hand.pitch(), hand.pitch());
          }

          @Override
          public Leading typed(Lettering.Typed typed) {
            return inType(typed, faces.face(typed.face()), rules);
          }
        });
  }

  private static Leading inType(Lettering.Typed typed, Typeface face, HouseRules rules) {
    LetterRoom.InType room = new LetterRoom.InType(face, typed.quarterPoints());
    Length ascent = room.length(face.ascent());
    if (typed.ruling() != null) {
      return new OnRuling(typed.ruling(), ascent.min(typed.ruling().pitch()));
    }
    Length pitch = room.length(face.unitsPerEm()).times(rules.number(HouseRule.TYPE_LEADING), 100);
    Length letters = ascent.plus(room.length(face.descent()));
    return new OnPitch(pitch, pitch.minus(letters).dividedBy(2).plus(ascent));
  }

  /**
   * Lines at an even pitch from the top on.
   *
   * @param first how far the letters of the first line stand below the top
   */
  record OnPitch(Length pitch, Length first) implements Leading {

    @Override
    public int linesBetween(Length top, Length bottom) {
      return (int)
          Math.max(
              0,
              Math.floorDiv(bottom.minus(top).toNanometres(), Math.max(1, pitch.toNanometres())));
    }

    @Override
    public Length baseline(Length top, int line) {
      return top.plus(pitch.times(line)).plus(first);
    }

    @Override
    public Length below(Length top, int lines) {
      return top.plus(pitch.times(lines));
    }
  }

  /**
   * The lines that a card is ruled with.
   *
   * @param reach how far letters reach above their line, at most to the line above
   */
  record OnRuling(Lettering.Ruling ruling, Length reach) implements Leading {

    private long first(Length top) {
      long toTop = top.plus(reach).minus(ruling.first()).toNanometres();
      return Math.max(0, -Math.floorDiv(-toTop, ruling.pitch().toNanometres()));
    }

    @Override
    public int linesBetween(Length top, Length bottom) {
      long last =
          Math.floorDiv(bottom.minus(ruling.first()).toNanometres(), ruling.pitch().toNanometres());
      return (int) Math.max(0, last - first(top) + 1);
    }

    @Override
    public Length baseline(Length top, int line) {
      return ruling.first().plus(ruling.pitch().times(first(top) + line));
    }

    @Override
    public Length below(Length top, int lines) {
      return baseline(top, lines - 1);
    }
  }
}
