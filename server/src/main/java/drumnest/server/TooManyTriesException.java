package drumnest.server;

/** Somebody tried too often and has to wait. */
public class TooManyTriesException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public TooManyTriesException(String message) {
    super(message);
  }
}
