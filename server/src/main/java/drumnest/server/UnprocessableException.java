package drumnest.server;

/** A step that makes no sense as the album stands. Nothing was changed. */
public class UnprocessableException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String field;

  public UnprocessableException(String field, String message) {
    super(message);
    this.field = field;
  }

  /** The field of the request that is wrong. */
  public String field() {
    return field;
  }
}
