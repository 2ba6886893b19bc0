package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** What hands do with a mouse. */
final class Mouse {

  private static final int MOVES = 8;

  private Mouse() {}

  /** Drags one thing onto another that shows that it is aimed at. */
  static void drag(Page page, Locator from, Locator to) {
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
