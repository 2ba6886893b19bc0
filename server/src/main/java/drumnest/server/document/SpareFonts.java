package drumnest.server.document;

import drumnest.core.words.LetterRoom;
import drumnest.server.type.MissingLetters;
import drumnest.server.type.ShippedFont;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.jspecify.annotations.Nullable;

/**
 * The fonts of a document that help out with signs its own letters lack, each read when the first
 * such sign comes: Chinese and Japanese, and small pictures. Remembers what none of them has.
 */
final class SpareFonts {

  private static final List<String> FILES =
      List.of(ShippedFont.CHINESE.file(), ShippedFont.PICTURES.file());

  private final PDDocument document;
  private final Map<String, PDFont> read = new LinkedHashMap<>();
  private final Set<Integer> missing = new TreeSet<>();

  SpareFonts(PDDocument document) {
    this.document = document;
  }

  /** The letters of a document, with these as its spare ones. */
  Face face(String file) throws IOException {
    return new Face(font(file), this);
  }

  private PDFont font(String file) throws IOException {
    try (InputStream in = SpareFonts.class.getResourceAsStream("/fonts/" + file)) {
      if (in == null) {
        throw new IOException("The font " + file + " is missing.");
      }
      // Without ligatures, whose letters could not be found or copied in the finished file.
      TrueTypeFont letters = new TTFParser().parse(new RandomAccessReadBuffer(in));
      letters.setEnableGsub(false);
      return PDType0Font.load(document, letters, true);
    }
  }

  static boolean has(PDFont font, int letter) {
    try {
      font.encode(Character.toString(letter));
      return true;
    } catch (IOException | IllegalArgumentException notInFont) {
      return false;
    }
  }

  /** A font that has the sign, or null; then it is remembered as missing. */
  @Nullable PDFont withLetter(int letter) throws IOException {
    if (!isSign(letter)) {
      return null;
    }
    for (String file : FILES) {
      PDFont font = read.get(file);
      if (font == null) {
        font = font(file);
        read.put(file, font);
      }
      if (has(font, letter)) {
        return font;
      }
    }
    missing.add(letter);
    return null;
  }

  /** Whether it is a sign of its own, not one that joins others or says how they look. */
  static boolean isSign(int letter) {
    return !LetterRoom.isWithoutRoom(letter);
  }

  /** The names of signs that stand as question marks, a few of them, in words; or null. */
  @Nullable String missing() {
    if (missing.isEmpty()) {
      return null;
    }
    return "No font here has these signs, which stand as question marks: "
        + MissingLetters.named(missing)
        + ".";
  }
}
