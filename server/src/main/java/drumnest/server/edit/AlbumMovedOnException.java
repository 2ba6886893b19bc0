package drumnest.server.edit;

/** The album was changed elsewhere since the page that asks was loaded. Nothing was changed. */
public class AlbumMovedOnException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public AlbumMovedOnException() {
    super("The album was changed in another window.");
  }
}
