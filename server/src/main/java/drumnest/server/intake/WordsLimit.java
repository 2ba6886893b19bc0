package drumnest.server.intake;

import com.drew.lang.RandomAccessFileReader;
import com.drew.lang.RandomAccessReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * Sees to it that a photo file says no more beside its picture than can be held, packed texts
 * counted as they come out, before any of it is read. Sources of the formats: ITU-T T.81 (JPEG),
 * W3C PNG third edition, RFC 9649 (WebP), TIFF 6.0, GIF89a, ISO/IEC 14496-12 (HEIC and AVIF).
 */
final class WordsLimit {

  /** Cameras write some megabytes of maps of depth beside a picture; nobody writes more. */
  private static final long MOST = 16L << 20;

  /** Programs write the layers of a picture into a TIFF file as words. */
  private static final long MOST_OF_TIFF = 64L << 20;

  private static final int APP1 = 0xe1;
  private static final String EXIF = "Exif\0\0";
  private static final String XMP = "http://ns.adobe.com/xap/1.0/\0";
  private static final String XMP_IN_PNG = "XML:com.adobe.xmp\0";
  private static final int EXTENSION = 0x21;
  private static final int IMAGE = 0x2c;
  private static final Set<Integer> WORDS_IN_GIF = Set.of(0xfe, 0xff);
  private static final Set<String> PACKED = Set.of("zTXt", "iTXt", "iCCP");
  private static final Set<String> PICTURE_IN_PNG = Set.of("IDAT", "fdAT");
  private static final Set<String> PICTURE_IN_WEBP = Set.of("VP8 ", "VP8L", "ALPH", "ANMF");
  private static final Set<String> PICTURE_IN_BOXES = Set.of("mdat", "free", "skip", "moov");

  private final RandomAccessReader file;
  private final long end;
  private final long most;
  private long said;

  private WordsLimit(RandomAccessReader file, PhotoFormat format) throws IOException {
    this.file = file;
    this.end = file.getLength();
    this.most = format.isTiff() ? MOST_OF_TIFF : MOST;
  }

  /**
   * Looks through a file.
   *
   * @return how many bytes it says
   * @throws RefusedPhotoException if it says too much, or something twice of which readers take
   *     different ones
   */
  static long require(Path path, PhotoFormat format) throws IOException {
    try (RandomAccessFile open = new RandomAccessFile(path.toFile(), "r")) {
      WordsLimit limit = new WordsLimit(new RandomAccessFileReader(open), format);
      switch (format) {
        case JPEG -> limit.jpeg();
        case PNG -> limit.png();
        case WEBP -> limit.webp();
        case TIFF, TIFF_BIG_END -> limit.tiff();
        case HEIF, AVIF -> limit.boxes();
        case GIF -> limit.gif();
      }
      return limit.said;
    }
  }

  private void say(long bytes) {
    said += bytes;
    if (said > most) {
      throw new RefusedPhotoException(
          "It says more than "
              + (most >> 20)
              + " MB of words beside its picture, which is too much to read. Save it anew without"
              + " them.");
    }
  }

  private void exif(long at, long length) throws IOException {
    say(TiffDirectories.read(file, at, length, most).referred());
  }

  private void tiff() throws IOException {
    TiffDirectories directories = TiffDirectories.read(file, 0, end, most);
    say(directories.referred());
    if (directories.xmpLength() > 0) {
      xmp(directories.xmpAt(), directories.xmpLength());
    }
    if (directories.saysSomethingTwice()) {
      throw new RefusedPhotoException(
          "It says some things of its picture twice; it seems to be damaged. Save it anew as TIFF"
              + " or as JPEG.");
    }
  }

  private void jpeg() throws IOException {
    JpegSegments.walk(
        file,
        (marker, at, length) -> {
          say(length);
          if (marker == APP1 && begins(at, length, EXIF)) {
            exif(at + EXIF.length(), length - EXIF.length());
          } else if (marker == APP1 && begins(at, length, XMP)) {
            xmp(at + XMP.length(), length - XMP.length());
          }
        });
  }

  private void png() throws IOException {
    for (long at = 8; at + 8 <= end; ) {
      long length = file.getUInt32((int) at);
      String type = text(at + 4, 4);
      long data = at + 8;
      if (length > end - data) {
        return;
      }
      if (!PICTURE_IN_PNG.contains(type)) {
        say(length);
        if (PACKED.contains(type)) {
          words(type, file.getBytes((int) data, (int) length));
        } else if (type.equals("eXIf")) {
          exif(data, length);
        }
      }
      at = data + length + 4;
    }
  }

  /**
   * Looks at a chunk of words: what is packed in it stands behind its name and how it is packed; in
   * international ones also behind a language and the name in that.
   */
  private void words(String type, byte[] chunk) {
    int name = pastNull(chunk, 0);
    if (type.equals("iTXt")) {
      boolean packed = name < chunk.length && chunk[name] == 1;
      int text = pastNull(chunk, pastNull(chunk, name + 2));
      byte[] plain = packed ? inflated(chunk, text) : Arrays.copyOfRange(chunk, text, chunk.length);
      if (new String(chunk, 0, name, StandardCharsets.ISO_8859_1).equals(XMP_IN_PNG)) {
        XmlNesting.require(plain);
      }
    } else {
      inflated(chunk, name + 1);
    }
  }

  /** Where what stands behind the next null begins. */
  private static int pastNull(byte[] chunk, int from) {
    int at = from;
    while (at < chunk.length && chunk[at] != 0) {
      at++;
    }
    return Math.min(chunk.length, at + 1);
  }

  /** Tells what is packed in a chunk; what is damaged in it is left out. */
  private byte[] inflated(byte[] chunk, int from) {
    Inflater inflater = new Inflater();
    ByteArrayOutputStream plain = new ByteArrayOutputStream();
    try {
      inflater.setInput(chunk, Math.min(from, chunk.length), Math.max(0, chunk.length - from));
      byte[] part = new byte[1 << 13];
      for (int got = inflater.inflate(part); got > 0; got = inflater.inflate(part)) {
        say(got);
        plain.write(part, 0, got);
      }
    } catch (DataFormatException damaged) {
      return plain.toByteArray();
    } finally {
      inflater.end();
    }
    return plain.toByteArray();
  }

  private void webp() throws IOException {
    file.setMotorolaByteOrder(false);
    for (long at = 12; at + 8 <= end; ) {
      String type = text(at, 4);
      long length = file.getUInt32((int) at + 4);
      if (length > end - at - 8) {
        return;
      }
      if (!PICTURE_IN_WEBP.contains(type)) {
        say(length);
        if (type.equals("EXIF")) {
          long head = begins(at + 8, length, EXIF) ? EXIF.length() : 0;
          exif(at + 8 + head, length - head);
        } else if (type.equals("XMP ")) {
          xmp(at + 8, length);
        }
      }
      at += 8 + length + (length & 1);
    }
  }

  private void boxes() throws IOException {
    for (long at = 0; at + 8 <= end; ) {
      long length = file.getUInt32((int) at);
      if (length == 1 && at + 16 <= end) {
        length = file.getInt64((int) at + 8);
      }
      if (length == 0 || length > end - at) {
        length = end - at;
      }
      if (length < 8) {
        return;
      }
      if (!PICTURE_IN_BOXES.contains(text(at + 4, 4))) {
        say(length);
      }
      at += length;
    }
  }

  private void gif() throws IOException {
    long at = 13 + colours(file.getUInt8(10));
    while (at + 2 <= end) {
      int block = file.getUInt8((int) at);
      if (block == EXTENSION) {
        at = parts(at + 2, WORDS_IN_GIF.contains(file.getUInt8((int) at + 1)));
      } else if (block == IMAGE && at + 11 <= end) {
        at = parts(at + 11 + colours(file.getUInt8((int) at + 9)), false);
      } else {
        return;
      }
    }
  }

  /** How many bytes a table of colours takes, by the byte that says whether there is one. */
  private static int colours(int flags) {
    return (flags & 0x80) == 0 ? 0 : 3 << (flags & 7) + 1;
  }

  /** Goes through the parts of a block, and gives where the next one begins. */
  private long parts(long from, boolean areWords) throws IOException {
    long at = from;
    while (at < end) {
      int length = file.getUInt8((int) at);
      at += 1 + length;
      if (length == 0) {
        break;
      }
      if (areWords) {
        say(length);
      }
    }
    return at;
  }

  private void xmp(long at, long length) throws IOException {
    XmlNesting.require(file.getBytes((int) at, (int) length));
  }

  private boolean begins(long at, long length, String with) throws IOException {
    return length > with.length() && text(at, with.length()).equals(with);
  }

  private String text(long at, int length) throws IOException {
    return new String(file.getBytes((int) at, length), StandardCharsets.ISO_8859_1);
  }
}
