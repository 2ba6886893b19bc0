package drumnest.server.type;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Optional;

/** A font that ships with the program. */
public enum ShippedFont {
  PLAIN("plain", "Archivo-Regular.ttf"),
  BOOK("book", "Literata-Regular.ttf"),
  TYPEWRITER("typewriter", "CourierPrime-Regular.ttf"),
  PEN("pen", "Kalam-Regular.ttf"),
  /** Chinese and Japanese, which helps the others out. */
  CHINESE("", "NotoSansSC-Regular.ttf"),
  /** Small pictures, which help the others out. */
  PICTURES("", "NotoEmoji-Regular.ttf");

  private final String key;
  private final String file;

  ShippedFont(String key, String file) {
    this.key = key;
    this.file = file;
  }

  /** Tells what it is called where words are written; empty for one that only helps out. */
  public String key() {
    return key;
  }

  /** The name of its file. */
  public String file() {
    return file;
  }

  /** Whether words can be written in it. */
  public boolean isForWords() {
    return !key.isEmpty();
  }

  /** The one for words that is called so. */
  public static Optional<ShippedFont> of(String key) {
    return Arrays.stream(values())
        .filter(font -> font.isForWords() && font.key.equals(key))
        .findFirst();
  }

  public InputStream open() throws IOException {
    InputStream in = ShippedFont.class.getResourceAsStream("/fonts/" + file);
    if (in == null) {
      throw new IOException("The font " + file + " is missing.");
    }
    return in;
  }
}
