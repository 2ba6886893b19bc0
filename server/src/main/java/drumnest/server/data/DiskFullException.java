package drumnest.server.data;

/** There is no room left on the disk for what is to be kept. Nothing of it was kept. */
public class DiskFullException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  public DiskFullException() {
    super(
        "The disk is full, so this was not kept; everything that was there before is. Make room on"
            + " it and bring the rest again.");
  }
}
