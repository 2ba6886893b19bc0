package drumnest.server;

import java.util.List;

/** A step that would lose something and was not confirmed. Nothing was changed. */
public class WouldLoseException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final transient List<String> lost;

  public WouldLoseException(String message, List<String> lost) {
    super(message);
    this.lost = List.copyOf(lost);
  }

  /** Tells what would be lost, a line each. */
  public List<String> lost() {
    return lost;
  }
}
