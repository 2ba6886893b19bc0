package drumnest.core.mover;

/** How two movers are in each other's way. */
public enum ClashKind {
  /** The strip of the one lies on the other, which is then stuck for ever. */
  STRIP_ON_MOVING(Clash.Severity.ERROR),
  /** Both want the same place closed, and nothing says which of them lies over the other. */
  CLOSED_OVERLAP(Clash.Severity.ERROR),
  /** No sequence of movements opens the other, at rest for the one that is in its way. */
  NEVER_OPENS(Clash.Severity.ERROR),
  /** The one lies on the other, so that it is opened first. */
  ON_TOP(Clash.Severity.ORDER),
  /** The one covers some of the other when it is open, so that the other must wait. */
  COVERS_WHEN_OPEN(Clash.Severity.ORDER),
  /** Both want the same place open, so that only one of them is open at a time. */
  OPEN_OVERLAP(Clash.Severity.ORDER);

  private final Clash.Severity severity;

  ClashKind(Clash.Severity severity) {
    this.severity = severity;
  }

  public Clash.Severity severity() {
    return severity;
  }
}
