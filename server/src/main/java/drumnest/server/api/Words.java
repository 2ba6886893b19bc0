package drumnest.server.api;

import drumnest.core.album.Slot;
import drumnest.core.album.Spread;
import drumnest.core.fit.CropWindow;
import drumnest.core.fit.InsertFit;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.fit.Trim;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Measures and places in a maker's words. */
final class Words {

  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE h:mm a", Locale.ENGLISH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private static final DateTimeFormatter DAY_AND_YEAR =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  private Words() {}

  static @Nullable String moment(@Nullable LocalDateTime when) {
    return when == null ? null : MOMENT.format(when).replace("AM", "am").replace("PM", "pm");
  }

  /**
   * The titles of chapters: the day, with its year where the story has several, and the part of the
   * day that each begins in.
   */
  static List<String> chapters(List<@Nullable LocalDateTime> begins) {
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

  static String page(Spread spread, Slot slot) {
    return slot.leaf() == spread.left().number() ? "left page" : "right page";
  }

  static String place(Spread spread, Slot slot) {
    return "pocket " + slot.pocket() + ", " + page(spread, slot);
  }

  static String percent(double share) {
    long whole = Math.round(share * 100);
    return (whole == 100 && share < 0.9999 ? "almost all" : whole + " %");
  }

  static String key(Enum<?> verdict) {
    return verdict.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static String sharpness(CropWindow crop) {
    return Math.round(crop.ppi()) + " ppi, " + key(crop.resolution());
  }

  /** What comes off, edge by edge. */
  static List<String> off(Trim trim) {
    List<String> off = new ArrayList<>();
    add(off, trim.left(), "left");
    add(off, trim.right(), "right");
    add(off, trim.top(), "top");
    add(off, trim.bottom(), "foot");
    return off;
  }

  private static void add(List<String> off, Length length, String edge) {
    if (length.isPositive()) {
      off.add(length + " off the " + edge);
    }
  }

  static String turn(boolean turned) {
    return turned ? "quarter turn right" : "none";
  }

  /** What to do with a print, a sentence each. */
  static List<String> todo(PrintInPocket seat) {
    List<String> todo = new ArrayList<>();
    String print = seat.onTable() ? "The print is " + seat.print() : "Print " + seat.print();
    InsertFit.Verdict verdict = seat.fit().verdict();
    Size trimTo = seat.trim().to();
    if (seat.trim().isNeeded()) {
      todo.add(print + ", then trim to " + trimTo + ".");
      todo.add("Take " + String.join(", ", off(seat.trim())) + ".");
    } else if (verdict == InsertFit.Verdict.SNUG) {
      todo.add(print + "; it goes in as it is.");
    }
    if (verdict == InsertFit.Verdict.LOOSE && seat.fit().backing() != null) {
      todo.add(print + "; it would shift. Mount it on a card of " + seat.fit().backing() + ".");
    }
    if (!seat.opening().measured()) {
      todo.add("If the pocket is as usual.");
    }
    return todo;
  }
}
