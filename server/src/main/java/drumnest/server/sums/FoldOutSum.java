package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.FoldOut;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.RulesInForce;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Is a sheet enough for a page with a flap, and what must be added? */
@Component
class FoldOutSum implements Sum {

  private final RulesInForce rules;

  FoldOutSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "foldout";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values =
        Values.of(question, "", "page", "flap", "sheet", "taken", "overlap", "bindingMargin");
    HouseRules inForce = rules.rules();
    FoldOut foldOut =
        new FoldOut(
            values.size("page"),
            values.length("flap"),
            values.size("sheet"),
            values.lengthOrNone("taken", Length.ZERO),
            values.lengthOrNone("overlap", inForce.length(HouseRule.FOLDOUT_OVERLAP)));
    Length margin = values.lengthOrNone("bindingMargin", inForce.length(HouseRule.BINDING_MARGIN));
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("onePiece", foldOut.isOnePiece());
    answer.put("score", Answers.length(foldOut.score()));
    answer.put("basePart", Answers.length(foldOut.basePart()));
    answer.put("shortBy", Answers.length(foldOut.shortBy()));
    answer.put("extension", Answers.size(foldOut.extension()));
    answer.put("extensionFromOffcut", foldOut.isExtensionFromOffcut());
    answer.put("offcut", Answers.size(foldOut.offcut()));
    answer.put("opened", Answers.length(foldOut.opened()));
    answer.put("clearsBinding", foldOut.clearsBinding(margin));
    answer.put("drawing", drawing(foldOut));
    answer.put("working", working(foldOut));
    return answer;
  }

  /** As it lies open: the page from its binding edge, what extends it, the score, the flap. */
  private static List<Map<String, @Nullable Object>> drawing(FoldOut foldOut) {
    Length h = foldOut.page().h();
    Length base = foldOut.shortBy();
    Drawing drawing =
        new Drawing()
            .room(new Box(Length.ZERO, Length.ZERO, foldOut.opened(), h))
            .piece(new Box(base, Length.ZERO, foldOut.opened().minus(base), h));
    Size extension = foldOut.extension();
    if (extension != null) {
      drawing.cover(Box.of(extension));
    }
    return drawing.mark(new Box(foldOut.page().w(), Length.ZERO, Length.ZERO, h)).boxes();
  }

  private static String working(FoldOut foldOut) {
    Size extension = foldOut.extension();
    Length left = foldOut.sheet().w().minus(foldOut.taken());
    String sum =
        Answers.said(
            "%s + %s = %s of %s", foldOut.page().w(), foldOut.flap(), foldOut.opened(), left);
    return extension == null
        ? sum
        : sum
            + Answers.said(
                "; %s − %s = %s, so that %s is missing, and %s with its overlap",
                left, foldOut.flap(), foldOut.basePart(), foldOut.shortBy(), extension.w());
  }
}
