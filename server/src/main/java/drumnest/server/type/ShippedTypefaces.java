package drumnest.server.type;

import drumnest.core.words.LetterRoom;
import drumnest.core.words.Typeface;
import drumnest.core.words.Typefaces;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The typefaces that ship with the program, each measured when it is first asked for. Letters that
 * one lacks are taken from the fonts that help out, as they are in print.
 */
public final class ShippedTypefaces implements Typefaces {

  public static final ShippedTypefaces ALL = new ShippedTypefaces();

  private static final List<ShippedFont> HELPING =
      List.of(ShippedFont.CHINESE, ShippedFont.PICTURES);

  private final Map<ShippedFont, FontMeasures> measured = new ConcurrentHashMap<>();

  private ShippedTypefaces() {}

  @Override
  public Typeface face(String name) {
    ShippedFont font =
        ShippedFont.of(name)
            .orElseThrow(() -> new IllegalArgumentException("There is no typeface " + name + "."));
    return new Helped(measures(font));
  }

  private FontMeasures measures(ShippedFont font) {
    return measured.computeIfAbsent(font, FontMeasures::of);
  }

  /** A font with those that help it out. */
  private final class Helped implements Typeface {

    private final FontMeasures own;

    Helped(FontMeasures own) {
      this.own = own;
    }

    @Override
    public int unitsPerEm() {
      return own.unitsPerEm();
    }

    @Override
    public int ascent() {
      return own.ascent();
    }

    @Override
    public int capitals() {
      return own.capitals();
    }

    @Override
    public int descent() {
      return own.descent();
    }

    @Override
    public OptionalInt advance(int letter) {
      if (own.has(letter)) {
        return OptionalInt.of(own.advance(letter));
      }
      if (LetterRoom.isWithoutRoom(letter)) {
        return OptionalInt.of(0);
      }
      return HELPING.stream()
          .map(ShippedTypefaces.this::measures)
          .filter(font -> font.has(letter))
          .mapToInt(font -> font.advance(letter) * own.unitsPerEm() / font.unitsPerEm())
          .findFirst();
    }
  }
}
