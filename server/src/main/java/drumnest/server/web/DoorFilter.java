package drumnest.server.web;

import drumnest.server.share.Pairing;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * Lets in only what asks for this machine by its own name and comes from our own page, so that no
 * page of elsewhere can reach the album through the browser; and tells the browser to load nothing
 * from anywhere else. By the shared door only paired devices come in; the others get the page that
 * asks for the code, and nothing of the albums.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class DoorFilter extends OncePerRequestFilter {

  /** The cookie that holds a device's token. */
  public static final String COOKIE = "drumnest-device";

  private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]");
  private static final Set<String> OWN_ADDRESSES = Set.of("127.0.0.1", "0:0:0:0:0:0:0:1");

  private static final String POLICY =
      "default-src 'self'; img-src 'self' blob: data:; style-src 'self' 'unsafe-inline'; font-src"
          + " 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors"
          + " 'none'";

  private final ObjectProvider<Pairing> pairing;

  DoorFilter(ObjectProvider<Pairing> pairing) {
    this.pairing = pairing;
  }

  /** Whether a request came in by the shared door. */
  public static boolean isShared(HttpServletRequest request) {
    return !OWN_ADDRESSES.contains(request.getLocalAddr());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    String host = request.getHeader("Host");
    boolean shared = isShared(request);
    if (host == null
        || !isOwn(name(host), request, shared)
        || !isOwnOrigin(request.getHeader("Origin"), host)) {
      refuse(response, HttpServletResponse.SC_FORBIDDEN, "Only this machine's own page may ask.");
    } else if (shared && isForFirstScreen(request)) {
      refuse(
          response,
          HttpServletResponse.SC_FORBIDDEN,
          "Sharing is changed on the first screen only.");
    } else if (shared && !isOpenToAll(request) && !pairing.getObject().isPaired(token(request))) {
      refuse(
          response,
          HttpServletResponse.SC_UNAUTHORIZED,
          "This device is not paired. Give the code that the first screen shows.");
    } else {
      chain.doFilter(request, response);
    }
  }

  private static void refuse(HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write(
            "{\"title\":\"Not let in\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
  }

  private static boolean isForFirstScreen(HttpServletRequest request) {
    return request.getRequestURI().startsWith("/api/sharing")
        && !HttpMethod.GET.matches(request.getMethod());
  }

  /** The page itself, and pairing: they hold nothing of the albums. */
  private static boolean isOpenToAll(HttpServletRequest request) {
    String path = request.getRequestURI();
    return path.equals("/api/pair")
        || !(path.startsWith("/api") || path.startsWith("/v3") || path.startsWith("/actuator"));
  }

  private static @Nullable String token(HttpServletRequest request) {
    Cookie cookie = WebUtils.getCookie(request, COOKIE);
    return cookie == null ? null : cookie.getValue();
  }

  private static String name(String host) {
    return host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
  }

  private static boolean isOwn(String name, HttpServletRequest request, boolean shared) {
    return shared ? name.equals(request.getLocalAddr()) : OWN_NAMES.contains(name);
  }

  private static boolean isOwnOrigin(@Nullable String origin, String host) {
    if (origin == null) {
      return true;
    }
    try {
      URI uri = URI.create(origin);
      return "http".equals(uri.getScheme()) && host.equalsIgnoreCase(uri.getRawAuthority());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
