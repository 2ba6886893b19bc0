package drumnest.server.movers.kind;

/**
 * A step of making a mover.
 *
 * @param text what is done
 * @param noReturn whether it cannot be undone
 */
public record MakingStep(String text, boolean noReturn) {

  /** The step as one line of a printed plan. */
  public String line(int number) {
    return number + ". " + text + (noReturn ? " (No way back after this.)" : "");
  }
}
