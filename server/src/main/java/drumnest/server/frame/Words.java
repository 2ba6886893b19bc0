package drumnest.server.frame;

import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.fit.CropWindow;
import drumnest.core.fit.FocusCut;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.Opening;
import drumnest.core.fit.Outline;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.fit.Trim;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Orientation;
import drumnest.core.measure.Size;
import drumnest.core.photo.Stack;
import drumnest.core.place.budget.Budget;
import drumnest.core.place.budget.CullingSuggestions;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.EnumNames;
import drumnest.server.stock.UnitsInUse;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Measures and places in a maker's words. */
public final class Words {

  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE h:mm a", Locale.ENGLISH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private static final DateTimeFormatter DAY_AND_YEAR =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  /** The share of the subject from which on it is worth a word that it is cut. */
  private static final double MUCH = 0.5;

  private Words() {}

  public static @Nullable String moment(@Nullable LocalDateTime when) {
    return when == null ? null : MOMENT.format(when).replace("AM", "am").replace("PM", "pm");
  }

  /**
   * The titles of chapters: the day, with its year where the story has several, and the part of the
   * day that each begins in.
   */
  public static List<String> chapters(List<@Nullable LocalDateTime> begins) {
    boolean years =
        begins.stream().filter(Objects::nonNull).map(LocalDateTime::getYear).distinct().count() > 1;
    List<String> titles = new ArrayList<>();
    String before = "";
    for (LocalDateTime begin : begins) {
      if (begin == null) {
        titles.add("Without a date");
        continue;
      }
      String day = (years ? DAY_AND_YEAR : DAY).format(begin);
      String part = partOfDay(begin.getHour());
      String title = day + ", " + part;
      titles.add(title.equals(before) ? day + ", later in the " + part : title);
      before = title;
    }
    return titles;
  }

  private static String partOfDay(int hour) {
    if (hour < 5 || hour >= 21) {
      return "night";
    }
    return hour < 12 ? "morning" : hour < 17 ? "afternoon" : "evening";
  }

  public static String counted(long count, String one, String many) {
    return count + " " + (count == 1 ? one : many);
  }

  public static String percent(double share) {
    long whole = Math.round(share * 100);
    return (whole == 100 && share < 0.9999 ? "almost all" : whole + " %");
  }

  public static String sharpness(CropWindow crop) {
    return Math.round(crop.ppi()) + " ppi, " + EnumNames.of(crop.resolution());
  }

  /** Tells what comes off, edge by edge. */
  public static List<String> off(Trim trim) {
    List<String> off = new ArrayList<>();
    add(off, trim.left(), "left");
    add(off, trim.right(), "right");
    add(off, trim.top(), "top");
    add(off, trim.bottom(), "foot");
    return off;
  }

  private static void add(List<String> off, Length length, String edge) {
    if (length.isPositive()) {
      off.add(UnitsInUse.text(length) + " off the " + edge);
    }
  }

  /** An edge, as makers call it. */
  public static String edge(Edge edge) {
    return edge == Edge.BOTTOM ? "foot" : EnumNames.of(edge);
  }

  public static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ENGLISH) + words.substring(1);
  }

  /** How a print is cut after it has its size; nothing where it is cut straight. */
  public static Optional<String> outline(PrintInPocket print) {
    Size size = print.trim().to();
    return print
        .outline()
        .accept(
            new Outline.Visitor<>() {
              @Override
              public Optional<String> straight(Outline.Straight straight) {
                return Optional.empty();
              }

              @Override
              public Optional<String> oval(Outline.Oval oval) {
                return Optional.of(
                    size.w().equals(size.h()) ? "cut it round" : "cut it to the oval within that");
              }

              @Override
              public Optional<String> rounded(Outline.Rounded rounded) {
                return Optional.of("round its corners by " + UnitsInUse.text(rounded.radius()));
              }

              @Override
              public Optional<String> pieces(Outline.Pieces pieces) {
                return isTooSmall(print)
                    ? Optional.empty()
                    : Optional.of(
                        "cut it into "
                            + pieces.count()
                            + " pieces of "
                            + UnitsInUse.text(pieces.piece(size))
                            + ", each "
                            + UnitsInUse.text(pieces.between())
                            + " from the next; what is between is left out");
              }
            });
  }

  /** Whether a print that lies on the table is smaller than all pieces it is to be cut into. */
  private static boolean isTooSmall(PrintInPocket print) {
    return print.outline() instanceof Outline.Pieces
        && !print.trim().to().equals(print.opening().size());
  }

  public static String turn(boolean turned) {
    return turned ? "quarter turn right" : "none";
  }

  /** Tells what a crop cuts of people and subject; nothing where it cuts little. */
  public static Optional<String> cut(FocusCut cut) {
    if (cut.heads() > 0) {
      String sides =
          Arrays.stream(FocusCut.Side.values())
              .filter(cut.sides()::contains)
              .map(side -> side == FocusCut.Side.BOTTOM ? "foot" : EnumNames.of(side))
              .collect(Collectors.joining(" and the "));
      return Optional.of(
          "cuts " + (cut.heads() == 1 ? "a head" : cut.heads() + " heads") + " at the " + sides);
    }
    return cut.subjectShare() > MUCH
        ? Optional.of("cuts " + percent(cut.subjectShare()) + " of the subject away")
        : Optional.empty();
  }

  /** Tells what covers the parts of a print that must not be seen. */
  private static Optional<String> covers(List<Box> covers) {
    return covers.isEmpty()
        ? Optional.empty()
        : Optional.of(
            "It shows what must not be seen. Cover it with a card or a clip of "
                + covers.stream().map(Words::cover).collect(Collectors.joining("; and one of "))
                + " of the print.");
  }

  private static String cover(Box cover) {
    return UnitsInUse.text(cover.size())
        + ", "
        + from(cover.x(), "left")
        + " and "
        + from(cover.y(), "top");
  }

  private static String from(Length off, String edge) {
    return off.isPositive() ? UnitsInUse.text(off) + " from the " + edge : "at the " + edge;
  }

  /** Tells what to use where a crop cuts too much. */
  private static String instead(PrintInPocket seat) {
    if (seat.outline() instanceof Outline.Pieces) {
      return "another picture, or draw a keep box.";
    }
    return "a place of another shape, "
        + (seat.onTable() ? "or draw a keep box." : "draw a keep box, or show it whole on a card.");
  }

  /** Tells what to do with a print, a sentence each. */
  public static List<String> todo(PrintInPocket seat, HouseRules rules) {
    List<String> todo = new ArrayList<>();
    cut(seat.cut())
        .ifPresent(
            cut ->
                todo.add(
                    (seat.onTable() ? "Trimming it " : "Its crop ")
                        + cut
                        + ". Use "
                        + instead(seat)));
    covers(seat.covers()).ifPresent(todo::add);
    String print = (seat.onTable() ? "The print is " : "Print ") + UnitsInUse.text(seat.print());
    InsertFit fit = seat.fit();
    boolean mount = seat.opening().known() == Opening.Known.MOUNT;
    if (seat.trim().isNeeded()) {
      todo.add(print + ", then trim to " + UnitsInUse.text(seat.trim().to()) + ".");
      todo.add("Take " + String.join(", ", off(seat.trim())) + ".");
    } else if (fit.verdict() == InsertFit.Verdict.SNUG) {
      boolean pieces = seat.outline() instanceof Outline.Pieces;
      todo.add(
          print + (pieces ? "." : mount ? "; stick it on its mount." : "; it goes in as it is."));
    }
    outline(seat).ifPresent(cut -> todo.add(capital(cut) + "."));
    if (isTooSmall(seat)) {
      todo.add(
          "This print is too small to run over all panels, which take "
              + UnitsInUse.text(seat.opening().size())
              + ". Use another picture, or order one.");
      return todo;
    }
    if (seat.whole() && fit.backing() != null) {
      todo.add(
          print
              + ", whole; "
              + (mount
                  ? "stick it in the middle of its mount."
                  : "mount it on a card of " + UnitsInUse.text(fit.backing()) + "."));
    } else if (fit.verdict() == InsertFit.Verdict.LOOSE && fit.backing() != null) {
      todo.add(
          mount
              ? print + "; stick it in the middle of its mount."
              : print
                  + "; it would shift. Mount it on a card of "
                  + UnitsInUse.text(fit.backing())
                  + ".");
      edge(fit, rules).ifPresent(todo::add);
    }
    if (seat.opening().known() == Opening.Known.AS_USUAL) {
      todo.add("Assumes a standard pocket; measure yours.");
    }
    return todo;
  }

  /** Tells what is said of the edge that shows around a loose print. */
  private static Optional<String> edge(InsertFit fit, HouseRules rules) {
    Size reveal = fit.reveal();
    if (reveal == null) {
      return Optional.empty();
    }
    Length from = rules.length(HouseRule.EDGE_FROM);
    Length to = rules.length(HouseRule.EDGE_TO);
    boolean even = !reveal.tighter().isLessThan(from) && !reveal.w().max(reveal.h()).isMoreThan(to);
    return Optional.of(
        even
            ? "A thin even edge: it looks intended."
            : "The edge is not thin and even ("
                + UnitsInUse.text(from)
                + " to "
                + UnitsInUse.text(to)
                + " all around); set it off to one side on purpose, or use a second mat.");
  }

  /** Tells what must be minded of a card or keepsake. */
  public static String mind(Ephemera.Mind mind) {
    return switch (mind) {
      case BULGES ->
          "It is thick and makes the pocket bulge; keep it away from thick things opposite.";
      case NOT_TO_BE_CUT -> "It is an original and is not cut: use another place, or a copy.";
      case NOT_TO_BE_GLUED -> "It is an original and is not glued: use a pocket, or a copy.";
      case SLIDES -> "It slides about: fix it to a clear acetate square cut to the pocket.";
    };
  }

  /** Why the first of a stack is the best. */
  public static String reason(Stack stack) {
    int count = stack.photos().size();
    return switch (stack.reason()) {
      case MOST_PIXELS -> "most pixels of " + count;
      case SHARPEST -> "sharpest of " + count;
      case BEST_EXPOSED -> "best exposed of " + count;
      case FIRST -> "first of " + count;
    };
  }

  /** A number of pictures of a shape. */
  public static String shapes(Orientation shape, int count) {
    String word =
        switch (shape) {
          case UPRIGHT -> "upright";
          case WIDE -> "wide";
          case SQUARE -> "square";
        };
    return count + " " + word + (count == 1 ? "" : "s");
  }

  private static String moreNeeded(Orientation shape, int count) {
    String word =
        switch (shape) {
          case UPRIGHT -> "upright";
          case WIDE -> "wide";
          case SQUARE -> "square";
        };
    return count + " more " + word + (count == 1 ? " pocket" : " pockets") + " needed";
  }

  /** Tells what a budget comes to. */
  public static String budget(Budget.Share line, HouseRules rules) {
    if (line.places() == 0) {
      long page = rules.number(HouseRule.CHAPTER_PHOTOS);
      long pages = Math.max(1, (line.kept() + page - 1) / page);
      return line.kept() == 0
          ? "no page yet"
          : "no page yet; wants about " + pages + (pages == 1 ? " page" : " pages");
    }
    List<String> parts = new ArrayList<>();
    if (line.tooMany() > 0) {
      parts.add(line.tooMany() + (line.tooMany() == 1 ? " photo over" : " photos over"));
    } else if (line.free() > 0) {
      parts.add(line.free() + (line.free() == 1 ? " place free" : " places free"));
    }
    line.shapes()
        .forEach(
            (shape, count) -> {
              if (count.tooMany() > 0) {
                parts.add(moreNeeded(shape, count.tooMany()));
              }
            });
    if (line.printsTooLarge() > 0) {
      parts.add(
          line.printsTooLarge()
              + (line.printsTooLarge() == 1 ? " print finds" : " prints find")
              + " no place that takes "
              + (line.printsTooLarge() == 1 ? "it" : "them")
              + " whole");
    }
    return parts.isEmpty() ? "fits exactly" : String.join(", ", parts);
  }

  /**
   * Why a photo is suggested to be dropped.
   *
   * @param other the name of the other photo, where there is one
   * @param tooMany how many of its shape are too many
   */
  public static String why(CullingSuggestions.Reason reason, String other, String tooMany) {
    return switch (reason) {
      case WEAKER_OF_STACK -> other + " is like it, and better";
      case BLURRED -> "blurred";
      case FEW_PIXELS -> "too few pixels even for the smallest place";
      case SUBJECT_AGAIN -> "shows again what " + other + " shows";
      case DARK -> "very dark";
      case PALE -> "very pale";
      case SHAPE_WITHOUT_PLACE -> "of its shape there are " + tooMany + " too many";
    };
  }
}
