package drumnest.server;

/** The album was changed elsewhere since the page that asks was loaded. Nothing was changed. */
public class StaleVersionException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public StaleVersionException() {
    super("The album was changed in another window.");
  }
}
