package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.photo.Contrast;
import drumnest.server.stock.UnitsInUse;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Words on a clear label that is stuck on a photo, in words. */
final class Labels {

  /** The ink that cards are printed in. */
  private static final int INK = 0x10262c;

  private Labels() {}

  /**
   * A clear label.
   *
   * @param where where it lies
   * @param contrast how its letters stand out there; left out where that is not known
   * @param pale whether that is too little
   */
  record LabelView(String where, @Nullable String contrast, boolean pale) {}

  /** Null for a card. */
  static @Nullable LabelView of(AlbumModel album, CardWords words, PrintGround ground) {
    String photo = words.label();
    if (photo == null) {
      return null;
    }
    Increment marks = album.rules().trimmerIncrement();
    String where =
        ground
            .on(album, photo)
            .map(box -> where(box, marks))
            .orElse("on its photo, which has no quiet part where it lies now");
    Double ratio =
        ground.colour(album, photo).map(colour -> Contrast.between(INK, colour)).orElse(null);
    boolean pale = ratio != null && ratio < Contrast.OF_TEXT;
    String said =
        ratio == null
            ? null
            : String.format(Locale.ENGLISH, "contrast %.1f to 1", ratio)
                + (pale ? ", text wants 4.5" : "");
    return new LabelView(where, said, pale);
  }

  private static String where(Box box, Increment marks) {
    return "on its photo, "
        + UnitsInUse.text(marks.above(box.x()))
        + " from the left and "
        + UnitsInUse.text(marks.above(box.y()))
        + " from the top of the print";
  }
}
