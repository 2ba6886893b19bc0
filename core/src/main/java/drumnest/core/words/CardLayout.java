package drumnest.core.words;

import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Lettering;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The words of a card as they stand on it, line by line: heading, date, then the story.
 *
 * <p>By hand every line stands on one of the card's lines, the first of which lies one pitch below
 * the margin. In type on a blank card lines follow each other by the size of the letters and their
 * leading; on a ruled card each stands on one of its lines. What does not fit is laid out below the
 * card as if that went on. Source: common practice, no source.
 *
 * @param lines all lines, from the top; those of the story that lie beyond the card at the end
 * @param there how many lines the card has for the story
 * @param needed how many the story needs; 0 where nothing is written
 * @param cut where in the story the card ends; its length where all of it fits
 * @param lettersPerLine how many letters of plain text a line holds
 * @param heading how a heading is written: in type larger than the story
 * @param ruling the lines that it is written on, below its top; empty for none
 * @param missing letters that the typeface lacks
 */
public record CardLayout(
    List<TextLine> lines,
    int there,
    int needed,
    int cut,
    long lettersPerLine,
    Lettering heading,
    List<Length> ruling,
    Set<Integer> missing) {

  /** The parts of a card that a line can be of. */
  public enum Part {
    HEADING,
    DATE,
    STORY
  }

  /**
   * A line.
   *
   * @param text what is to be read of it; an item of a list begins with a bullet
   * @param start where it begins in the part it is of
   * @param baseline how far below the top of the card its letters stand
   * @param indent how far its beginning lies from the left margin
   * @param width how long it is
   * @param beyond whether it lies beyond the end of the card
   */
  public record TextLine(
      Part part,
      String text,
      int start,
      Length baseline,
      Length indent,
      Length width,
      boolean beyond) {}

  public CardLayout {
    lines = List.copyOf(lines);
    ruling = List.copyOf(ruling);
    missing = Set.copyOf(missing);
  }

  /** Lays out the words of one card. */
  public static CardLayout of(CardWords words, Size card, Typefaces faces, HouseRules rules) {
    return of(words, words.body(), 0, card, faces, rules);
  }

  /**
   * Lays out what stands on a card of a story that runs on over several.
   *
   * @param story the whole story
   * @param from where in it this card begins
   */
  public static CardLayout of(
      CardWords words, String story, int from, Size card, Typefaces faces, HouseRules rules) {
    return new Laying(words, card, faces, rules).lay(story, from);
  }

  /** How a line is written. */
  public Lettering lettering(TextLine line, CardWords words) {
    return line.part() == Part.HEADING ? heading : words.lettering();
  }

  /** Whether the story ends on the card. */
  public boolean fits() {
    return needed <= there;
  }

  /** How many standard words the lines of the story hold. */
  public long words() {
    return StandardWord.in(there * lettersPerLine);
  }

  /** How many standard words a text is. */
  public static long standardWords(String text) {
    return StandardWord.of(text);
  }

  /** How many standard words can still be written. */
  public long wordsLeft() {
    return StandardWord.in(Math.max(0, there - needed) * lettersPerLine);
  }

  /** Lays out one card. */
  private static final class Laying {

    private static final String BULLET = "• ";

    /** More lines than are ever written on. */
    private static final int MOST_RULED = 400;

    private final CardWords words;
    private final Size card;
    private final Typefaces faces;
    private final HouseRules rules;
    private final LetterRoom room;
    private final Length width;
    private final List<TextLine> lines = new ArrayList<>();
    private final Set<Integer> missing = new TreeSet<>();
    private Length top;

    Laying(CardWords words, Size card, Typefaces faces, HouseRules rules) {
      this.words = words;
      this.card = card;
      this.faces = faces;
      this.rules = rules;
      this.room = LetterRoom.of(words.lettering(), faces);
      this.width = card.w().minus(words.margin().times(2)).max(Length.ZERO);
      this.top = words.margin();
    }

    CardLayout lay(String story, int from) {
      head(Part.HEADING, words.heading());
      head(Part.DATE, words.date());
      Leading leading = Leading.of(words.lettering(), faces, rules);
      int there = leading.linesBetween(top, card.h().minus(words.margin()));
      int cut = story(story, from, leading, there);
      int needed = (int) lines.stream().filter(line -> line.part() == Part.STORY).count();
      return new CardLayout(
          lines,
          there,
          needed,
          cut,
          room.unitsIn(width) / room.meanUnits(),
          heading(),
          ruling(leading),
          missing);
    }

    /** A heading or a date, which pushes what is below it down. */
    private void head(Part part, String text) {
      if (text.isBlank()) {
        return;
      }
      Lettering lettering = part == Part.HEADING ? heading() : words.lettering();
      LetterRoom wide = LetterRoom.of(lettering, faces);
      Leading leading = Leading.of(lettering, faces, rules);
      missing.addAll(wide.missing(text));
      for (LineBreaking.Span line : LineBreaking.of(text.strip(), wide, width)) {
        String read = text.strip().substring(line.start(), line.end());
        lines.add(
            new TextLine(
                part,
                read,
                line.start(),
                leading.baseline(top, 0),
                Length.ZERO,
                wide.length(wide.units(read)),
                false));
        top = leading.below(top, 1);
      }
    }

    private Lettering heading() {
      return words.lettering() instanceof Lettering.Typed typed && typed.ruling() == null
          ? typed.withSize(
              (int) (typed.quarterPoints() * rules.number(HouseRule.HEADING_SIZE) / 100))
          : words.lettering();
    }

    private List<Length> ruling(Leading leading) {
      boolean blank = words.lettering() instanceof Lettering.Typed typed && typed.ruling() == null;
      int count = leading.linesBetween(words.margin(), card.h().minus(words.margin()));
      return blank
          ? List.of()
          : IntStream.range(0, Math.min(count, MOST_RULED))
              .mapToObj(line -> leading.baseline(words.margin(), line))
              .toList();
    }

    /** Lays the story out and says where in it the card ends. */
    private int story(String story, int from, Leading leading, int there) {
      missing.addAll(room.missing(story.substring(from)));
      int count = 0;
      int cut = story.length();
      int at = from;
      // A card never begins with the break at which the one before it ended.
      while (from > 0 && at < story.length() && story.charAt(at) == '\n') {
        at++;
      }
      while (at < story.length()) {
        int end = paragraphEnd(story, at);
        boolean isItem = at == paragraphStart(story, at) && isItem(story.substring(at, end));
        for (TextLine line : paragraph(story.substring(at, end), isItem)) {
          boolean beyond = count >= there;
          if (beyond && cut == story.length()) {
            cut = at + line.start();
          }
          lines.add(
              new TextLine(
                  Part.STORY,
                  line.text(),
                  at + line.start(),
                  leading.baseline(top, count),
                  line.indent(),
                  line.width(),
                  beyond));
          count++;
        }
        at = end + 1;
      }
      return cut;
    }

    private static int paragraphStart(String story, int at) {
      return story.lastIndexOf('\n', at - 1) + 1;
    }

    private static int paragraphEnd(String story, int at) {
      int end = story.indexOf('\n', at);
      return end < 0 ? story.length() : end;
    }

    private static boolean isItem(String paragraph) {
      return paragraph.startsWith("- ") || paragraph.startsWith(BULLET);
    }

    private List<TextLine> paragraph(String paragraph, boolean isItem) {
      int mark = isItem ? BULLET.length() : 0;
      Length indent = isItem ? room.length(room.units(BULLET)) : Length.ZERO;
      Length inside = width.minus(indent).max(Length.ZERO);
      String text = paragraph.substring(mark);
      List<TextLine> laid = new ArrayList<>();
      for (LineBreaking.Span span : LineBreaking.of(text, room, inside)) {
        String read = text.substring(span.start(), span.end());
        boolean first = isItem && laid.isEmpty();
        String shown = first ? BULLET + read : read;
        laid.add(
            new TextLine(
                Part.STORY,
                shown,
                laid.isEmpty() ? 0 : span.start() + mark,
                Length.ZERO,
                first ? Length.ZERO : indent,
                room.length(room.units(shown)),
                false));
      }
      return laid;
    }
  }
}
