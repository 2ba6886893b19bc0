package drumnest.server;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import javax.imageio.ImageIO;

/** Photo files that want more of their reader than they are large. */
final class HostilePictures {

  private HostilePictures() {}

  /** A part of a file that writes itself. */
  private interface Part {
    void to(DataOutputStream out) throws IOException;
  }

  private static byte[] bytes(Part part) {
    try {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      part.to(new DataOutputStream(bytes));
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * A TIFF file of grey pixels whose width and height stand in it twice: first small, then so large
   * that it takes hundreds of megabytes.
   */
  static byte[] tiffOfTwoSizes(int w, int h) {
    byte[] strip = packed(new byte[1 << 16], w * (long) h);
    return tiff(
        strip,
        new int[][] {
          {256, 4, 1, 100},
          {256, 4, 1, w},
          {257, 4, 1, 100},
          {257, 4, 1, h},
          {258, 3, 1, 8 << 16},
          {259, 3, 1, 8 << 16},
          {262, 3, 1, 1 << 16},
          {273, 4, 1, 0},
          {277, 3, 1, 1 << 16},
          {278, 4, 1, h},
          {279, 4, 1, strip.length}
        });
  }

  /** A TIFF file that says twice which program wrote it, which is nothing of its picture. */
  static byte[] tiffOfTwoPrograms() {
    byte[] strip = packed(new byte[1 << 16], 90 * 60);
    return tiff(
        strip,
        new int[][] {
          {256, 4, 1, 90}, {257, 4, 1, 60}, {258, 3, 1, 8 << 16}, {259, 3, 1, 8 << 16},
          {262, 3, 1, 1 << 16}, {273, 4, 1, 0}, {277, 3, 1, 1 << 16}, {278, 4, 1, 60},
          {279, 4, 1, strip.length}, {305, 2, 2, 'a' << 24}, {305, 2, 2, 'b' << 24}
        });
  }

  private static byte[] tiff(byte[] strip, int[][] entries) {
    int data = 8 + 2 + entries.length * 12 + 4;
    return bytes(
        out -> {
          out.writeBytes("MM\0*");
          out.writeInt(8);
          out.writeShort(entries.length);
          for (int[] entry : entries) {
            out.writeShort(entry[0]);
            out.writeShort(entry[1]);
            out.writeInt(entry[2]);
            out.writeInt(entry[0] == 273 ? data : entry[3]);
          }
          out.writeInt(0);
          out.write(strip);
        });
  }

  /**
   * A progressive JPEG file that begins with FF 01, which has no length: a reader that thinks it
   * has passes over the true frame, of w × h, and finds a small one.
   */
  static byte[] jpegBehindAMarkerWithoutLength(byte[] progressive, int w, int h) {
    int at = 0;
    while ((progressive[at] & 0xff) != 0xff || (progressive[at + 1] & 0xff) != 0xc2) {
      at++;
    }
    byte[] frame = java.util.Arrays.copyOfRange(progressive, at, progressive.length);
    ByteBuffer.wrap(frame).putShort(5, (short) h).putShort(7, (short) w);
    byte[] tables = java.util.Arrays.copyOfRange(progressive, 2, at);
    return bytes(
        out -> {
          out.writeShort(0xffd8);
          out.writeShort(0xff01);
          // As a length, what follows reaches to where the small frame stands.
          int skipped = 0xffc2;
          out.write(frame, 0, 19);
          out.write(tables);
          out.write(frame, 19, frame.length - 19);
          for (int i = out.size(); i < 4 + skipped; i++) {
            out.write(0);
          }
          out.write(frame, 0, 5);
          out.writeShort(90);
          out.writeShort(120);
          out.write(frame, 9, frame.length - 9);
        });
  }

  /** An honest PNG file with transparency, of noise in large flecks. */
  static byte[] transparentPng(int w, int h) {
    Random random = new Random(w);
    byte[] line = new byte[1 + 4 * w];
    for (int i = 1; i < line.length; i += 64) {
      java.util.Arrays.fill(line, i, Math.min(line.length, i + 64), (byte) random.nextInt());
    }
    return png(w, h, 6, packed(line, (long) line.length * h));
  }

  /** A PNG file that carries a packed text of so many bytes. */
  static byte[] pngWithText(String type, long bytes) {
    byte[] small = TestPictures.png(TestPictures.upright(60, 40, 1));
    byte[] text = packed(new byte[1 << 16], bytes);
    String head = type.equals("iTXt") ? "Comment\0\1\0\0\0" : "Comment\0\0";
    byte[] chunk =
        bytes(
            out -> {
              out.writeBytes(head);
              out.write(text);
            });
    return withChunk(small, type, chunk);
  }

  /** A PNG file whose XMP, packed or not, is nested so deep. */
  static byte[] pngWithXmp(int depth, boolean packed) {
    byte[] xmp = xmp(depth);
    byte[] chunk =
        bytes(
            out -> {
              out.writeBytes("XML:com.adobe.xmp\0");
              out.write(packed ? 1 : 0);
              out.writeBytes("\0\0\0");
              out.write(packed ? packed(xmp, xmp.length) : xmp);
            });
    return withChunk(TestPictures.png(TestPictures.upright(60, 40, 2)), "iTXt", chunk);
  }

  /** A JPEG file whose XMP is nested so deep. */
  static byte[] jpegWithXmp(int depth) {
    byte[] xmp = xmp(depth);
    return withSegment(
        bytes(
            out -> {
              out.writeBytes("http://ns.adobe.com/xap/1.0/\0");
              out.write(xmp);
            }));
  }

  /** XMP whose elements stand in each other so deep. */
  static byte[] xmp(int depth) {
    String open = "<d:a rdf:parseType=\"Resource\">";
    return ("<x:xmpmeta xmlns:x=\"adobe:ns:meta/\"><rdf:RDF"
            + " xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\"><rdf:Description"
            + " rdf:about=\"\" xmlns:d=\"urn:deep\">"
            + open.repeat(depth)
            + "<d:b>deep</d:b>"
            + "</d:a>".repeat(depth)
            + "</rdf:Description></rdf:RDF></x:xmpmeta>")
        .getBytes(StandardCharsets.UTF_8);
  }

  /** A JPEG file of 64 KB whose Exif data refers to the same 50 KB with thousands of tags. */
  static byte[] jpegWithExif(int tags) {
    int length = 50_000;
    return withSegment(
        bytes(
            out -> {
              out.writeBytes("Exif\0\0MM\0*");
              out.writeInt(8);
              out.writeShort(tags);
              for (int i = 0; i < tags; i++) {
                out.writeShort(0xc000 + i);
                out.writeShort(7);
                out.writeInt(length);
                out.writeInt(8);
              }
              out.writeInt(0);
              out.write(new byte[length]);
            }));
  }

  /** A GIF file of a small screen, of which the picture is as large as there are numbers for. */
  static byte[] gifLargerThanItsScreen() {
    return bytes(
        out -> {
          out.writeBytes("GIF89a");
          out.write(new byte[] {10, 0, 10, 0, (byte) 0x80, 0, 0, 0, 0, 0, -1, -1, -1});
          out.write(new byte[] {0x2c, 0, 0, 0, 0, -1, -1, -1, -1, 0, 2, 2, 0x44, 1, 0, 0x3b});
        });
  }

  /** A photo of so many pixels as a camera makes it. */
  static byte[] jpeg(int w, int h, int seed) {
    BufferedImage picture = TestPictures.upright(w, h, seed);
    return bytes(out -> ImageIO.write(picture, "jpeg", out));
  }

  private static byte[] withSegment(byte[] said) {
    byte[] small = TestPictures.jpeg(120, 90, 1, null, 5);
    return bytes(
        out -> {
          out.write(small, 0, 2);
          out.writeShort(0xffe1);
          out.writeShort(said.length + 2);
          out.write(said);
          out.write(small, 2, small.length - 2);
        });
  }

  private static byte[] withChunk(byte[] png, String type, byte[] data) {
    int behindHead = 8 + 8 + 13 + 4;
    return bytes(
        out -> {
          out.write(png, 0, behindHead);
          chunk(out, type, data);
          out.write(png, behindHead, png.length - behindHead);
        });
  }

  private static byte[] png(int w, int h, int kind, byte[] packed) {
    return bytes(
        out -> {
          out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
          byte[] head =
              ByteBuffer.allocate(13)
                  .putInt(w)
                  .putInt(h)
                  .put(new byte[] {8, (byte) kind, 0, 0, 0})
                  .array();
          chunk(out, "IHDR", head);
          chunk(out, "IDAT", packed);
          chunk(out, "IEND", new byte[0]);
        });
  }

  private static void chunk(DataOutputStream out, String type, byte[] data) throws IOException {
    out.writeInt(data.length);
    CRC32 crc = new CRC32();
    byte[] name = type.getBytes(StandardCharsets.ISO_8859_1);
    crc.update(name);
    crc.update(data);
    out.write(name);
    out.write(data);
    out.writeInt((int) crc.getValue());
  }

  /** So many bytes, the same ones again and again, packed. */
  private static byte[] packed(byte[] again, long bytes) {
    Deflater deflater = new Deflater(Deflater.BEST_SPEED);
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    byte[] part = new byte[1 << 16];
    for (long left = bytes; left > 0; left -= again.length) {
      deflater.setInput(again, 0, (int) Math.min(left, again.length));
      if (left <= again.length) {
        deflater.finish();
      }
      while (!deflater.needsInput() || (left <= again.length && !deflater.finished())) {
        packed.write(part, 0, deflater.deflate(part));
      }
    }
    deflater.end();
    return packed.toByteArray();
  }
}
