package drumnest.server.api;

/** A field of a request that is not understood; the message says what is accepted. */
class FieldProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String field;

  FieldProblemException(String field, String message) {
    super(message);
    this.field = field;
  }

  String field() {
    return field;
  }
}
