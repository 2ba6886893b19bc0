package drumnest.core.album;

/** A plan of a page that does not come out. */
public class PlanProblemException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final int block;
  private final String field;

  PlanProblemException(int block, String field, String message) {
    super(message);
    this.block = block;
    this.field = field;
  }

  /** The key of the block that is wrong. */
  public int block() {
    return block;
  }

  /** What is wrong of it, such as {@code gap}. */
  public String field() {
    return field;
  }
}
