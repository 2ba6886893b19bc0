package drumnest.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.List;

/** Routes of a page that is open already. */
final class Routes {

  private static final String PROBE = "/are-routes-in-effect";
  private static final int IN_EFFECT = 204;

  private Routes() {}

  /**
   * Waits until routes of the page are in effect. On a busy machine the browser has let through
   * what a page asked for right after the first of them was set.
   */
  static void awaitEffect(Page page) {
    page.route(
        "**" + PROBE, route -> route.fulfill(new Route.FulfillOptions().setStatus(IN_EFFECT)));
    page.waitForFunction(
        "([probe, status]) => fetch(probe, { method: 'HEAD' })"
            + ".then((answer) => answer.status === status)",
        List.of(PROBE, IN_EFFECT));
  }
}
