package drumnest.server.http;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Tells what went wrong before or after a handler, as a problem document. Nobody asks for it
 * directly.
 */
@Hidden
@RestController
class Errors implements ErrorController {

  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    HttpStatus status = HttpStatus.NOT_FOUND;
    if (request.getDispatcherType() == DispatcherType.ERROR
        && request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code) {
      HttpStatus known = HttpStatus.resolve(code);
      status = known == null ? HttpStatus.INTERNAL_SERVER_ERROR : known;
    }
    return ResponseEntity.status(status).body(ProblemDetail.forStatus(status));
  }
}
