package drumnest.server.words;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.AlbumModel;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.photo.Contrast;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.stock.UnitsInUse;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Where a card is: in a slot, as a clear label on a photo, or nowhere yet. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = CardPlaceView.SlotPlaceView.class, name = "slot"),
  @JsonSubTypes.Type(value = CardPlaceView.LabelView.class, name = "label"),
  @JsonSubTypes.Type(value = CardPlaceView.NoPlaceView.class, name = "nowhere")
})
sealed interface CardPlaceView {

  /** The ink that cards are printed in. */
  int INK = 0x10262c;

  /**
   * In a slot.
   *
   * @param name what that is called
   */
  record SlotPlaceView(Views.WhereView where, String name) implements CardPlaceView {}

  /**
   * On its photo, as a clear label.
   *
   * @param where where it lies there, in words
   * @param contrast left out where that is not known
   */
  record LabelView(String where, @Nullable ContrastView contrast) implements CardPlaceView {}

  /** Nowhere yet. */
  record NoPlaceView() implements CardPlaceView {}

  static CardPlaceView of(AlbumModel album, Ephemera.Card card, PrintGround ground) {
    String photo = card.card().label();
    if (photo != null) {
      return label(album, photo, ground);
    }
    Slot slot = album.slotOfEphemera(card.key()).orElse(null);
    return slot == null
        ? new NoPlaceView()
        : new SlotPlaceView(AlbumViews.where(album, slot), SlotNames.of(slot));
  }

  private static LabelView label(AlbumModel album, String photo, PrintGround ground) {
    Increment marks = album.rules().trimmerIncrement();
    String where =
        ground
            .on(album, photo)
            .map(box -> where(box, marks))
            .orElse("on its photo, which has no quiet part where it lies now");
    return new LabelView(
        where,
        ground
            .colour(album, photo)
            .map(colour -> contrast(Contrast.between(INK, colour)))
            .orElse(null));
  }

  private static ContrastView contrast(double ratio) {
    boolean pale = ratio < Contrast.OF_TEXT;
    String said = String.format(Locale.ENGLISH, "contrast %.1f to 1", ratio);
    return new ContrastView(said + (pale ? ", text wants 4.5" : ""), pale);
  }

  private static String where(Box box, Increment marks) {
    return "on its photo, "
        + UnitsInUse.text(marks.above(box.x()))
        + " from the left and "
        + UnitsInUse.text(marks.above(box.y()))
        + " from the top of the print";
  }
}
