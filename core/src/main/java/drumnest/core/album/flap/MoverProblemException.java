package drumnest.core.album.flap;

import drumnest.core.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * A mover that cannot be made as it is said: which measure is wrong, and the nearest that works.
 */
public class MoverProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final @Nullable String mover;
  private final String field;
  private final transient @Nullable Length nearest;

  public MoverProblemException(String field, String message) {
    this(field, message, null);
  }

  public MoverProblemException(String field, String message, @Nullable Length nearest) {
    this(null, field, message, nearest);
  }

  /**
   * @param mover which of several it is
   */
  public MoverProblemException(
      @Nullable String mover, String field, String message, @Nullable Length nearest) {
    super(message);
    this.mover = mover;
    this.field = field;
    this.nearest = nearest;
  }

  /** Which of several it is; null where there is but one. */
  public @Nullable String mover() {
    return mover;
  }

  /** Tells what is wrong of it, such as {@code strip}; the message goes on from its name. */
  public String field() {
    return field;
  }

  /**
   * The nearest that works; null where that is no length. The message ends so that it may follow.
   */
  public @Nullable Length nearest() {
    return nearest;
  }
}
