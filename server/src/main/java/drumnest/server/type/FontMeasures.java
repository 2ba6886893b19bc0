package drumnest.server.type;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.OS2WindowsMetricsTable;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * The measures of a font, as its file says it (source: ISO/IEC 14496-22, tables head, hhea, hmtx
 * and cmap).
 *
 * @param advances how far each letter takes the next one on, by its code; −1 where it is missing
 */
record FontMeasures(int unitsPerEm, int ascent, int capitals, int descent, int[] advances) {

  /** Letters, signs and small pictures; what lies above is used by hardly anybody. */
  private static final int CODES = 0x20000;

  private static final int MISSING = -1;

  static FontMeasures of(ShippedFont font) {
    try (InputStream in = font.open();
        TrueTypeFont read = new TTFParser().parse(new RandomAccessReadBuffer(in))) {
      CmapLookup glyphs = read.getUnicodeCmapLookup();
      int[] advances = new int[CODES];
      Arrays.fill(advances, MISSING);
      for (int code = ' '; code < CODES; code++) {
        int glyph = glyphs.getGlyphId(code);
        if (glyph > 0) {
          advances[code] = read.getAdvanceWidth(glyph);
        }
      }
      return new FontMeasures(
          read.getUnitsPerEm(),
          read.getHorizontalHeader().getAscender(),
          capitals(read),
          -read.getHorizontalHeader().getDescender(),
          advances);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** How high capitals are; as far as letters reach up where the font does not say. */
  private static int capitals(TrueTypeFont font) throws IOException {
    OS2WindowsMetricsTable metrics = font.getOS2Windows();
    return metrics == null || metrics.getCapHeight() <= 0
        ? font.getHorizontalHeader().getAscender()
        : metrics.getCapHeight();
  }

  boolean has(int letter) {
    return letter < CODES && advances[letter] != MISSING;
  }

  int advance(int letter) {
    return advances[letter];
  }
}
