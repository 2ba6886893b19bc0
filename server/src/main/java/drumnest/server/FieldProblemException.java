package drumnest.server;

/** A field of a request that is not understood; the message says what is accepted. */
public class FieldProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String field;

  public FieldProblemException(String field, String message) {
    super(message);
    this.field = field;
  }

  /** The path of the field, such as {@code size.w}. */
  public String field() {
    return field;
  }
}
