package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.measure.Turn;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A part of a mover that goes to and fro: mostly a sleeve or card that turns over its hinge. Closed
 * it lies in a rectangle; open it lies in that rectangle mirrored in its hinge. It has three faces:
 * the outside, seen closed; the inside, its reverse, seen open; and what it covers, which is not
 * its own. One that is drawn out slides over that edge instead, into the same rectangle, and one
 * that is stuck down flat stays, and has an outside only.
 *
 * <p>Lengths are on its page, or on its spread: from the top left, to the right and down. Source:
 * common practice, no source.
 *
 * @param id its name, one on its page or spread
 * @param closed where it lies closed
 * @param hinge the edge on which it is hinged, or over which it is drawn out
 * @param attachment how it is held
 * @param support what it rests on; where it lies and its hinge are told as they are while what
 *     carries it is closed
 * @param body what it is
 * @param border what it is larger on each side than what goes into it: the sealed edge of a sleeve,
 *     what shows of a card around its photo
 * @param grip what is taken hold of at its free edge, or at that which is drawn out
 */
public record Flap(
    String id,
    Box closed,
    Edge hinge,
    Attachment attachment,
    Support support,
    Body body,
    Length border,
    Grip grip) {

  /** The bodies that a flap can have. */
  public enum Body {
    /** A clear sleeve, into which two prints go, back to back. */
    SLEEVE,
    /** A card, on both sides of which something is stuck. */
    CARD
  }

  /** How a flap moves. */
  public enum Move {
    TURNS,
    SLIDES,
    STAYS
  }

  /**
   * @throws MoverProblemException if the strip of a flap through a slit is deeper than the flap
   */
  public Flap {
    Length deep = hinge.depth(closed);
    if (attachment instanceof Attachment.ThroughSlit slit && slit.strip().isMoreThan(deep)) {
      throw new MoverProblemException(
          "strip", "is deeper than the flap, under which it lies; the deepest that works is", deep);
    }
  }

  /** A flap that nothing is taken hold of. */
  public Flap(
      String id,
      Box closed,
      Edge hinge,
      Attachment attachment,
      Support support,
      Body body,
      Length border) {
    this(id, closed, hinge, attachment, support, body, border, Grip.NONE);
  }

  /** A sleeve of which nothing more is known than where it lies and how it is held. */
  public static Flap sleeve(
      String id, Box closed, Edge hinge, Attachment attachment, Support support) {
    return new Flap(id, closed, hinge, attachment, support, Body.SLEEVE, Length.ZERO);
  }

  /** A copy with something else to take hold of. */
  public Flap withGrip(Grip next) {
    return new Flap(id, closed, hinge, attachment, support, body, border, next);
  }

  public Flap withHinge(Edge next) {
    return new Flap(id, closed, next, attachment, support, body, border, grip);
  }

  /** A copy lying elsewhere, or larger or smaller. */
  public Flap withClosed(Box next) {
    return new Flap(id, next, hinge, attachment, support, body, border, grip);
  }

  /** A copy resting on something else. */
  public Flap with(Support next) {
    return new Flap(id, closed, hinge, attachment, next, body, border, grip);
  }

  /** A copy held in another way. */
  public Flap with(Attachment next) {
    return new Flap(id, closed, hinge, next, support, body, border, grip);
  }

  /** A copy stuck to the page, lying over another, or over none. */
  public Flap lyingOn(@Nullable String other) {
    return with(Support.over(other));
  }

  /** A copy over another that is stuck to what this is stuck to, or over none of those. */
  public Flap over(@Nullable String other) {
    String carrier = inside() ? fixedTo() : null;
    return carrier == null ? lyingOn(other) : with(new Support.Inside(carrier, other));
  }

  /** A copy with its strip stuck to another. */
  public Flap stuckTo(String other) {
    return with(new Support.StuckTo(other));
  }

  /** A copy bound with what it lies on, so that no strip of it shows. */
  public Flap bound() {
    return with(new Attachment.OnFold(strip()));
  }

  /** A copy through a slit in the protector. */
  public Flap throughSlit() {
    return with(new Attachment.ThroughSlit(strip()));
  }

  /** How wide the adhesive strip is that holds it; zero where none does. */
  public Length strip() {
    return attachment.strip();
  }

  /** The flap over which it lies; null where it lies on none, or on what carries it. */
  public @Nullable String on() {
    return support.on();
  }

  /** The flap to which it is stuck, and which carries it; null where it is stuck to the page. */
  public @Nullable String fixedTo() {
    return support.fixedTo();
  }

  /**
   * Whether it is stuck to the inside of that, or to the front of a card that is drawn out, so that
   * it is reached when that is open.
   */
  public boolean inside() {
    return support.inside();
  }

  /** Whether its strip is stuck onto the protector. */
  public boolean isOnProtector() {
    return attachment instanceof Attachment.OnProtector;
  }

  /** Whether it hangs on a fold, or behind the edge of what carries it. */
  public boolean isOnFold() {
    return attachment instanceof Attachment.OnFold;
  }

  /** A copy somewhere else. */
  public Flap moved(Length right, Length down) {
    return renamed(UnaryOperator.identity(), right, down);
  }

  /** A copy with another name, and other names for those it lies on, somewhere else. */
  public Flap renamed(UnaryOperator<String> name, Length right, Length down) {
    return new Flap(
        name.apply(id),
        closed.moved(right, down),
        hinge,
        attachment,
        support.renamed(name),
        body,
        border,
        grip);
  }

  /**
   * An edge of what this carries, as it is told, or as it is seen while this is open, and back: a
   * turn mirrors it, a slide does not.
   */
  public Edge mirrored(Edge edge) {
    boolean turned = move() == Move.TURNS && edge.isAtSide() == hinge.isAtSide();
    return turned ? edge.opposite() : edge;
  }

  /**
   * Where something that this carries lies once this is open: turned over with it, or drawn out.
   */
  public Box carriedOut(Box there) {
    return move() == Move.SLIDES
        ? hinge.opposite().away(there, hinge.depth(closed))
        : hinge.mirrored(there, closed);
  }

  /** Where something lies while this is closed that is there once this has carried it out. */
  public Box carriedBack(Box there) {
    return move() == Move.SLIDES
        ? hinge.away(there, hinge.depth(closed))
        : hinge.mirrored(there, closed);
  }

  /** A copy as it is seen while the flap is open that carries it. */
  public Flap carriedOutBy(Flap carrier) {
    return withHinge(carrier.mirrored(hinge)).withClosed(carrier.carriedOut(closed));
  }

  /** A copy as it is told, of one that is seen while that flap is open. */
  public Flap carriedBackBy(Flap carrier) {
    return withHinge(carrier.mirrored(hinge)).withClosed(carrier.carriedBack(closed));
  }

  public Move move() {
    return attachment.move();
  }

  /**
   * Tells what is in the way of others while it is closed. Sleeves of neighbouring places lie with
   * their sealed edges over each other, as the pockets below them do; so that is what is in them.
   */
  public Box face() {
    return faceOf(closed);
  }

  /** Its face while it is open. */
  public Box openFace() {
    return faceOf(open());
  }

  /** Its face wherever it lies. */
  public Box faceOf(Box area) {
    return body == Body.SLEEVE ? area.inset(border) : area;
  }

  /** Where what is in it, or on it, lies while it is closed. */
  public Box held() {
    return closed.inset(border);
  }

  /** The size of a print that goes into it, or on it. */
  public Size takes() {
    return held().size();
  }

  /** Whether it is the ground on which photos lie. */
  public boolean isGround() {
    return attachment instanceof Attachment.Ground;
  }

  /** Whether it hides what it lies over: what is tucked lies under it, and so does the ground. */
  public boolean canHide() {
    return move() != Move.SLIDES && !isGround();
  }

  /** Whether it hides the middle of a place of its page while it is closed. */
  public boolean hides(Box place) {
    return canHide() && place.middle().isIn(face());
  }

  /**
   * Those of some flaps that hide the middle of a place of their page while they are closed: each
   * alone, or, as two doors that meet there, several together.
   */
  public static List<Flap> hiding(List<Flap> flaps, Box place) {
    if (flaps.isEmpty()) {
      return List.of();
    }
    List<Flap> meeting =
        flaps.stream()
            .filter(flap -> flap.canHide() && !flap.hides(place))
            .filter(flap -> flap.face().overlaps(place))
            .toList();
    boolean together = place.isHiddenBy(meeting.stream().map(Flap::face).toList());
    return flaps.stream()
        .filter(flap -> flap.hides(place) || together && meeting.contains(flap))
        .toList();
  }

  /** Where it lies when it is open, while what carries it is closed. */
  public Box open() {
    return hinge.mirrored(closed, closed);
  }

  /**
   * Where what is taken hold of sticks out, in the middle of its edge; nothing of one without a
   * grip.
   *
   * @param reach how far it sticks out
   * @param wide how wide it is, or as the edge is where that is narrower
   */
  public Optional<Box> gripArea(boolean isOpen, Length reach, Length wide) {
    if (grip == Grip.NONE || move() == Move.STAYS) {
      return Optional.empty();
    }
    Edge edge = isOpen ? hinge : freeEdge();
    Box beyond = edge.beyond(isOpen ? open() : closed, reach);
    Length across = wide.min(edge.isAtSide() ? beyond.h() : beyond.w());
    return Optional.of(
        beyond.middleOf(edge.isAtSide() ? new Size(reach, across) : new Size(across, reach)));
  }

  /** The edge at which it is taken hold of while it is closed, and which moves first. */
  public Edge freeEdge() {
    return move() == Move.SLIDES ? hinge : hinge.opposite();
  }

  /** Where its adhesive strip lies; nothing of that shows of one on a fold. */
  public Box stripArea() {
    return attachment.stripArea(closed, hinge);
  }

  /**
   * Where its adhesive strip lies beside what is in it: a sleeve's own play over the edge of that
   * does not count.
   */
  public Box stripOfFace() {
    Box strip = stripArea();
    Box face = face();
    return hinge.isAtSide()
        ? new Box(strip.x(), face.y(), strip.w(), face.h())
        : new Box(face.x(), strip.y(), face.w(), strip.h());
  }

  /** How its inside is turned against its outside, so that both are read: like tumble duplex. */
  public Turn insideTurn() {
    return hinge.isAtSide() || move() == Move.SLIDES ? Turn.NONE : Turn.HALF;
  }

  /**
   * The slit in the protector through which one on the page goes, as long as its hinge; null where
   * it is held on the protector.
   */
  public @Nullable Segment slit() {
    return attachment instanceof Attachment.ThroughSlit ? hinge.line(closed) : null;
  }

  /** Whether it is on the inside of another, over a second one there. */
  public boolean isOverAnotherInside() {
    return inside() && on() != null;
  }

  /** The flap on which it lies directly, stuck to it or not; null where it lies on none. */
  public @Nullable String below() {
    return fixedTo() != null && !isOverAnotherInside() ? fixedTo() : on();
  }
}
