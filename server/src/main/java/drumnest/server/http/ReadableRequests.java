package drumnest.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only requests whose query can be read, before anybody asks for a part of it; nothing here
 * takes a form.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class ReadableRequests extends OncePerRequestFilter {

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (isForm(request)) {
      refuse(
          response,
          request.getContentLengthLong() > BodyLimit.USUAL
              ? HttpStatus.CONTENT_TOO_LARGE
              : HttpStatus.BAD_REQUEST,
          "body",
          "Forms are not taken here; the body is a JSON object.");
      return;
    }
    try {
      request.getParameterMap();
    } catch (InvalidParameterException unreadable) {
      refuse(
          response,
          HttpStatus.BAD_REQUEST,
          "query",
          "What stands behind the “?” is not encoded as addresses are: UTF-8, with % and two digits"
              + " of hexadecimal.");
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean isForm(HttpServletRequest request) {
    String type = String.valueOf(request.getContentType()).strip().toLowerCase(Locale.ROOT);
    return type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)
        || type.startsWith("multipart/");
  }

  private static void refuse(
      HttpServletResponse response, HttpStatus status, String field, String detail)
      throws IOException {
    // The rest of the body is not waited for.
    response.setHeader("Connection", "close");
    new ProblemResponse(status.value(), "Not understood", detail, field).write(response);
  }
}
