package drumnest.server.intake;

import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * When a photo was taken, by its Exif data (source: CIPA DC-008, DateTimeOriginal and the tags
 * beside it). A time that cannot be true is doubted: one that is still to come, and the midnights
 * that clocks begin at when nobody has set them.
 *
 * @param at when, by the camera's clock; null where it is not known or doubted
 * @param offsetMinutes how far that clock is ahead of UTC, where the file says so
 * @param doubt why what the file says is not believed
 */
record TakenTime(
    @Nullable LocalDateTime at, @Nullable Integer offsetMinutes, @Nullable String doubt) {

  private static final Pattern DATE =
      Pattern.compile("(\\d{4})[:-](\\d\\d)[:-](\\d\\d)[ T](\\d\\d):(\\d\\d):(\\d\\d).*");
  private static final int[] DATES = {
    ExifDirectoryBase.TAG_DATETIME_ORIGINAL, ExifDirectoryBase.TAG_DATETIME_DIGITIZED
  };

  /** Where the clocks of cameras and phones begin. Source: from memory. */
  private static final Set<LocalDateTime> NEVER_SET =
      Set.of(midnight(1904), midnight(1970), midnight(1980), midnight(2000));

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private static LocalDateTime midnight(int year) {
    return LocalDateTime.of(year, 1, 1, 0, 0);
  }

  /**
   * @param today what day it is
   */
  static TakenTime of(Metadata metadata, LocalDate today) {
    LocalDateTime read = read(metadata);
    String doubt = read == null ? null : doubt(read, today);
    return new TakenTime(doubt == null ? read : null, offset(metadata), doubt);
  }

  private static @Nullable String doubt(LocalDateTime read, LocalDate today) {
    if (NEVER_SET.contains(read)) {
      return "its file says "
          + DAY.format(read)
          + ", midnight, as a clock does that nobody has set";
    }
    return read.toLocalDate().isAfter(today.plusDays(1))
        ? "its file says " + DAY.format(read) + ", which is still to come"
        : null;
  }

  private static @Nullable LocalDateTime read(Metadata metadata) {
    for (int tag : DATES) {
      for (ExifSubIFDDirectory exif : metadata.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
        LocalDateTime date = date(exif.getString(tag));
        if (date != null) {
          return date.plusNanos(fraction(exif.getString(subSeconds(tag))));
        }
      }
    }
    for (ExifIFD0Directory exif : metadata.getDirectoriesOfType(ExifIFD0Directory.class)) {
      LocalDateTime date = date(exif.getString(ExifDirectoryBase.TAG_DATETIME));
      if (date != null) {
        return date;
      }
    }
    return null;
  }

  private static int subSeconds(int tag) {
    return tag == ExifDirectoryBase.TAG_DATETIME_ORIGINAL
        ? ExifDirectoryBase.TAG_SUBSECOND_TIME_ORIGINAL
        : ExifDirectoryBase.TAG_SUBSECOND_TIME_DIGITIZED;
  }

  private static @Nullable LocalDateTime date(@Nullable String text) {
    Matcher date = DATE.matcher(text == null ? "" : text.strip());
    if (!date.matches()) {
      return null;
    }
    try {
      return LocalDateTime.of(
          Integer.parseInt(date.group(1)),
          Integer.parseInt(date.group(2)),
          Integer.parseInt(date.group(3)),
          Integer.parseInt(date.group(4)),
          Integer.parseInt(date.group(5)),
          Integer.parseInt(date.group(6)));
    } catch (DateTimeException notSet) {
      return null;
    }
  }

  /** Nanoseconds, to the millisecond, of a fraction of a second written as its digits. */
  private static long fraction(@Nullable String digits) {
    String three = digits == null ? "" : digits.strip();
    if (!three.matches("\\d{1,9}")) {
      return 0;
    }
    return Long.parseLong((three + "00").substring(0, 3)) * 1_000_000;
  }

  private static @Nullable Integer offset(Metadata metadata) {
    for (ExifSubIFDDirectory exif : metadata.getDirectoriesOfType(ExifSubIFDDirectory.class)) {
      for (int tag :
          new int[] {
            ExifDirectoryBase.TAG_TIME_ZONE_ORIGINAL,
            ExifDirectoryBase.TAG_TIME_ZONE_DIGITIZED,
            ExifDirectoryBase.TAG_TIME_ZONE
          }) {
        String text = exif.getString(tag);
        if (text != null && !text.isBlank()) {
          try {
            return ZoneOffset.of(text.strip()).getTotalSeconds() / 60;
          } catch (DateTimeException none) {
            continue;
          }
        }
      }
    }
    return null;
  }
}
