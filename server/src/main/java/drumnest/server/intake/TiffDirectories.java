package drumnest.server.intake;

import com.drew.lang.RandomAccessFileReader;
import com.drew.lang.RandomAccessReader;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Goes through the directories of a TIFF file, or of the Exif data in another (source: TIFF 6.0,
 * section 2; CIPA DC-008), reading nothing but their entries: how many bytes they refer to in all,
 * and, of the first, how much is unpacked at once.
 */
final class TiffDirectories {

  private static final int WIDTH = 256;
  private static final int HEIGHT = 257;
  private static final int BITS = 258;
  private static final int SAMPLES = 277;
  private static final int ROWS_PER_STRIP = 278;
  private static final int TILE_WIDTH = 322;
  private static final int TILE_HEIGHT = 323;
  private static final int XMP = 700;

  /** Tags of the first directory by which a picture is unpacked; compression and colours too. */
  private static final Set<Integer> OF_THE_PICTURE =
      Set.of(
          WIDTH,
          HEIGHT,
          BITS,
          259,
          262,
          273,
          SAMPLES,
          ROWS_PER_STRIP,
          279,
          284,
          TILE_WIDTH,
          TILE_HEIGHT,
          324,
          325);

  /** Tags that refer to another directory: those within, Exif, positions, interoperability. */
  private static final Set<Integer> DIRECTORIES = Set.of(330, 34665, 34853, 40965);

  /** How many bytes a value of each type takes, by the number of the type. */
  private static final int[] BYTES = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4};

  private static final int SHORT = 3;
  private static final int ENTRY = 12;
  private static final int IN_THE_ENTRY = 4;
  private static final int BITS_IN_A_BYTE = 8;
  private static final int MOST_FOLLOWED = 1_000;

  private final RandomAccessReader file;
  private final int base;
  private final long end;
  private final Map<Integer, Long> first = new HashMap<>();
  private final Set<Long> seen = new HashSet<>();
  private final Deque<Long> ahead = new ArrayDeque<>();
  private boolean twice;
  private long xmpAt;
  private long xmpLength;
  private long referred;

  private TiffDirectories(RandomAccessReader file, int base, long end) {
    this.file = file;
    this.base = base;
    this.end = end;
  }

  /**
   * Goes through all directories.
   *
   * @param base where the data begins in the file; all its addresses are counted from there
   * @param length how many bytes it has
   * @param most where it refers to more bytes than that, the rest is not looked at
   */
  static TiffDirectories read(RandomAccessReader file, long base, long length, long most)
      throws IOException {
    TiffDirectories directories = new TiffDirectories(file, (int) base, length);
    boolean before = file.isMotorolaByteOrder();
    try {
      directories.walk(most);
    } finally {
      file.setMotorolaByteOrder(before);
    }
    return directories;
  }

  /**
   * How many bytes the largest strip or tile of a file takes when it is unpacked; 0 for a file that
   * is no TIFF.
   */
  static long block(Path path, PhotoFormat format) throws IOException {
    if (!format.isTiff()) {
      return 0;
    }
    try (RandomAccessFile open = new RandomAccessFile(path.toFile(), "r")) {
      return read(new RandomAccessFileReader(open), 0, open.length(), Long.MAX_VALUE).block();
    }
  }

  private void walk(long most) throws IOException {
    if (end < 8) {
      return;
    }
    file.setMotorolaByteOrder(file.getUInt8(base) == 'M');
    ahead.add(file.getUInt32(base + 4));
    while (!ahead.isEmpty() && referred <= most && seen.size() < MOST_FOLLOWED) {
      long at = ahead.remove();
      if (at > 0 && at + 2 <= end && seen.add(at)) {
        directory(at);
      }
    }
  }

  private void directory(long at) throws IOException {
    int count = file.getUInt16((int) (base + at));
    long next = at + 2 + (long) count * ENTRY;
    for (long entry = at + 2; entry + ENTRY <= end && entry < next; entry += ENTRY) {
      entry((int) (base + entry), seen.size() == 1);
    }
    if (next + 4 <= end) {
      ahead.add(file.getUInt32((int) (base + next)));
    }
  }

  private void entry(int at, boolean ofFirst) throws IOException {
    int tag = file.getUInt16(at);
    int type = file.getUInt16(at + 2);
    long count = file.getUInt32(at + 4);
    long bytes = type < BYTES.length ? BYTES[type] * count : 0;
    referred += Math.min(bytes, end);
    boolean within = bytes <= IN_THE_ENTRY;
    long valueAt = within ? at + 8L : base + file.getUInt32(at + 8);
    boolean readable = count > 0 && valueAt + BYTES[SHORT] <= base + end;
    if (DIRECTORIES.contains(tag)) {
      follow(valueAt, Math.min(count, MOST_FOLLOWED));
    }
    if (tag == XMP && valueAt + bytes <= base + end) {
      xmpAt = valueAt;
      xmpLength = bytes;
    }
    if (ofFirst && OF_THE_PICTURE.contains(tag)) {
      long value = 0;
      if (readable && valueAt + IN_THE_ENTRY <= base + end) {
        value = type == SHORT ? file.getUInt16((int) valueAt) : file.getUInt32((int) valueAt);
      }
      twice |= first.put(tag, value) != null;
    }
  }

  private void follow(long at, long count) throws IOException {
    for (long each = at; each < at + 4 * count && each + 4 <= base + end; each += 4) {
      ahead.add(file.getUInt32((int) each));
    }
  }

  /** How many bytes the entries refer to; each counts, also where several refer to the same. */
  long referred() {
    return referred;
  }

  /** Where its XMP begins in the file. */
  long xmpAt() {
    return xmpAt;
  }

  /** How many bytes of XMP there are; 0 for none. */
  long xmpLength() {
    return xmpLength;
  }

  /**
   * Whether something by which its first picture is unpacked stands there twice, of which one
   * reader takes the first and another the last.
   */
  boolean saysSomethingTwice() {
    return twice;
  }

  /** How many bytes the largest strip or tile of the first picture takes when it is unpacked. */
  private long block() {
    long w = number(WIDTH, 1);
    long h = number(HEIGHT, 1);
    long across = number(TILE_WIDTH, w);
    long down = number(TILE_HEIGHT, Math.min(h, number(ROWS_PER_STRIP, h)));
    long bits = number(BITS, 1) * number(SAMPLES, 1);
    return times(times(across, down), bits) / BITS_IN_A_BYTE;
  }

  private long number(int tag, long otherwise) {
    return Math.max(1, first.getOrDefault(tag, otherwise));
  }

  /** The product, or the largest number where it would be larger. */
  private static long times(long a, long b) {
    return Math.multiplyHigh(a, b) != 0 || a * b < 0 ? Long.MAX_VALUE : a * b;
  }
}
