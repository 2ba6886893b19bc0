package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A drawing to scale that goes with an answer: boxes in inches, from the back to the front, each
 * with what it is. It only shows what the answer says.
 */
final class Drawing {

  private final List<Map<String, @Nullable Object>> boxes = new ArrayList<>();

  /** The room that is given: a page, a span, an opening. */
  Drawing room(Box box) {
    return add("room", box);
  }

  /** A piece that is placed or cut. */
  Drawing piece(Box box) {
    return add("piece", box);
  }

  /** Tells what lies over something, or is left out. */
  Drawing cover(Box box) {
    return add("cover", box);
  }

  /** Where something lies when it is open. */
  Drawing open(Box box) {
    return add("open", box);
  }

  /** Where something is stuck. */
  Drawing glue(Box box) {
    return add("glue", box);
  }

  /** A line to write on, or any other thin mark. */
  Drawing mark(Box box) {
    return add("mark", box);
  }

  private Drawing add(String kind, Box box) {
    Map<String, @Nullable Object> shape = new LinkedHashMap<>();
    shape.put("kind", kind);
    shape.put("x", box.x().toInches());
    shape.put("y", box.y().toInches());
    shape.put("w", box.w().toInches());
    shape.put("h", box.h().toInches());
    boxes.add(shape);
    return this;
  }

  List<Map<String, @Nullable Object>> boxes() {
    return boxes;
  }

  /** A box of the size in the middle of another. */
  static Box within(Size room, Size size) {
    Size free = room.minus(size).halved();
    return Box.of(free.w(), free.h(), size);
  }

  /** A length of so many pixels when an inch has {@code perInch} of them. */
  static Length pixels(long pixels, long perInch) {
    return Length.ofInches(BigDecimal.valueOf(pixels)).dividedBy(perInch);
  }
}
