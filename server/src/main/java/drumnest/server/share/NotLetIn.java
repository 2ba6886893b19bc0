package drumnest.server.share;

import drumnest.server.http.ProblemResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** Why somebody is not let in, as a problem document (source: RFC 9457). */
enum NotLetIn {
  NOT_PAIRED(
      HttpServletResponse.SC_UNAUTHORIZED,
      "This device is not paired. Enter the code that the first screen shows."),
  FIRST_SCREEN_ONLY(
      HttpServletResponse.SC_FORBIDDEN, "Sharing is changed on the first screen only."),
  FOREIGN(HttpServletResponse.SC_FORBIDDEN, "Only this machine's own page may ask."),
  ODD(HttpServletResponse.SC_BAD_REQUEST, "This address or method is not understood."),
  TOO_MUCH_AT_ONCE(429, "This device asks too much at once. Wait a moment and try again.");

  private final int status;
  private final String detail;

  NotLetIn(int status, String detail) {
    this.status = status;
    this.detail = detail;
  }

  /** Why somebody is not let in where this asker would be the least. */
  static NotLetIn because(Asker least) {
    return least == Asker.FIRST_SCREEN ? FIRST_SCREEN_ONLY : NOT_PAIRED;
  }

  void write(HttpServletResponse response) throws IOException {
    new ProblemResponse(status, "Not let in", detail, null).write(response);
  }
}
