package drumnest.server.web;

import drumnest.server.shelf.HouseUnits;
import drumnest.server.shelf.UnitsInUse;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every request is answered in the units of the house. */
@Component
class UnitsFilter extends OncePerRequestFilter {

  private final ObjectProvider<HouseUnits> units;

  UnitsFilter(ObjectProvider<HouseUnits> units) {
    this.units = units;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    UnitsInUse.set(units.getObject().current());
    try {
      chain.doFilter(request, response);
    } finally {
      UnitsInUse.clear();
    }
  }
}
