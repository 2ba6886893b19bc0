package drumnest.core.album.leaf;

import drumnest.core.measure.Length;
import org.jspecify.annotations.Nullable;

/** A plan of a page that does not come out. */
public class PlanProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final int block;
  private final String field;

  private final transient @Nullable Length by;

  PlanProblemException(int block, String field, String message) {
    this(block, field, message, null);
  }

  PlanProblemException(int block, String field, String message, @Nullable Length by) {
    super(message);
    this.block = block;
    this.field = field;
    this.by = by;
  }

  /** By how much; null where that is no length. The message ends so that “by …” may follow. */
  public @Nullable Length by() {
    return by;
  }

  /** The key of the block that is wrong. */
  public int block() {
    return block;
  }

  /** Tells what is wrong of it, such as {@code gap}. */
  public String field() {
    return field;
  }
}
