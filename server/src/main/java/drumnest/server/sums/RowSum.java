package drumnest.server.sums;

import drumnest.core.fit.Row;
import drumnest.core.measure.Box;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.UnitsInUse;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Equal pieces in a row. */
@Component
class RowSum implements Sum {

  private final RulesInForce rules;

  RowSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "row";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "span", "pieces", "gap", "piece", "outerGaps", "mark");
    Length span = values.length("span");
    int pieces = values.count("pieces");
    boolean outer = values.flag("outerGaps", false);
    Length step = rules.rules().length(HouseRule.TRIMMER_MARK);
    Increment mark = new Increment(values.length("mark", step));
    String given = values.oneOf("gap", "piece");
    Row row =
        (given.equals("gap")
                ? Row.withGap(span, pieces, values.lengthOrNone("gap"), outer, mark)
                : Row.withPiece(span, pieces, values.length("piece"), outer, mark))
            .orElseThrow(
                () ->
                    values.refuse(
                        given,
                        "leaves no row: "
                            + Row.whyNot(
                                span,
                                pieces,
                                given.equals("gap") ? null : values.length("piece"),
                                values.lengthOrNone("gap", Length.ZERO),
                                outer)));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("piece", Answers.length(row.piece()));
    answer.put("cut", Answers.length(row.cut()));
    answer.put("gap", Answers.length(row.gap()));
    answer.put("starts", Answers.lengths(row.starts()));
    Size cut = new Size(row.cut(), row.cut());
    Drawing drawing = new Drawing().room(new Box(Length.ZERO, Length.ZERO, span, row.cut()));
    row.starts().forEach(start -> drawing.piece(Box.of(start, Length.ZERO, cut)));
    answer.put("drawing", drawing.boxes());
    int gaps = outer ? pieces + 1 : pieces - 1;
    String taken =
        given.equals("gap")
            ? Answers.said(
                "(%s − %d × %s) ÷ %d = %s, cut %s; ",
                span, gaps, values.lengthOrNone("gap"), pieces, row.piece(), row.cut())
            : "cut " + UnitsInUse.text(row.cut()) + "; ";
    answer.put(
        "working",
        gaps == 0
            ? taken + "no gap"
            : taken
                + Answers.said(
                    "(%s − %d × %s) ÷ %d = %s", span, pieces, row.cut(), gaps, row.gap()));
    return answer;
  }
}
