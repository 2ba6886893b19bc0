package drumnest.server.sums;

import drumnest.core.fit.MixedBlock;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** An upright photo beside a wide one, with pieces under the wide one. */
@Component
class BlockSum implements Sum {

  private static final int MOST_DRAWN = 200;

  @Override
  public String name() {
    return "block";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "upright", "wide", "pieces", "gap");
    Size upright = values.size("upright");
    Size wide = values.size("wide");
    int pieces = values.count("pieces");
    Length gap = values.lengthOrNone("gap");
    MixedBlock block =
        MixedBlock.of(upright, wide, pieces, gap)
            .orElseThrow(
                () -> {
                  Length past = wide.h().plus(gap).minus(upright.h());
                  return past.isNegative()
                      ? values.refuse("pieces", "with their gaps are longer than the wide one")
                      : values.refuse(
                          "pieces",
                          "have no room: the wide one and the gap are over the upright by " + past);
                });
    Map<String, @Nullable Object> square = Answers.open();
    square.put("side", Answers.length(block.side()));
    square.put("widthLeft", Answers.length(block.widthLeft()));
    square.put("heightLeft", Answers.length(block.heightLeft()));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("oblong", Answers.size(block.oblong()));
    answer.put("square", square);
    Length left = upright.w().plus(gap);
    Drawing drawing = new Drawing().room(Box.of(upright)).room(Box.of(left, Length.ZERO, wide));
    for (int i = 0; i < pieces && i < MOST_DRAWN; i++) {
      drawing.piece(
          Box.of(
              left.plus(block.oblong().w().plus(gap).times(i)),
              wide.h().plus(gap),
              block.oblong()));
    }
    answer.put("drawing", drawing.boxes());
    answer.put(
        "working",
        Answers.said(
            "(%s − %d × %s) ÷ %d = %s wide; %s − %s − %s = %s high",
            wide.w(),
            pieces - 1,
            gap,
            pieces,
            block.oblong().w(),
            upright.h(),
            wide.h(),
            gap,
            block.oblong().h()));
    return answer;
  }
}
