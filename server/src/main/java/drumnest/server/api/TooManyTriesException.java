package drumnest.server.api;

/** Somebody tried too often and has to wait. */
class TooManyTriesException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  TooManyTriesException(String message) {
    super(message);
  }
}
