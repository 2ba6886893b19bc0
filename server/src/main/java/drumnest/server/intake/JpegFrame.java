package drumnest.server.intake;

import com.drew.lang.RandomAccessFileReader;
import com.drew.lang.RandomAccessReader;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;

/**
 * The frame of a JPEG file: its size, its components, and whether its picture comes in several
 * passes, all of which are held while it is read (source: ITU-T T.81). It does where the frame is
 * progressive, and where a scan has fewer components than the frame.
 */
final class JpegFrame {

  private static final int SOF0 = 0xc0;
  private static final int SOF15 = 0xcf;

  /**
   * Markers among those of frames that begin none: tables of Huffman and arithmetic coding, JPG.
   */
  private static final int DHT = 0xc4;

  private static final int JPG = 0xc8;
  private static final int DAC = 0xcc;

  /** Kinds of frames that come in passes differ from their like that do not by this bit. */
  private static final int PROGRESSIVE = 0x02;

  private static final int BYTES_EACH = 2;
  private static final int MOST_COMPONENTS = 4;

  /** Depth, height, width, and how many components there are. */
  private static final int HEAD = 6;

  private int w;
  private int h;
  private int components;
  private long samples;
  private long densest = 1;
  private boolean inPasses;

  private boolean whole;

  private JpegFrame() {}

  /** Reads the last frame before the first scan, which is the one that decoders go by. */
  static JpegFrame read(Path file) throws IOException {
    JpegFrame frame = new JpegFrame();
    try (RandomAccessFile open = new RandomAccessFile(file.toFile(), "r")) {
      RandomAccessReader reader = new RandomAccessFileReader(open);
      frame.whole =
          JpegSegments.walk(
              reader, (marker, at, length) -> frame.take(reader, marker, (int) at, length));
    }
    return frame;
  }

  /** Whether there is a frame of this size before a first scan. */
  boolean isOf(int width, int height) {
    return whole && w == width && h == height;
  }

  /** How many colours a pixel is mixed of. */
  int components() {
    return components;
  }

  /**
   * How many bytes are held of the passes: two a coefficient, of each component as densely as it is
   * sampled; 0 where the lines are read one after the other. Where the decoder reads another size,
   * four components in full: no JPEG file holds more.
   *
   * @param width pixels across as the decoder reads them
   * @param height pixels down as the decoder reads them
   */
  long passes(int width, int height) {
    long pixels = (long) width * height;
    if (!isOf(width, height)) {
      return BYTES_EACH * MOST_COMPONENTS * pixels;
    }
    return inPasses ? BYTES_EACH * pixels * samples / densest : 0;
  }

  private void take(RandomAccessReader file, int marker, int at, int length) throws IOException {
    if (marker == JpegSegments.SOS && length > 0) {
      inPasses |= file.getUInt8(at) < components;
    } else if (beginsFrame(marker) && length >= HEAD) {
      frame(file, marker, at, length);
    }
  }

  private static boolean beginsFrame(int marker) {
    return marker >= SOF0 && marker <= SOF15 && marker != DHT && marker != JPG && marker != DAC;
  }

  private void frame(RandomAccessReader file, int marker, int at, int length) throws IOException {
    inPasses = (marker & PROGRESSIVE) != 0;
    h = file.getUInt16(at + 1);
    w = file.getUInt16(at + 3);
    components = file.getUInt8(at + 5);
    samples = 0;
    densest = 1;
    for (int component = HEAD; component + 2 < length; component += 3) {
      int sampled = file.getUInt8(at + component + 1);
      long density = (long) (sampled >> 4) * (sampled & 0xf);
      samples += density;
      densest = Math.max(densest, density);
    }
  }
}
