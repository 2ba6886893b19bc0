package drumnest.server.sums;

import drumnest.core.fit.Grid;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Equal cells in columns and rows. */
@Component
class GridSum implements Sum {

  private static final int MOST_CELLS = 10_000;

  @Override
  public String name() {
    return "grid";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values =
        Values.of(question, "", "columns", "rows", "cell", "gap", "border", "page", "at");
    Grid grid =
        new Grid(
            values.count("columns"),
            values.count("rows"),
            values.size("cell"),
            values.lengthOrNone("gap"),
            values.lengthOrNone("border", Length.ZERO));
    if ((long) grid.columns() * grid.rows() > MOST_CELLS) {
      throw values.refuse("rows", "makes too many cells; accepted are up to " + MOST_CELLS);
    }
    Size size = grid.size();
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("size", Answers.size(size));
    answer.put("working", working(grid, size));
    if (!values.has("page")) {
      if (values.has("at")) {
        throw values.refuse("at", "is a place on a page; give the page too");
      }
      answer.put("cells", cells(grid, Length.ZERO, Length.ZERO));
      answer.put("drawing", drawing(grid, size, Length.ZERO, Length.ZERO));
      answer.put("fits", true);
      answer.put("overBy", Answers.size(new Size(Length.ZERO, Length.ZERO)));
      return answer;
    }
    Size page = values.size("page");
    Size free = page.minus(size);
    Length x = free.w().dividedBy(2);
    Length y = free.h().dividedBy(2);
    if (values.has("at") && !values.given("at").isString()) {
      Values at = values.object("at", "x", "y");
      x = at.position("x");
      y = at.position("y");
    } else {
      values.choice("at", "centre");
    }
    Length right = free.w().minus(x);
    Length bottom = free.h().minus(y);
    Size overBy = new Size(past(x).plus(past(right)), past(y).plus(past(bottom)));
    answer.put("cells", cells(grid, x, y));
    answer.put("drawing", drawing(grid, page, x, y));
    answer.put("fits", overBy.w().isZero() && overBy.h().isZero());
    answer.put("overBy", Answers.size(overBy));
    Map<String, @Nullable Object> margins = Answers.open();
    margins.put("left", Answers.length(x));
    margins.put("top", Answers.length(y));
    margins.put("right", Answers.length(right));
    margins.put("bottom", Answers.length(bottom));
    answer.put("margins", margins);
    return answer;
  }

  /** Tells what reaches past an edge, given the margin to it. */
  private static Length past(Length margin) {
    return margin.isNegative() ? margin.negated() : Length.ZERO;
  }

  private static List<Map<String, @Nullable Object>> cells(Grid grid, Length x, Length y) {
    List<Map<String, @Nullable Object>> cells = new ArrayList<>();
    for (Grid.Cell cell : grid.cells(x, y)) {
      Map<String, @Nullable Object> each = Answers.open();
      each.put("row", cell.row());
      each.put("column", cell.column());
      each.put("x", Answers.length(cell.x()));
      each.put("y", Answers.length(cell.y()));
      cells.add(each);
    }
    return cells;
  }

  private static List<Map<String, @Nullable Object>> drawing(
      Grid grid, Size room, Length x, Length y) {
    Drawing drawing = new Drawing().room(Box.of(room));
    grid.cells(x, y).forEach(cell -> drawing.piece(Box.of(cell.x(), cell.y(), grid.cell())));
    return drawing.boxes();
  }

  private static String working(Grid grid, Size size) {
    return span(grid.columns(), grid.cell().w(), grid, size.w())
        + " across; "
        + span(grid.rows(), grid.cell().h(), grid, size.h())
        + " down";
  }

  private static String span(int count, Length length, Grid grid, Length whole) {
    String gaps = count > 1 ? " + " + (count - 1) + " × " + UnitsInUse.text(grid.gap()) : "";
    String border = grid.border().isZero() ? "" : " + 2 × " + UnitsInUse.text(grid.border());
    return count + " × " + UnitsInUse.text(length) + gaps + border + " = " + UnitsInUse.text(whole);
  }
}
