package drumnest.server.intake;

import com.drew.lang.RandomAccessReader;
import java.io.IOException;

/**
 * Goes through what stands in a JPEG file before its first scan, as decoders do (source: ITU-T
 * T.81, annex B): bytes between segments are passed over, a marker may begin with several FF, and
 * TEM and RST have no length.
 */
final class JpegSegments {

  static final int SOS = 0xda;
  private static final int MARK = 0xff;
  private static final int TEM = 0x01;
  private static final int RST0 = 0xd0;
  private static final int SOI = 0xd8;
  private static final int EOI = 0xd9;

  private JpegSegments() {}

  /** Takes a segment: its marker, where what it says begins, and how many bytes that is. */
  interface Taker {
    void take(int marker, long at, int length) throws IOException;
  }

  /**
   * Goes as far as the first scan, which is taken last.
   *
   * @return whether there is one
   */
  static boolean walk(RandomAccessReader file, Taker taker) throws IOException {
    long at = 2;
    long end = file.getLength();
    while (true) {
      while (at < end && file.getUInt8((int) at) != MARK) {
        at++;
      }
      while (at < end && file.getUInt8((int) at) == MARK) {
        at++;
      }
      if (at + 3 > end) {
        return false;
      }
      int marker = file.getUInt8((int) at++);
      if (marker == EOI) {
        return false;
      }
      if (marker == 0 || marker == TEM || (marker >= RST0 && marker <= SOI)) {
        continue;
      }
      int length = Math.max(0, file.getUInt16((int) at) - 2);
      if (at + 2 + length > end) {
        return false;
      }
      taker.take(marker, at + 2, length);
      if (marker == SOS) {
        return true;
      }
      at += 2 + length;
    }
  }
}
