package drumnest.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what asks for this machine by its own name and comes from our own page, so that no
 * page of elsewhere can reach the album through the browser; and tells the browser to load nothing
 * from anywhere else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorFilter extends OncePerRequestFilter {

  private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]");

  private static final String POLICY =
      "default-src 'self'; img-src 'self' blob: data:; style-src 'self' 'unsafe-inline'; font-src"
          + " 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors"
          + " 'none'";

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    String host = request.getHeader("Host");
    if (!isOwn(host) || !isOwnOrigin(request.getHeader("Origin"), host)) {
      response.setStatus(HttpServletResponse.SC_FORBIDDEN);
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response
          .getWriter()
          .write(
              "{\"title\":\"Not let in\",\"status\":403,\"detail\":\"Only this machine's own page"
                  + " may ask.\"}");
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean isOwn(@Nullable String host) {
    if (host == null) {
      return false;
    }
    String name = host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
    return OWN_NAMES.contains(name);
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
