package drumnest.server.share;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Before anything else: whoever asks too much at once through the shared door waits. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SharedLimits extends OncePerRequestFilter {

  private final Asker.Known known;
  private final SharedConnections connections;

  SharedLimits(Asker.Known known, SharedConnections connections) {
    this.known = known;
    this.connections = connections;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !Asker.isShared(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!connections.take(request, known.of(request) == Asker.STRANGER)) {
      response.setHeader("Connection", "close");
      response.setHeader("Retry-After", "1");
      NotLetIn.TOO_MUCH_AT_ONCE.write(response);
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      connections.letGo(request);
    }
  }
}
