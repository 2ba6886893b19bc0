package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;

/** How a flap is held, and so how it moves. */
public sealed interface Attachment {

  /** How wide the adhesive strip is that holds it; zero where none does. */
  default Length strip() {
    return Length.ZERO;
  }

  default Flap.Move move() {
    return Flap.Move.TURNS;
  }

  /** Where its strip lies, beside a flap or under it; without a width where nothing of it shows. */
  default Box stripArea(Box closed, Edge hinge) {
    return hinge.along(closed, Length.ZERO);
  }

  /** Lets a visitor do with this what it does with one of its kind. */
  <R> R accept(Visitor<R> visitor);

  /**
   * Does something with an attachment of each kind; a new kind does not compile until each visitor
   * knows it.
   *
   * @param <R> the result
   */
  interface Visitor<R> {
    R onProtector(OnProtector on);

    R throughSlit(ThroughSlit through);

    R onFold(OnFold on);

    R stuckDown(StuckDown stuck);

    R tucked(Tucked tucked);

    R ground(Ground ground);
  }

  /** On the protector: the strip lies beyond the hinge and shows. */
  record OnProtector(Length strip) implements Attachment {
    @Override
    public Box stripArea(Box closed, Edge hinge) {
      return hinge.beyond(closed, strip);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.onProtector(this);
    }
  }

  /** On the page, through a slit in the protector: the strip lies inside the hinge. */
  record ThroughSlit(Length strip) implements Attachment {
    @Override
    public Box stripArea(Box closed, Edge hinge) {
      return hinge.along(closed, strip);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.throughSlit(this);
    }
  }

  /** On a fold, or behind the edge of what carries it: no strip of it shows. */
  record OnFold(Length strip) implements Attachment {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.onFold(this);
    }
  }

  /** Stuck down whole, so that it never moves and has no inside. */
  record StuckDown() implements Attachment {
    @Override
    public Flap.Move move() {
      return Flap.Move.STAYS;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.stuckDown(this);
    }
  }

  /** Tucked loosely behind something, and drawn out over an edge of it. */
  record Tucked() implements Attachment {
    @Override
    public Flap.Move move() {
      return Flap.Move.SLIDES;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.tucked(this);
    }
  }

  /** Stuck to the page whole, before anything else is: photos lie over it, and it hides nothing. */
  record Ground() implements Attachment {
    @Override
    public Flap.Move move() {
      return Flap.Move.STAYS;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.ground(this);
    }
  }
}
