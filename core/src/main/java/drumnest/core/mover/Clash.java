package drumnest.core.mover;

import java.util.List;

/**
 * Two movers of a spread that are in each other's way.
 *
 * @param kind how
 * @param a the one that is in the way
 * @param b the other
 */
public record Clash(Kind kind, String a, String b) {

  /** How bad it is. */
  public enum Severity {
    /** It cannot be made so. */
    ERROR,
    /** It must be opened, or closed, in an order. */
    ORDER
  }

  /** How two movers are in each other's way. */
  public enum Kind {
    /** The strip of the one lies on the other, which is then stuck for ever. */
    STRIP_ON_MOVING(Severity.ERROR),
    /** Both want the same place closed, and nothing says which of them lies over the other. */
    CLOSED_OVERLAP(Severity.ERROR),
    /** The one lies on the other, so that it is opened first. */
    ON_TOP(Severity.ORDER),
    /** The one covers some of the other when it is open, so that the other must wait. */
    COVERS_WHEN_OPEN(Severity.ORDER),
    /** Both want the same place open, so that only one of them is open at a time. */
    OPEN_OVERLAP(Severity.ORDER);

    private final Severity severity;

    Kind(Severity severity) {
      this.severity = severity;
    }

    public Severity severity() {
      return severity;
    }
  }

  public Severity severity() {
    return kind.severity();
  }

  /** How many of them cannot be made so. */
  static long errors(List<Clash> clashes) {
    return clashes.stream().filter(clash -> clash.severity() == Severity.ERROR).count();
  }
}
