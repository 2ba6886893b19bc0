package drumnest.server.http;

import drumnest.server.stock.HouseUnits;
import drumnest.server.stock.UnitsInUse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.handler.MappedInterceptor;

/** Every handler of the interface answers in the units of the house. */
class UnitsOfTheHouse implements AsyncHandlerInterceptor {

  private final ObjectProvider<HouseUnits> units;

  UnitsOfTheHouse(ObjectProvider<HouseUnits> units) {
    this.units = units;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    UnitsInUse.set(units.getObject().current());
    return true;
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception failure) {
    UnitsInUse.clear();
  }

  @Override
  public void afterConcurrentHandlingStarted(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    UnitsInUse.clear();
  }

  /** Puts it before the handlers, by the path as they are matched. */
  @Configuration
  static class BeforeTheInterface {
    @Bean
    static MappedInterceptor unitsOfTheHouse(ObjectProvider<HouseUnits> units) {
      return new MappedInterceptor(new String[] {"/api/**"}, new UnitsOfTheHouse(units));
    }
  }
}
