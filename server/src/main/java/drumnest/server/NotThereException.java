package drumnest.server;

/** Something was asked for that the album does not have. */
public class NotThereException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String field;

  public NotThereException(String field, String message) {
    super(message);
    this.field = field;
  }

  /** The field of the request that named it. */
  public String field() {
    return field;
  }
}
