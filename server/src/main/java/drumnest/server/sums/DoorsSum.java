package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.mover.kind.DoorLeaves;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How large are the leaves of a door, and where do they come down? */
@Component
class DoorsSum implements Sum {

  @Override
  public String name() {
    return "doors";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "span", "kind", "opens");
    Box span = values.box("span");
    // A double door opens to both sides, whatever is said of a single one.
    Edge hinge = hinge(values.choice("opens", "left", "right", "up", "down"));
    boolean pair = values.oneOfChoices("kind", "single", "double").equals("double");
    List<DoorLeaves.Leaf> leaves = pair ? DoorLeaves.pair(span) : DoorLeaves.single(span, hinge);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("leaves", leaves.stream().map(DoorsSum::leaf).toList());
    Drawing drawing = new Drawing().room(span);
    leaves.forEach(leaf -> drawing.piece(leaf.closed()));
    leaves.forEach(leaf -> drawing.open(leaf.open()));
    answer.put("drawing", drawing.boxes());
    answer.put(
        "working",
        pair
            ? Answers.said("%s ÷ 2 = %s", span.w(), leaves.get(0).closed().w())
            : Answers.said("as large as its hole, %s", span.size()));
    return answer;
  }

  private static Edge hinge(String opens) {
    return switch (opens) {
      case "up" -> Edge.TOP;
      case "down" -> Edge.BOTTOM;
      case "right" -> Edge.RIGHT;
      default -> Edge.LEFT;
    };
  }

  private static Map<String, @Nullable Object> leaf(DoorLeaves.Leaf leaf) {
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("size", Answers.size(leaf.size()));
    answer.put("closed", Answers.box(leaf.closed()));
    answer.put("open", Answers.box(leaf.open()));
    answer.put("hinge", Answers.key(leaf.hinge()));
    return answer;
  }
}
