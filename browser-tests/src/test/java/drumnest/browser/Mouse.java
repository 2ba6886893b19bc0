package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** What hands do with a mouse. */
final class Mouse {

  private static final int MOVES = 8;

  private Mouse() {}

  /** Draws a box on something, from and to shares of its width and height. */
  static void draw(Page page, Locator on, double left, double top, double right, double bottom) {
    BoundingBox box = on.boundingBox();
    page.mouse().move(box.x + box.width * left, box.y + box.height * top);
    page.mouse().down();
    for (int i = 1; i <= MOVES; i++) {
      page.mouse()
          .move(
              box.x + box.width * (left + (right - left) * i / MOVES),
              box.y + box.height * (top + (bottom - top) * i / MOVES));
    }
    page.mouse().up();
  }

  /** Drags one thing onto another that shows that it is aimed at, once nothing turns any more. */
  static void drag(Page page, Locator from, Locator to) {
    page.waitForFunction(
        "() => document.getAnimations().every((each) => each.playState !== 'running')");
    BoundingBox a = from.boundingBox();
    BoundingBox b = to.boundingBox();
    double x = a.x + a.width / 2;
    double y = a.y + a.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int i = 1; i <= MOVES; i++) {
      page.mouse()
          .move(x + (b.x + b.width / 2 - x) * i / MOVES, y + (b.y + b.height / 2 - y) * i / MOVES);
    }
    assertThat(to).hasAttribute("data-aimed", "");
    page.mouse().up();
  }
}
