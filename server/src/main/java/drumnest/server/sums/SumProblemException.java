package drumnest.server.sums;

/** A value of a sum that is missing or not accepted; the message says what is. */
public class SumProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String field;

  SumProblemException(String field, String message) {
    super(message);
    this.field = field;
  }

  /** The path of the field, as {@code slots[0].w}. */
  public String field() {
    return field;
  }
}
