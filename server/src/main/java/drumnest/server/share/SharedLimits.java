package drumnest.server.share;

import drumnest.server.http.ProblemResponse;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands before anything else: whoever asks too much at once through the shared door waits, and
 * what breaks further in for a stranger is told in one line.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SharedLimits extends OncePerRequestFilter {

  private final Asker.Known known;
  private final SharedConnections connections;
  private final StrangersLog log;

  SharedLimits(Asker.Known known, SharedConnections connections, StrangersLog log) {
    this.known = known;
    this.connections = connections;
    this.log = log;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !Asker.isShared(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean isStranger = known.of(request) == Asker.STRANGER;
    if (!connections.take(request, isStranger)) {
      response.setHeader("Connection", "close");
      response.setHeader("Retry-After", "1");
      NotLetIn.TOO_MUCH_AT_ONCE.write(response);
      return;
    }
    try {
      chain.doFilter(request, response);
    } catch (RuntimeException | ServletException failure) {
      if (!isStranger) {
        throw failure;
      }
      log.failed(request.getRemoteAddr(), failure);
      if (!response.isCommitted()) {
        response.reset();
        new ProblemResponse(
                HttpServletResponse.SC_INTERNAL_SERVER_ERROR,
                "Went wrong here",
                "Something went wrong in the program. Nothing of this was done.",
                null)
            .write(response);
      }
    } finally {
      connections.letGo(request);
    }
  }
}
