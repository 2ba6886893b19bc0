package drumnest.server.intake;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/** The kinds of photo files that are taken in, told by their first bytes. */
enum PhotoFormat {
  JPEG("jpg", "image/jpeg", "\u00ff\u00d8\u00ff"),
  PNG("png", "image/png", "\u0089PNG\r\n\u001a\n"),
  WEBP("webp", "image/webp", "RIFF????WEBP"),
  TIFF("tif", "image/tiff", "II*\0"),
  TIFF_BIG_END("tif", "image/tiff", "MM\0*"),
  GIF("gif", "image/gif", "GIF8"),
  HEIF("heic", "image/heic", "????ftyp", "hei[cxms]|hev[cxms]|mif1|msf1"),
  AVIF("avif", "image/avif", "????ftyp", "avi[fs]");

  private static final int HEAD = 16;

  private final String extension;
  private final String mediaType;
  private final String begin;

  /** The letters that stand behind the beginning; empty where anything may. */
  private final String brands;

  PhotoFormat(String extension, String mediaType, String begin) {
    this(extension, mediaType, begin, "");
  }

  PhotoFormat(String extension, String mediaType, String begin, String brands) {
    this.extension = extension;
    this.mediaType = mediaType;
    this.begin = begin;
    this.brands = brands;
  }

  String extension() {
    return extension;
  }

  /** Its media type (source: IANA). */
  String mediaType() {
    return mediaType;
  }

  boolean isTiff() {
    return this == TIFF || this == TIFF_BIG_END;
  }

  /** Whether browsers show such a file as it is. */
  boolean isShownByBrowsers() {
    return this == JPEG || this == PNG || this == WEBP;
  }

  /** Whether the page decodes it, and brings its picture beside it. */
  boolean isDecodedByThePage() {
    return this == HEIF || this == AVIF;
  }

  /** The format of a kept file, by its extension. */
  static Optional<PhotoFormat> ofExtension(String extension) {
    for (PhotoFormat format : values()) {
      if (format.extension.equals(extension)) {
        return Optional.of(format);
      }
    }
    return Optional.empty();
  }

  static Optional<PhotoFormat> of(Path file) throws IOException {
    String head = head(file);
    for (PhotoFormat format : values()) {
      if (begins(head, format.begin)
          && (format.brands.isEmpty() || brand(head).matches(format.brands))) {
        return Optional.of(format);
      }
    }
    return Optional.empty();
  }

  /** The brand of a file of boxes (source: ISO/IEC 14496-12); empty where there is none. */
  private static String brand(String head) {
    return head.length() < 12 ? "" : head.substring(8, 12);
  }

  private static String head(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return new String(in.readNBytes(HEAD), StandardCharsets.ISO_8859_1);
    }
  }

  /** Whether the head begins so; a question mark stands for any byte. */
  private static boolean begins(String head, String begin) {
    if (head.length() < begin.length()) {
      return false;
    }
    for (int i = 0; i < begin.length(); i++) {
      if (begin.charAt(i) != '?' && begin.charAt(i) != head.charAt(i)) {
        return false;
      }
    }
    return true;
  }

  private static final String ACCEPTED = "JPEG, PNG, WebP, TIFF, GIF, HEIC and AVIF are accepted.";

  /** Tells what to say of a file that is none of these: what it is, and what to do. */
  static String refusal(Path file, String name) throws IOException {
    String head = head(file);
    String lower = name.toLowerCase(Locale.ROOT);
    if (begins(head, "????ftyp")) {
      return "It is a film. Save the moment that you want as a JPEG picture and bring that.";
    }
    if (begins(head, "BM")) {
      return "It is a BMP picture, which is not read here. Save it as PNG and bring it again.";
    }
    if (begins(head, "%PDF")) {
      return "It is a PDF document. Save its page as a JPEG picture and bring that.";
    }
    if (begins(head, "PK\u0003\u0004")) {
      return "It is a ZIP archive. Unpack it and bring the photos in it.";
    }
    if (isRaw(lower)) {
      return "It is a camera's raw file, which is not read here. Bring the JPEG beside it, or save"
          + " it as JPEG.";
    }
    return "It is not a photo; " + ACCEPTED;
  }

  /** Whether the name is that of a camera's raw file, some of which look like TIFF inside. */
  static boolean isRaw(String name) {
    return name.toLowerCase(Locale.ROOT)
        .matches(".*\\.(cr2|cr3|crw|nef|nrw|arw|sr2|srf|raf|orf|rw2|pef|dng|raw|x3f|3fr|iiq|erf)");
  }
}
