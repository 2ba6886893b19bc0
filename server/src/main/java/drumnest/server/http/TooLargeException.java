package drumnest.server.http;

/** A body is larger than what its handler takes. It was not read to its end. */
public class TooLargeException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public TooLargeException(long most) {
    super("The body is larger than " + said(most) + ", the most that is accepted here.");
  }

  private static String said(long bytes) {
    return bytes >= 1 << 20 ? (bytes >> 20) + " MB" : (bytes >> 10) + " KB";
  }
}
