package drumnest.server.sums;

import drumnest.core.fit.CropWindow;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.RulesInForce;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The sum of what a print shows of a picture. */
@Component
class CropSum implements Sum {

  private final RulesInForce rules;

  CropSum(RulesInForce rules) {
    this.rules = rules;
  }

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
    HouseRules inForce = rules.rules();
    CropWindow window =
        (values.flag("mayTurn", false)
                ? CropWindow.ofEitherTurn(
                    pixels, print, Outline.STRAIGHT, keep, Focus.NONE, inForce)
                : CropWindow.of(pixels, print, keep, inForce))
            .orElse(null);
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("possible", window != null);
    answer.put("turned", window != null && window.turned());
    Answers.crop(answer, window);
    answer.put("resolution", window == null ? null : Answers.key(window.resolution()));
    long perInch = Math.max(pixels.w(), pixels.h()) / 4 + 1;
    Drawing drawing = new Drawing().room(scaled(0, 0, pixels.w(), pixels.h(), perInch));
    if (window != null) {
      PixelBox crop = window.crop();
      drawing.piece(scaled(crop.x(), crop.y(), crop.w(), crop.h(), perInch));
      answer.put("working", working(pixels, window));
    }
    if (keep != null) {
      drawing.mark(scaled(keep.x(), keep.y(), keep.w(), keep.h(), perInch));
    }
    answer.put("drawing", drawing.boxes());
    return answer;
  }

  private static Box scaled(int x, int y, int w, int h, long perInch) {
    return new Box(
        Drawing.pixels(x, perInch),
        Drawing.pixels(y, perInch),
        Drawing.pixels(w, perInch),
        Drawing.pixels(h, perInch));
  }

  private static String working(Pixels pixels, CropWindow window) {
    Size print = window.print().turnedIf(window.turned());
    return Answers.said(
        "%d × %d of %d × %d px keeps %.0f %%; %d px ÷ %s in = %.0f ppi",
        window.crop().w(),
        window.crop().h(),
        pixels.w(),
        pixels.h(),
        window.keptShare() * 100,
        window.crop().w(),
        print.w(),
        window.ppi());
  }
}
