package drumnest.core.fit;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.core.stock.HouseRules;
import org.jspecify.annotations.Nullable;

/**
 * How a photo goes into an opening: all that the answer depends on, but for the house rules.
 *
 * @param pixels the size of the picture after turning it upright
 * @param keep what must stay of it
 * @param focus what a crop follows where nothing must stay
 * @param onTable the size of the print if it already lies on the table
 * @param takes the size of the print that the slot takes
 * @param outline the outline in which it is cut
 * @param opening the slot's opening
 * @param turned whether it lies with a quarter turn
 * @param whole whether it is shown small and whole, on a card
 */
public record FitQuestion(
    Pixels pixels,
    @Nullable PixelBox keep,
    Focus focus,
    @Nullable Size onTable,
    Size takes,
    Outline outline,
    Opening opening,
    boolean turned,
    boolean whole) {

  /** Where answers are had from: worked out, or remembered, for an album asks again and again. */
  @FunctionalInterface
  public interface Answers {

    /** Works out every answer. */
    Answers WORKED_OUT = FitQuestion::answer;

    PrintInPocket to(FitQuestion question, HouseRules rules);
  }

  public PrintInPocket answer(HouseRules rules) {
    return PrintInPocket.of(
        pixels, keep, focus, onTable, takes, outline, opening, turned, whole, rules);
  }
}
