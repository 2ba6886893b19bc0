package drumnest.server.intake;

import com.adobe.internal.xmp.XMPConst;
import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.properties.XMPProperty;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import drumnest.core.photo.FileWords;
import drumnest.server.PlainText;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads what a photo file says of its picture: Exif (CIPA DC-008), XMP (ISO 16684-1) and IPTC-IIM.
 * What XMP says goes before what IPTC says.
 */
final class FileWordsReader {

  private static final int LONGEST_TITLE = 300;
  private static final int LONGEST_CAPTION = 2000;
  private static final int LONGEST_KEYWORDS = 1000;
  private static final int LONGEST_CAMERA = 120;

  private FileWordsReader() {}

  /**
   * @param today what day it is
   */
  static FileWords read(Metadata metadata, LocalDate today) {
    TakenTime time = TakenTime.of(metadata, today);
    FileWords words = FileWords.NONE;
    for (XmpDirectory directory : metadata.getDirectoriesOfType(XmpDirectory.class)) {
      words = merged(words, of(directory.getXMPMeta()));
    }
    for (IptcDirectory iptc : metadata.getDirectoriesOfType(IptcDirectory.class)) {
      words = merged(words, of(iptc));
    }
    return new FileWords(
        time.at(),
        time.offsetMinutes(),
        time.doubt(),
        camera(metadata),
        words.rating() == null ? exifRating(metadata) : words.rating(),
        words.title(),
        words.caption(),
        words.keywords());
  }

  /** Tells what is said in XMP; nothing of it is required. */
  static FileWords of(XMPMeta xmp) {
    return words(
        rating(xmp), localized(xmp, "title"), localized(xmp, "description"), array(xmp, "subject"));
  }

  private static FileWords of(IptcDirectory iptc) {
    List<String> keywords = iptc.getKeywords();
    return words(
        null,
        iptc.getString(IptcDirectory.TAG_OBJECT_NAME),
        iptc.getString(IptcDirectory.TAG_CAPTION),
        keywords == null ? List.of() : keywords);
  }

  private static FileWords words(
      @Nullable Integer rating,
      @Nullable String title,
      @Nullable String caption,
      List<String> keywords) {
    return new FileWords(
        null,
        null,
        null,
        null,
        rating,
        cut(title, LONGEST_TITLE),
        cut(caption, LONGEST_CAPTION),
        cut(
            keywords.stream()
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .distinct()
                .collect(Collectors.joining(", ")),
            LONGEST_KEYWORDS));
  }

  private static FileWords merged(FileWords first, FileWords second) {
    return new FileWords(
        null,
        null,
        null,
        null,
        first.rating() == null ? second.rating() : first.rating(),
        first.title().isEmpty() ? second.title() : first.title(),
        first.caption().isEmpty() ? second.caption() : first.caption(),
        first.keywords().isEmpty() ? second.keywords() : first.keywords());
  }

  private static String cut(@Nullable String text, int longest) {
    return text == null ? "" : PlainText.beginning(PlainText.of(text, true).strip(), longest);
  }

  private static @Nullable Integer rating(XMPMeta xmp) {
    try {
      String text = xmp.getPropertyString(XMPConst.NS_XMP, "Rating");
      return text == null ? null : stars((int) Math.round(Double.parseDouble(text.strip())));
    } catch (XMPException | NumberFormatException none) {
      return null;
    }
  }

  private static @Nullable Integer exifRating(Metadata metadata) {
    for (ExifIFD0Directory exif : metadata.getDirectoriesOfType(ExifIFD0Directory.class)) {
      Integer rating = exif.getInteger(ExifDirectoryBase.TAG_RATING);
      if (rating != null) {
        return stars(rating);
      }
    }
    return null;
  }

  private static int stars(int number) {
    return Math.max(-1, Math.min(5, number));
  }

  private static @Nullable String localized(XMPMeta xmp, String name) {
    try {
      XMPProperty text = xmp.getLocalizedText(XMPConst.NS_DC, name, null, XMPConst.X_DEFAULT);
      return text == null ? null : text.getValue();
    } catch (XMPException none) {
      return null;
    }
  }

  private static List<String> array(XMPMeta xmp, String name) {
    List<String> items = new ArrayList<>();
    try {
      for (int i = 1; i <= xmp.countArrayItems(XMPConst.NS_DC, name); i++) {
        items.add(xmp.getArrayItem(XMPConst.NS_DC, name, i).getValue());
      }
    } catch (XMPException none) {
      return items;
    }
    return items;
  }

  /** Make, model and number of the camera, as far as the file says them. */
  private static @Nullable String camera(Metadata metadata) {
    String make = first(metadata, ExifIFD0Directory.class, ExifDirectoryBase.TAG_MAKE);
    String model = first(metadata, ExifIFD0Directory.class, ExifDirectoryBase.TAG_MODEL);
    String number =
        first(metadata, ExifSubIFDDirectory.class, ExifDirectoryBase.TAG_BODY_SERIAL_NUMBER);
    String name =
        Stream.of(model.startsWith(make) ? "" : make, model, number)
            .filter(part -> !part.isEmpty())
            .collect(Collectors.joining(" "));
    return name.isEmpty() ? null : cut(name, LONGEST_CAMERA);
  }

  private static String first(Metadata metadata, Class<? extends Directory> type, int tag) {
    return metadata.getDirectoriesOfType(type).stream()
        .map(directory -> cut(directory.getString(tag), LONGEST_CAMERA))
        .filter(text -> !text.isEmpty())
        .findFirst()
        .orElse("");
  }
}
