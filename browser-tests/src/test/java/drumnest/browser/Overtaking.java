package drumnest.browser;

import com.microsoft.playwright.Request;
import java.util.HashSet;
import java.util.Set;

/**
 * Which requests of pages were under way at the same time as a step, of any window: the step may
 * have come first, and what was asked for may be gone by then.
 */
final class Overtaking {

  private final Set<Request> steps = new HashSet<>();
  private final Set<Request> asked = new HashSet<>();
  private final Set<Request> overtaken = new HashSet<>();

  /** Whether a request changes nothing. */
  static boolean isAsked(Request request) {
    return request.method().equals("GET") || request.url().endsWith("/plans");
  }

  void sent(Request request) {
    if (isAsked(request)) {
      asked.add(request);
      if (!steps.isEmpty()) {
        overtaken.add(request);
      }
    } else {
      steps.add(request);
      overtaken.addAll(asked);
    }
  }

  void ended(Request request) {
    steps.remove(request);
    asked.remove(request);
    overtaken.remove(request);
  }

  boolean isOvertaken(Request request) {
    return overtaken.contains(request);
  }
}
