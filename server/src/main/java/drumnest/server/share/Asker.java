package drumnest.server.share;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/** Who asks: told by the door that a request came in by, and by the token that it brings. */
public enum Asker {

  /** Through the shared door, not paired, or no longer. */
  STRANGER,
  /** Through the shared door, with the token of a paired device. */
  DEVICE,
  /** This machine itself. */
  FIRST_SCREEN;

  /** The cookie that holds a device's token. */
  public static final String COOKIE = "drumnest-device";

  private static final Set<String> OWN_ADDRESSES = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1");

  /** Whether a request came in by the shared door: told by the address it reached. */
  public static boolean isShared(HttpServletRequest request) {
    return !OWN_ADDRESSES.contains(request.getLocalAddr());
  }

  /** Tells who asks, anew for every question. */
  @Component
  public static class Known {

    private final ObjectProvider<Pairing> pairing;

    Known(ObjectProvider<Pairing> pairing) {
      this.pairing = pairing;
    }

    public Asker of(HttpServletRequest request) {
      if (!isShared(request)) {
        return FIRST_SCREEN;
      }
      Cookie cookie = WebUtils.getCookie(request, COOKIE);
      boolean paired = cookie != null && pairing.getObject().isPaired(cookie.getValue());
      return paired ? DEVICE : STRANGER;
    }
  }
}
