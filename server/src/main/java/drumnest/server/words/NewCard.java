package drumnest.server.words;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Size;
import drumnest.server.PlainText;
import drumnest.server.UnprocessableException;
import drumnest.server.frame.SlotNames;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A card that is begun: as large as its place, of the card that the house writes on. */
final class NewCard {

  private static final Size WITHOUT_A_PLACE = Size.ofInches(3, 4);
  private static final int NAMED_BY = 40;

  private NewCard() {}

  /**
   * @param key its key in the album
   * @param slot where it goes; null for nowhere yet
   */
  static List<Change> of(AlbumModel album, int key, @Nullable Slot slot, CardWords words) {
    return of(album, key, slot, slot == null ? WITHOUT_A_PLACE : slot.takes(), words);
  }

  static List<Change> of(
      AlbumModel album, int key, @Nullable Slot slot, Size size, CardWords words) {
    Ephemera.Card card =
        new Ephemera.Card(key, name(words), size, album.materials().card(), false, words);
    List<Change> changes = new ArrayList<>();
    changes.add(new Change.OfEphemera(key, null, card));
    if (slot != null) {
      Holding there = album.held(slot);
      if (there != null && there.isSomething()) {
        throw new UnprocessableException(
            "slot", "Something lies in " + SlotNames.of(slot) + ". Take it out first.");
      }
      changes.add(new Change.OfHolding(slot.id(), there, Holding.ofEphemera(key)));
    }
    return changes;
  }

  /** Tells what a card is called: by its heading, or by how its story begins. */
  static String name(CardWords words) {
    String first =
        !words.heading().isBlank()
            ? words.heading()
            : !words.body().isBlank() ? words.body() : words.date();
    String line = first.strip().lines().findFirst().orElse("").strip();
    if (line.isEmpty()) {
      return words.continues() == null ? "An empty card" : "A card that runs on";
    }
    return line.length() <= NAMED_BY ? line : PlainText.beginning(line, NAMED_BY - 1).strip() + "…";
  }
}
