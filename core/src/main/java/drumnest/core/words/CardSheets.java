package drumnest.core.words;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Lays cards out on sheets to be printed and cut apart, none turned. Cards lie in rows, the highest
 * first, each row as high as its first card, each card on the first sheet and in the first row that
 * has room for it (first-fit decreasing height: Coffman, Garey, Johnson and Tarjan 1980, from
 * memory), so that straight cuts from edge to edge take the rows apart and then the cards.
 *
 * <p>Time: cards times rows. What is larger than a sheet is left over.
 */
public final class CardSheets {

  /**
   * A card on a sheet.
   *
   * @param card its number in the list that was given
   */
  public record PlacedCard(int card, Box box) {}

  /**
   * @param sheets what lies on each sheet, in the order of the cards
   * @param left the numbers of cards that are larger than a sheet
   */
  public record Result(List<List<PlacedCard>> sheets, List<Integer> left) {}

  /** Cards side by side. */
  private static final class Row {
    private final Length y;
    private final Length height;
    private Length x;

    Row(Length y, Length height, Length x) {
      this.y = y;
      this.height = height;
      this.x = x;
    }
  }

  /** A sheet that still takes cards. */
  private static final class Sheet {
    private final List<Row> rows = new ArrayList<>();
    private final List<PlacedCard> laid = new ArrayList<>();
    private Length y;

    Sheet(Length y) {
      this.y = y;
    }
  }

  private CardSheets() {}

  /**
   * @param room the part of a sheet that is printed
   * @param gap what stays free between cards
   */
  public static Result of(List<Size> cards, Box room, Length gap) {
    List<Sheet> sheets = new ArrayList<>();
    List<Integer> left = new ArrayList<>();
    IntStream.range(0, cards.size())
        .boxed()
        .sorted(Comparator.comparing((Integer card) -> cards.get(card).h()).reversed())
        .forEach(
            card -> {
              Size size = cards.get(card);
              if (!size.fitsIn(room.size())) {
                left.add(card);
              } else if (sheets.stream().noneMatch(sheet -> lay(sheet, card, size, room, gap))) {
                Sheet next = new Sheet(room.y());
                sheets.add(next);
                lay(next, card, size, room, gap);
              }
            });
    return new Result(
        sheets.stream()
            .map(
                sheet ->
                    sheet.laid.stream().sorted(Comparator.comparing(PlacedCard::card)).toList())
            .toList(),
        left.stream().sorted().toList());
  }

  private static boolean lay(Sheet sheet, int card, Size size, Box room, Length gap) {
    for (Row row : sheet.rows) {
      if (!size.h().isMoreThan(row.height) && !row.x.plus(size.w()).isMoreThan(room.right())) {
        put(sheet, row, card, size, gap);
        return true;
      }
    }
    if (sheet.y.plus(size.h()).isMoreThan(room.bottom())) {
      return false;
    }
    Row row = new Row(sheet.y, size.h(), room.x());
    sheet.rows.add(row);
    sheet.y = sheet.y.plus(size.h()).plus(gap);
    put(sheet, row, card, size, gap);
    return true;
  }

  private static void put(Sheet sheet, Row row, int card, Size size, Length gap) {
    sheet.laid.add(new PlacedCard(card, Box.of(row.x, row.y, size)));
    row.x = row.x.plus(size.w()).plus(gap);
  }
}
