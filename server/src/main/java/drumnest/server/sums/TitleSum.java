package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.LetterSet;
import drumnest.core.words.TitleRun;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How long is a title of letters from a set? */
@Component
class TitleSum implements Sum {

  private static final int LONGEST_TITLE = 10_000;
  private static final int MOST_DRAWN = 200;

  @Override
  public String name() {
    return "title";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values =
        Values.of(
            question, "", "text", "height", "letters", "width", "spacing", "space", "stacked",
            "stock");
    List<String> letters = values.text("text").codePoints().mapToObj(Character::toString).toList();
    if (letters.size() > LONGEST_TITLE) {
      throw values.refuse("text", "is too long; accepted are up to " + LONGEST_TITLE + " letters");
    }
    Length height = values.length("height");
    Length space = values.length("space");
    boolean stacked = values.flag("stacked", false);
    List<Length> extents =
        stacked ? letters.stream().map(letter -> height).toList() : widths(values, letters);
    TitleRun run = TitleRun.of(extents, values.lengthOrNone("spacing"));
    Length over = run.length().minus(space);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("length", Answers.length(run.length()));
    answer.put("fits", !over.isPositive());
    answer.put("overBy", Answers.length(over.max(Length.ZERO)));
    answer.put("starts", Answers.lengths(run.starts()));
    answer.put("fromEnd", Answers.lengths(run.startsFromEnd(space)));
    Map<String, Integer> missing =
        values.has("stock")
            ? TitleRun.missing(values.text("text"), values.byLetter("stock", Values::count))
            : Map.of();
    answer.put("missing", missing);
    answer.put("drawing", drawing(run, extents, height, space, stacked));
    answer.put("working", working(extents, values.lengthOrNone("spacing"), run, space));
    return answer;
  }

  private static List<Length> widths(Values values, List<String> letters) {
    Length mean = values.has("width") ? values.length("width") : null;
    if (!values.has("letters")) {
      if (mean == null) {
        throw values.refuse(
            "letters", "is missing; accepted are the widths of the letters, or their mean width");
      }
      return letters.stream().map(letter -> mean).toList();
    }
    Map<String, Length> set = values.byLetter("letters", Values::length);
    List<Length> widths = new ArrayList<>();
    for (String letter : letters) {
      String name = LetterSet.named(letter, set).orElse(null);
      Length other = mean == null && letter.equals(" ") ? spaceOf(set) : mean;
      Length width = name == null ? other : set.get(name);
      if (width == null) {
        throw values.refuse(
            "letters", "has no width for “" + letter + "”; give it, or a mean width");
      }
      widths.add(width);
    }
    return widths;
  }

  /** A space of a set that has none: the mean of its letters. */
  private static Length spaceOf(Map<String, Length> set) {
    Length sum = set.values().stream().reduce(Length.ZERO, Length::plus);
    return sum.dividedBy(set.size());
  }

  private static List<Map<String, @Nullable Object>> drawing(
      TitleRun run, List<Length> extents, Length height, Length space, boolean stacked) {
    Drawing drawing = new Drawing().room(along(Length.ZERO, space, height, stacked));
    for (int i = 0; i < extents.size() && i < MOST_DRAWN; i++) {
      drawing.piece(along(run.starts().get(i), extents.get(i), height, stacked));
    }
    return drawing.boxes();
  }

  private static Box along(Length start, Length length, Length height, boolean stacked) {
    return stacked
        ? new Box(Length.ZERO, start, height, length)
        : new Box(start, Length.ZERO, length, height);
  }

  private static String working(List<Length> extents, Length spacing, TitleRun run, Length space) {
    boolean few = extents.size() <= 12;
    String sum =
        few
            ? extents.stream().map(UnitsInUse::text).collect(Collectors.joining(" + "))
            : extents.size() + " letters";
    String spacings =
        extents.size() == 1 ? "" : " + " + (extents.size() - 1) + " × " + UnitsInUse.text(spacing);
    return sum
        + spacings
        + " = "
        + UnitsInUse.text(run.length())
        + "; "
        + UnitsInUse.text(space)
        + " − "
        + UnitsInUse.text(run.length())
        + " = "
        + UnitsInUse.text(space.minus(run.length()));
  }
}
