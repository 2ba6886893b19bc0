package drumnest.server.share;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.handler.MappedInterceptor;
import org.springframework.web.servlet.mvc.ParameterizableViewController;
import org.springframework.web.servlet.resource.ResourceHttpRequestHandler;

/**
 * The second door, at the handlers: it knows no paths, so no spelling of one gets past it. Every
 * handler wants a paired device unless it says otherwise with {@link OpenTo}; only the page's files
 * are for everybody. It covers every handler that the dispatcher can find, those of libraries too.
 */
class HandlerAccess implements HandlerInterceptor {

  private final Asker.Known known;

  HandlerAccess(Asker.Known known) {
    this.known = known;
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws IOException {
    DispatcherType dispatch = request.getDispatcherType();
    if (dispatch == DispatcherType.ASYNC || dispatch == DispatcherType.ERROR) {
      // What follows from a request that was let in, or tells why it was not.
      return true;
    }
    Asker least = least(handler);
    if (known.of(request).compareTo(least) >= 0) {
      return true;
    }
    NotLetIn.because(least).write(response);
    return false;
  }

  private static Asker least(Object handler) {
    if (handler instanceof ResourceHttpRequestHandler
        // The first page, which Spring finds among the files by itself.
        || handler instanceof ParameterizableViewController) {
      return Asker.STRANGER;
    }
    OpenTo openTo =
        handler instanceof HandlerMethod method ? method.getMethodAnnotation(OpenTo.class) : null;
    return openTo == null ? Asker.DEVICE : openTo.value();
  }

  /** Puts the door before the handlers of every mapping. */
  @Configuration
  static class AtEveryHandler {
    @Bean
    static MappedInterceptor handlerDoor(Asker.Known known) {
      return new MappedInterceptor(null, new HandlerAccess(known));
    }
  }
}
