package drumnest.core.place;

/** Watches something that takes long. */
public interface ProgressMonitor {

  /** Lets it run to its end. */
  ProgressMonitor NONE = (done, of) -> true;

  /**
   * Says how far it came.
   *
   * @return whether it is to go on; if not, the best so far is the answer
   */
  boolean goOn(long done, long of);

  /**
   * Watches one of several parts that follow each other and take about as long.
   *
   * @param number which, from 0
   * @param parts how many there are
   */
  default ProgressMonitor part(int number, int parts) {
    return (done, of) -> goOn(number * of + done, parts * of);
  }
}
