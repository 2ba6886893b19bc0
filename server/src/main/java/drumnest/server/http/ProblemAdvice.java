package drumnest.server.http;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.leaf.PlanProblemException;
import drumnest.server.EnumNames;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.PlainText;
import drumnest.server.StaleVersionException;
import drumnest.server.TooManyTriesException;
import drumnest.server.UnknownKind;
import drumnest.server.UnprocessableException;
import drumnest.server.WouldLoseException;
import drumnest.server.data.DiskFullException;
import drumnest.server.data.DiskSpace;
import drumnest.server.intake.RefusedPhotoException;
import drumnest.server.stock.MoverProblemText;
import drumnest.server.stock.UnitsInUse;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.task.TaskRejectedException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;

/** Errors as problem documents (source: RFC 9457) that name the field and say what is accepted. */
@RestControllerAdvice
class ProblemAdvice {

  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  private final DiskSpace room;

  ProblemAdvice(DiskSpace room) {
    this.room = room;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> field(FieldProblemException e) {
    return problem(HttpStatus.BAD_REQUEST, "Not understood", e.getMessage(), e.field());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notThere(NotThereException e) {
    return problem(HttpStatus.NOT_FOUND, "Not there", e.getMessage(), e.field());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notPossible(UnprocessableException e) {
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not possible", e.getMessage(), e.field());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wouldLose(WouldLoseException e) {
    ResponseEntity<ProblemDetail> answer =
        problem(HttpStatus.UNPROCESSABLE_CONTENT, "Would lose", e.getMessage(), "confirmed");
    Objects.requireNonNull(answer.getBody()).setProperty("lost", e.lost());
    return answer;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> plan(PlanProblemException e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "Does not fit",
        e.by() == null ? e.getMessage() : e.getMessage() + " by " + UnitsInUse.text(e.by()) + ".",
        "block " + e.block() + "." + e.field());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> mover(MoverProblemException e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "Does not fit",
        "Its " + e.field() + MoverProblemText.after(e),
        e.field());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refused(RefusedPhotoException e) {
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not taken in", e.getMessage(), "file");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooManyTries(TooManyTriesException e) {
    return problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", e.getMessage(), "code");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooLarge(TooLargeException e) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", e.getMessage(), "body");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> outOfRoom(DiskFullException e) {
    return problem(HttpStatus.INSUFFICIENT_STORAGE, "The disk is full", e.getMessage(), null);
  }

  @ExceptionHandler({StaleVersionException.class, ConcurrencyFailureException.class})
  ResponseEntity<ProblemDetail> movedOn(Exception e) {
    return problem(
        HttpStatus.CONFLICT,
        "Changed elsewhere",
        "The album was changed in another window. Nothing of this was done; the page shows it as it"
            + " is now.",
        "version");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notValid(MethodArgumentNotValidException e) {
    var error = e.getBindingResult().getFieldErrors().get(0);
    return problem(
        HttpStatus.BAD_REQUEST,
        "Not understood",
        "“" + error.getField() + "” " + error.getDefaultMessage() + ".",
        error.getField());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notReadable(HttpMessageNotReadableException e) {
    if (e.getCause() instanceof InvalidTypeIdException kind) {
      return field(UnknownKind.of(kind));
    }
    if (e.getCause() instanceof InvalidFormatException named && named.getTargetType().isEnum()) {
      return problem(
          HttpStatus.BAD_REQUEST,
          "Not understood",
          EnumNames.refusal(named.getTargetType(), String.valueOf(named.getValue())),
          UnknownKind.path(named.getPath()));
    }
    if (e.getCause() instanceof JacksonException json && !json.getPath().isEmpty()) {
      String field = UnknownKind.path(json.getPath());
      return problem(
          HttpStatus.BAD_REQUEST, "Not understood", "“" + field + "” is not accepted here.", field);
    }
    return problem(HttpStatus.BAD_REQUEST, "Not understood", "The body is a JSON object.", "body");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> wrongType(MethodArgumentTypeMismatchException e) {
    Class<?> wanted = e.getRequiredType();
    if (wanted != null && wanted.isEnum()) {
      return problem(
          HttpStatus.BAD_REQUEST,
          "Not understood",
          EnumNames.refusal(wanted, String.valueOf(e.getValue())),
          e.getName());
    }
    return problem(
        HttpStatus.NOT_FOUND,
        "Not there",
        "“" + PlainText.beginning(String.valueOf(e.getValue()), 40) + "” is no such address here.",
        e.getName());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(TaskRejectedException e) {
    return problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "Busy",
        "Too many files are being taken away at this moment. Try again in a minute.",
        null);
  }

  /** The one who asked went away; nobody reads an answer. */
  @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
  void gone(Exception e) {
    LOG.debug("The other side went away.", e);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> anything(Exception e, HttpServletRequest request) throws Exception {
    if (e instanceof ErrorResponse known) {
      return ResponseEntity.status(known.getStatusCode())
          .headers(known.getHeaders())
          .body(known.getBody());
    }
    if (room.isCauseOf(e)) {
      LOG.warn("The disk is full: {}", e.getMessage());
      return outOfRoom(new DiskFullException());
    }
    if (request.getUserPrincipal() == null) {
      // The door that let a stranger in logs what strangers cause.
      throw e;
    }
    LOG.error("A request failed.", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Went wrong here",
        "Something went wrong in the program. Nothing of this was done; what was there before is"
            + " kept.",
        null);
  }

  private static ResponseEntity<ProblemDetail> problem(
      HttpStatusCode status, String title, String detail, @Nullable String field) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setTitle(title);
    if (field != null) {
      problem.setProperty("field", field);
    }
    return ResponseEntity.status(status).body(problem);
  }
}
