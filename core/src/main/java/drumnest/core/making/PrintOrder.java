package drumnest.core.making;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One line of the print list: so many copies of one crop of one file at one size.
 *
 * @param photo the picture
 * @param size the size of the print, as it lies in its pocket
 * @param turned whether the picture lies in the print with a quarter turn to the right
 * @param crop the part of the file to print, in its upright pixels
 * @param slots the slots the copies go into, in reading order
 */
public record PrintOrder(
    String photo, Size size, boolean turned, PixelBox crop, List<String> slots) {

  public PrintOrder {
    slots = List.copyOf(slots);
  }

  /** How many copies to order. */
  public int count() {
    return slots.size();
  }

  /** A print that is wanted for one slot. */
  public record Wanted(String photo, Size size, boolean turned, PixelBox crop, String slot) {}

  /** The print list: equal prints counted together, in the order in which they are first wanted. */
  public static List<PrintOrder> list(List<Wanted> wanted) {
    record Print(String photo, Size size, boolean turned, PixelBox crop) {}
    Map<Print, List<String>> slots = new LinkedHashMap<>();
    for (Wanted one : wanted) {
      slots
          .computeIfAbsent(
              new Print(one.photo(), one.size(), one.turned(), one.crop()),
              print -> new ArrayList<>())
          .add(one.slot());
    }
    return slots.entrySet().stream()
        .map(
            entry -> {
              Print print = entry.getKey();
              return new PrintOrder(
                  print.photo(), print.size(), print.turned(), print.crop(), entry.getValue());
            })
        .toList();
  }
}
