package drumnest.server.intake;

/** A file that was not taken in; the message says why, for its maker. Nothing of it was kept. */
public class RefusedPhotoException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public RefusedPhotoException(String message) {
    super(message);
  }

  public RefusedPhotoException(String message, Throwable cause) {
    super(message, cause);
  }
}
