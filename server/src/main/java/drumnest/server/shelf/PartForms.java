package drumnest.server.shelf;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.Part;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.Views;
import drumnest.server.stock.LengthReader;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rulings of protectors as they are written. */
final class PartForms {

  private static final int DEEPEST = 8;
  private static final int MOST = 40;

  private PartForms() {}

  /**
   * @throws FieldProblemException if a part is not understood
   */
  static Part read(ShelfRequests.@Nullable PartForm form, String path, int depth) {
    if (form == null) {
      throw new FieldProblemException(path, "A part is missing.");
    }
    if (form.direction() == null) {
      return Boolean.TRUE.equals(form.shut()) ? new Part.Shut() : new Part.Whole();
    }
    if (depth > DEEPEST) {
      throw new FieldProblemException(path, "Parts are divided at most " + DEEPEST + " times.");
    }
    Part.Direction direction =
        switch (form.direction()) {
          case "across" -> Part.Direction.ACROSS;
          case "down" -> Part.Direction.DOWN;
          default ->
              throw new FieldProblemException(
                  path + ".direction", "A part is divided across or down.");
        };
    List<ShelfRequests.@Nullable PartForm> forms = form.parts() == null ? List.of() : form.parts();
    if (forms.isEmpty() || forms.size() > MOST) {
      throw new FieldProblemException(
          path + ".parts", "A part is divided into 1 to " + MOST + " pieces.");
    }
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < forms.size(); i++) {
      parts.add(read(forms.get(i), path + ".parts[" + i + "]", depth + 1));
    }
    if (form.prints() == null) {
      return new Part.Shared(direction, parts);
    }
    if (form.prints().size() != parts.size()) {
      throw new FieldProblemException(path + ".prints", "There is one print for each piece.");
    }
    List<Length> prints = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      prints.add(LengthReader.inUse().positive(path + ".prints[" + i + "]", form.prints().get(i)));
    }
    return new Part.Divided(direction, prints, parts);
  }

  /** The boxes of all parts that are divided no further, with the indices that lead to them. */
  static List<ShelfViews.RulingLine> parts(Size inside, Part part, HouseRules rules) {
    List<ShelfViews.RulingLine> lines = new ArrayList<>();
    add(
        lines,
        Box.of(Length.ZERO, Length.ZERO, inside),
        part,
        List.of(),
        rules.length(HouseRule.RULED_EASE));
    return lines;
  }

  private static void add(
      List<ShelfViews.RulingLine> lines, Box box, Part part, List<Integer> path, Length ease) {
    List<Part> parts;
    List<Length> lengths;
    Part.Direction direction;
    if (part instanceof Part.Divided divided) {
      direction = divided.direction();
      parts = divided.parts();
      lengths = divided.prints().stream().map(print -> print.plus(ease)).toList();
    } else if (part instanceof Part.Shared shared) {
      direction = shared.direction();
      parts = shared.parts();
      Length whole = direction == Part.Direction.ACROSS ? box.w() : box.h();
      lengths = parts.stream().map(each -> whole.dividedBy(shared.parts().size())).toList();
    } else {
      lines.add(new ShelfViews.RulingLine(path, Views.BoxView.of(box)));
      return;
    }
    Length at = Length.ZERO;
    for (int i = 0; i < parts.size(); i++) {
      Box piece =
          direction == Part.Direction.ACROSS
              ? new Box(box.x().plus(at), box.y(), lengths.get(i), box.h())
              : new Box(box.x(), box.y().plus(at), box.w(), lengths.get(i));
      List<Integer> deeper = new ArrayList<>(path);
      deeper.add(i);
      add(lines, piece, parts.get(i), List.copyOf(deeper), ease);
      at = at.plus(lengths.get(i));
    }
  }
}
