package drumnest.server.edit;

import drumnest.core.fit.Opening;
import drumnest.core.fit.PrintInPocket;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What was measured of pictures in openings, kept from one answer to the next: an album asks for
 * the same again and again, and the answer depends on nothing else. Other house rules begin anew.
 */
@Component
class Measured {

  private static final int MOST = 40_000;

  private record Question(
      Pixels pixels,
      @Nullable PixelBox keep,
      @Nullable Size onTable,
      Size takes,
      Opening opening,
      boolean turned) {}

  private record Answers(HouseRules rules, Map<Question, PrintInPocket> known) {}

  private volatile Answers answers = new Answers(HouseRules.defaults(), new ConcurrentHashMap<>());

  PrintInPocket of(
      Pixels pixels,
      @Nullable PixelBox keep,
      @Nullable Size onTable,
      Size takes,
      Opening opening,
      boolean turned,
      HouseRules rules) {
    Answers now = answers;
    if (now.rules() != rules || now.known().size() > MOST) {
      now = new Answers(rules, new ConcurrentHashMap<>());
      answers = now;
    }
    return now.known()
        .computeIfAbsent(
            new Question(pixels, keep, onTable, takes, opening, turned),
            asked -> PrintInPocket.of(pixels, keep, onTable, takes, opening, turned, rules));
  }
}
