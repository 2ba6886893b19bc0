package drumnest.core.album;

import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Length;
import java.util.List;

/**
 * The counts and the thickness of a leaf with all that is on it.
 *
 * @param slots how many slots it has, but for empty ones that are never seen
 * @param filled how many of them hold something
 * @param photos how many of them hold a photo
 * @param toOrder how many of those photos are to be printed
 * @param trims how many prints on it are to be trimmed, or cut to an outline
 * @param thickness how thick it is
 */
public record LeafSummary(
    int slots, int filled, int photos, int toOrder, int trims, Length thickness) {

  static LeafSummary of(AlbumModel album, Leaf leaf) {
    List<Slot> slots = album.leaves().slotsOf(leaf);
    List<PrintInPocket> prints =
        slots.stream()
            .filter(slot -> !slot.isPrinted())
            .flatMap(slot -> album.seated(slot).stream())
            .map(AlbumModel.Seated::measured)
            .toList();
    return new LeafSummary(
        (int) slots.stream().filter(slot -> !slot.mayStayEmpty() || album.isFilled(slot)).count(),
        (int) slots.stream().filter(album::isFilled).count(),
        (int) slots.stream().filter(slot -> album.seated(slot).isPresent()).count(),
        (int) prints.stream().filter(print -> print.crop() != null).count(),
        (int) prints.stream().filter(PrintInPocket::isToBeCut).count(),
        album.thickness(leaf));
  }
}
