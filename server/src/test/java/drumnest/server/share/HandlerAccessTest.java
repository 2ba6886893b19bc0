package drumnest.server.share;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.support.StaticListableBeanFactory;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.resource.ResourceHttpRequestHandler;

/** The door at the handlers stands by itself, whatever was let through before it. */
class HandlerAccessTest {

  private final HandlerAccess door =
      new HandlerAccess(
          new Asker.Known(
              new StaticListableBeanFactory()
                  .getBeanProvider(drumnest.server.share.Pairing.class)));

  /** Handlers as controllers have them. */
  public static class Handlers {
    public void plain() {}

    @OpenTo(Asker.STRANGER)
    public void open() {}

    @OpenTo(Asker.FIRST_SCREEN)
    public void firstScreen() {}
  }

  @ParameterizedTest(name = "{0} by {1} in a {2}: {3}")
  @CsvSource({
    "plain, 127.0.0.2, REQUEST, 401",
    "plain, 127.0.0.1, REQUEST, 0",
    "open, 127.0.0.2, REQUEST, 0",
    "firstScreen, 127.0.0.2, REQUEST, 403",
    "firstScreen, 0:0:0:0:0:0:0:1, REQUEST, 0",
    "page, 127.0.0.2, REQUEST, 0",
    "unknown, 127.0.0.2, REQUEST, 401",
    "plain, 127.0.0.2, ERROR, 0",
    "plain, 127.0.0.2, FORWARD, 401"
  })
  void a_handler_is_closed_to_strangers_unless_it_says_otherwise(
      String handler, String address, DispatcherType dispatch, int refusedWith) throws Exception {
    List<Integer> status = new ArrayList<>();
    boolean goesOn = door.preHandle(request(address, dispatch), response(status), handler(handler));
    assertThat(goesOn).isEqualTo(refusedWith == 0);
    assertThat(status).isEqualTo(refusedWith == 0 ? List.of() : List.of(refusedWith));
  }

  private static Object handler(String name) throws NoSuchMethodException {
    return switch (name) {
      case "page" -> new ResourceHttpRequestHandler();
      case "unknown" -> new Object();
      default -> new HandlerMethod(new Handlers(), Handlers.class.getMethod(name));
    };
  }

  private static HttpServletRequest request(String address, DispatcherType dispatch) {
    Map<String, Object> answers = Map.of("getLocalAddr", address, "getDispatcherType", dispatch);
    return proxy(HttpServletRequest.class, (method, arguments) -> answers.get(method.getName()));
  }

  private static HttpServletResponse response(List<Integer> status) throws IOException {
    PrintWriter nowhere = new PrintWriter(new StringWriter());
    return proxy(
        HttpServletResponse.class,
        (method, arguments) -> {
          if (method.getName().equals("setStatus")) {
            status.add((Integer) arguments[0]);
          }
          return method.getName().equals("getWriter") ? nowhere : null;
        });
  }

  private interface Answers {
    Object answer(Method method, Object[] arguments);
  }

  private static <T> T proxy(Class<T> type, Answers answers) {
    return type.cast(
        Proxy.newProxyInstance(
            type.getClassLoader(),
            new Class<?>[] {type},
            (self, method, arguments) -> answers.answer(method, arguments)));
  }
}
