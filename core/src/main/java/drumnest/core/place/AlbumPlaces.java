package drumnest.core.place;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Holding;
import drumnest.core.album.Reservation;
import drumnest.core.album.ephemera.EphemeraKind;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The slots of an album as placing sees them. */
public final class AlbumPlaces {

  private AlbumPlaces() {}

  /** The number of a slot's page in the album, from 1. */
  static int pageNumber(Slot slot) {
    return 2 * slot.leaf().number() - (slot.side() == Side.FRONT ? 1 : 0);
  }

  /** Some of its slots, in reading order. */
  public static List<Place> of(AlbumModel album, List<Slot> slots) {
    List<Place> places = new ArrayList<>();
    Map<Integer, List<Slot>> words = words(album, slots);
    for (int i = 0; i < slots.size(); i++) {
      Slot slot = slots.get(i);
      PageSide page = slot.parent().page();
      boolean touchesNext = i + 1 < slots.size() && slot.touches(slots.get(i + 1));
      places.add(
          new Place(
              slot.id(),
              slot.takes(),
              slot.printOutline(),
              slot.hiddenAtRest(),
              false,
              new Place.At(
                  album.leaves().spreadOf(page),
                  pageNumber(slot),
                  low(slot),
                  slot.leaf().number() == 1 && slot.side() == Side.FRONT,
                  touchesNext,
                  words.get(pageNumber(slot)).stream().anyMatch(slot::touches))));
    }
    return places;
  }

  /** By the numbers of pages: the slots that have words in them, or are kept for them. */
  private static Map<Integer, List<Slot>> words(AlbumModel album, List<Slot> slots) {
    Map<Integer, List<Slot>> words = new HashMap<>();
    for (Slot slot : slots) {
      words.computeIfAbsent(
          pageNumber(slot),
          page ->
              album.leaves().slotsOf(slot.leaf(), slot.side()).stream()
                  .filter(each -> hasWords(album, each))
                  .toList());
    }
    return words;
  }

  private static boolean hasWords(AlbumModel album, Slot slot) {
    boolean card =
        album
            .laid(slot)
            .map(
                laid ->
                    laid.ephemera().kind() == EphemeraKind.CARD
                        && !laid.ephemera().words().isBlank())
            .orElse(false);
    Holding held = album.holding(slot.id()).orElse(null);
    boolean reserved = held != null && held.reserved() == Reservation.WORDS && held.byHand();
    return card || reserved || slot.holds() == Holds.WORDS;
  }

  /** How low its middle is on its page, from 0 to 1. */
  public static double low(Slot slot) {
    Length middle = slot.box().y().plus(slot.box().h().times(1, 2));
    return (double) middle.toNanometres() / slot.parent().size().h().toNanometres();
  }
}
