package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.ephemera.TitleWords;
import drumnest.core.measure.Length;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.photo.Contrast;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.TitleFit;
import drumnest.core.words.TitleFix;
import drumnest.core.words.TitleFixes;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.Views;
import drumnest.server.frame.WrittenLines;
import drumnest.server.stock.UnitsInUse;
import drumnest.server.type.ShippedTypefaces;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Titles as the page shows them. */
final class TitleViews {

  private TitleViews() {}

  /**
   * A title.
   *
   * @param said that in words
   * @param missing the letters that are missing, in words; left out for none
   * @param height how high its letters are, in inches, for drawing
   * @param colour of its letters
   * @param estimated whether some widths are estimated
   * @param border what it takes of its page or photo
   * @param about the photo it lies on or beside; left out where it does neither
   * @param contrast left out where its ground is not known
   */
  record TitleView(
      int key,
      String text,
      String set,
      String setName,
      @Nullable String second,
      Views.LengthView run,
      Views.LengthView spacing,
      boolean stacked,
      boolean fromEnd,
      @Nullable String about,
      @Nullable String chapter,
      boolean stuck,
      List<TitleLetterView> letters,
      Views.LengthView length,
      TitleFit.Verdict verdict,
      String said,
      @Nullable String missing,
      double height,
      String colour,
      boolean estimated,
      Views.SizeView border,
      @Nullable ContrastView contrast,
      Views.@Nullable WhereView where,
      List<TitleFixView> fixes) {}

  /**
   * A letter; lengths are in inches, for drawing.
   *
   * @param mark where it begins, at the nearest mark of the ruler
   */
  record TitleLetterView(
      String text,
      double start,
      double extent,
      String mark,
      boolean measured,
      boolean missing,
      boolean fromSecond) {}

  /** A fix that works: its name, what is done, how long the title is then. */
  record TitleFixView(String way, String text, String length) {}

  static TitleView of(AlbumModel album, Ephemera.Title each, LetterStock stock) {
    TitleWords title = each.title();
    LetterStock.Box box = stock.before(album, each.key());
    TitleFit fit = box.fit(title);
    LetterSet set = box.sets().get(title.set());
    if (fit == null || set == null) {
      throw new IllegalStateException("The letter set " + title.set() + " is gone.");
    }
    return new TitleView(
        each.key(),
        title.text(),
        title.set(),
        set.name(),
        title.second(),
        Views.LengthView.of(title.run()),
        Views.LengthView.of(title.spacing()),
        title.stacked(),
        title.fromEnd(),
        title.about(),
        title.chapter(),
        title.stuck(),
        letters(album, fit, title.second() == null ? null : box.sets().get(title.second())),
        Views.LengthView.of(fit.length()),
        fit.verdict(),
        said(title, fit),
        missing(fit),
        WrittenLines.inches(set.height()),
        set.colour(),
        fit.letters().stream().anyMatch(letter -> !letter.measured()),
        Views.SizeView.of(fit.border()),
        contrast(album, title, set),
        album.slotOfEphemera(each.key()).map(slot -> AlbumViews.where(album, slot)).orElse(null),
        fixes(album, title, box));
  }

  private static List<TitleLetterView> letters(
      AlbumModel album, TitleFit fit, @Nullable LetterSet second) {
    return fit.letters().stream()
        .map(
            letter ->
                new TitleLetterView(
                    letter.text(),
                    WrittenLines.inches(letter.start()),
                    WrittenLines.inches(letter.extent()),
                    UnitsInUse.text(nearestMark(album, letter.start())),
                    letter.measured(),
                    letter.from() == null && !letter.text().isBlank(),
                    letter.from() != null && letter.from().equals(second)))
        .toList();
  }

  private static Length nearestMark(AlbumModel album, Length at) {
    Length step = album.rules().trimmerIncrement().step();
    return album.rules().trimmerIncrement().below(at.plus(step.dividedBy(2)));
  }

  private static String said(TitleWords title, TitleFit fit) {
    Length over = fit.length().minus(title.run());
    return switch (fit.verdict()) {
      case TOO_LONG -> UnitsInUse.text(over) + " too long";
      case TOO_SHORT -> "short: " + UnitsInUse.text(over.negated()) + " stay free";
      case FITS -> "fits, " + UnitsInUse.text(over.negated()) + " to spare";
    };
  }

  private static @Nullable String missing(TitleFit fit) {
    if (fit.missing().isEmpty()) {
      return null;
    }
    return fit.missing().entrySet().stream()
            .map(each -> each.getValue() + " " + each.getKey())
            .collect(Collectors.joining(", "))
        + " too few";
  }

  /** How the letters stand out from the edge of the photo they lie on. */
  private static @Nullable ContrastView contrast(
      AlbumModel album, TitleWords title, LetterSet set) {
    if (title.about() == null) {
      return null;
    }
    int colour = Integer.parseInt(set.colour().substring(1), 16);
    return album
        .photo(title.about())
        .map(AlbumPhoto::look)
        .map(look -> contrast(Contrast.between(colour, look.edge())))
        .orElse(null);
  }

  private static ContrastView contrast(double ratio) {
    boolean pale = ratio < Contrast.OF_LARGE_TEXT;
    String said = String.format(Locale.ENGLISH, "%.1f to 1", ratio);
    return new ContrastView(
        pale
            ? "hardly stands out from its photo: " + said + ", large letters want 3"
            : "stands out from its photo: " + said,
        pale);
  }

  /** The name of a fix. */
  static String way(TitleFix fix) {
    return fix.accept(WAY);
  }

  private static final TitleFix.Visitor<String> WAY =
      new TitleFix.Visitor<>() {
        @Override
        public String wording(TitleFix.Wording wording) {
          return "say:" + wording.text();
        }

        @Override
        public String otherSet(TitleFix.OtherSet other) {
          return "set:" + other.set();
        }

        @Override
        public String secondSet(TitleFix.SecondSet second) {
          return "second:" + second.set();
        }

        @Override
        public String spacing(TitleFix.Spacing spacing) {
          return "spacing";
        }

        @Override
        public String twoLines(TitleFix.TwoLines lines) {
          return "two-lines";
        }
      };

  private static List<TitleFixView> fixes(AlbumModel album, TitleWords title, LetterStock.Box box) {
    if (title.stuck()) {
      return List.of();
    }
    Map<String, LetterSet> sets = box.sets();
    return TitleFixes.of(title, sets, box.left(), ShippedTypefaces.ALL, album.rules()).stream()
        .map(
            offer ->
                new TitleFixView(
                    way(offer.fix()),
                    text(offer.fix(), sets) + spaced(title, offer),
                    UnitsInUse.text(offer.length())))
        .toList();
  }

  /**
   * Tells what it takes besides, where its letters come closer together or further apart for it.
   */
  private static String spaced(TitleWords title, TitleFixes.Offer offer) {
    return offer.fix() instanceof TitleFix.Spacing || offer.spacing().equals(title.spacing())
        ? ""
        : ", letters " + apart(offer.spacing());
  }

  private static String apart(Length spacing) {
    return spacing.isZero() ? "close together" : UnitsInUse.text(spacing) + " apart";
  }

  private static String text(TitleFix fix, Map<String, LetterSet> sets) {
    return fix.accept(
        new TitleFix.Visitor<>() {
          @Override
          public String wording(TitleFix.Wording wording) {
            return "Say “" + wording.text() + "”";
          }

          @Override
          public String otherSet(TitleFix.OtherSet other) {
            return "In " + sets.get(other.set()).name();
          }

          @Override
          public String secondSet(TitleFix.SecondSet second) {
            return "What is missing from " + sets.get(second.set()).name();
          }

          @Override
          public String spacing(TitleFix.Spacing spacing) {
            return "Letters " + apart(spacing.spacing());
          }

          @Override
          public String twoLines(TitleFix.TwoLines lines) {
            return "Two lines: “" + lines.first() + "”, “" + lines.second() + "”";
          }
        });
  }
}
