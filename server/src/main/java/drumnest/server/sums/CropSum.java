package drumnest.server.sums;

import drumnest.core.fit.CropWindow;
import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** What does a print show of a picture? */
@Component
class CropSum implements Sum {

  @Override
  public String name() {
    return "crop";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "pixels", "print", "keep", "mayTurn");
    Pixels pixels = values.pixels("pixels");
    Size print = values.size("print");
    PixelBox keep = values.keep("keep", pixels);
    HouseRules rules = HouseRules.defaults();
    CropWindow window =
        (values.flag("mayTurn", false)
                ? CropWindow.ofEitherTurn(pixels, print, keep, rules)
                : CropWindow.of(pixels, print, keep, rules))
            .orElse(null);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("possible", window != null);
    answer.put("turned", window != null && window.turned());
    Answers.crop(answer, window);
    answer.put("resolution", window == null ? null : Answers.key(window.resolution()));
    return answer;
  }
}
