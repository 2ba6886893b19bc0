package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.TuckSpot;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.RulesInForce;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Does a card tuck behind a photo, and where are its rails and its stop? */
@Component
class TuckSum implements Sum {

  private final RulesInForce rules;

  TuckSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "tuck";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values =
        Values.of(question, "", "photo", "card", "visible", "rail", "play", "cardThickness");
    HouseRules inForce = rules.rules();
    Values rail = values.object("rail", "w", "thickness");
    TuckSpot spot =
        new TuckSpot(
            values.size("photo"),
            values.size("card"),
            values.lengthOrNone("visible"),
            rail.length("w"),
            rail.length("thickness"),
            values.lengthOrNone("play", inForce.length(HouseRule.TUCK_PLAY)),
            values.length("cardThickness", inForce.length(HouseRule.TUCKED_CARD)),
            inForce.length(HouseRule.TAPE_OVER_CARD));
    Length trimTo = spot.trimCardTo();
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("fits", spot.fits());
    answer.put("trimCardTo", trimTo == null ? null : Answers.length(trimTo));
    answer.put("stopBelowTop", Answers.length(spot.stopBelowTop()));
    answer.put("stopFits", spot.stopFits());
    answer.put("layers", spot.layers());
    answer.put("drawing", drawing(spot));
    answer.put(
        "working",
        Answers.said(
            "%s + 2 × %s + 2 × %s of %s across; %s − %s = %s to the stop",
            spot.card().w(),
            spot.play(),
            spot.rail(),
            spot.photo().w(),
            spot.card().h(),
            spot.visible(),
            spot.stopBelowTop()));
    return answer;
  }

  /** The photo with its top edge at zero, the card above it as far as it shows, rails and stop. */
  private static List<Map<String, @Nullable Object>> drawing(TuckSpot spot) {
    Length w = spot.photo().w();
    Length stop = spot.stopBelowTop();
    Length left = w.minus(spot.card().w()).dividedBy(2);
    return new Drawing()
        .room(Box.of(spot.photo()))
        .piece(Box.of(left, spot.visible().negated(), spot.card()))
        .glue(new Box(Length.ZERO, Length.ZERO, spot.rail(), stop))
        .glue(new Box(w.minus(spot.rail()), Length.ZERO, spot.rail(), stop))
        .glue(new Box(Length.ZERO, stop, w, spot.rail()))
        .boxes();
  }
}
