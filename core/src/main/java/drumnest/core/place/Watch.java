package drumnest.core.place;

/** Watches something that takes long. */
public interface Watch {

  /** Lets it run to its end. */
  Watch NONE = (done, of) -> true;

  /**
   * Says how far it came.
   *
   * @return whether it is to go on; if not, the best so far is the answer
   */
  boolean goOn(long done, long of);
}
