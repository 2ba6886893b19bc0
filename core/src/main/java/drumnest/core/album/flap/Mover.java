package drumnest.core.album.flap;

import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A mover of a page as its maker says it; its parts are flaps of the page, worked out from this.
 *
 * @param first the number of its first part, which is the one that is opened first; the others
 *     follow
 * @param at where it lies closed, paper to paper, on its page
 * @param edge the edge over which it opens; of an accordion the one on the side of its anchor
 * @param carrier the flap to the inside of which it is stuck, or the card that is drawn out with
 *     it; null for the page. Where it lies and its edge are told as they are while that is closed
 * @param grip what is taken hold of at the part that is opened first; at both doors of a pair
 */
public record Mover(
    int first, Box at, Edge edge, @Nullable String carrier, Mechanism mechanism, Grip grip) {

  /** One that nothing is taken hold of. */
  public Mover(int first, Box at, Edge edge, @Nullable String carrier, Mechanism mechanism) {
    this(first, at, edge, carrier, mechanism, Grip.NONE);
  }

  /** The flaps that are its parts, the one that is opened first before the others. */
  public List<String> parts() {
    return IntStream.range(first, first + mechanism.parts()).mapToObj(String::valueOf).toList();
  }

  /** The parts at which it is taken hold of: the cover, or both doors of a pair. */
  public List<String> gripped() {
    boolean pair = mechanism instanceof Mechanism.Door door && door.pair();
    return parts().subList(0, pair ? 2 : 1);
  }

  /** A copy made in another way. */
  public Mover with(Mechanism next) {
    return new Mover(first, at, edge, carrier, next, grip);
  }

  /** A copy opening over another edge. */
  public Mover withEdge(Edge next) {
    return new Mover(first, at, next, carrier, mechanism, grip);
  }

  /** A copy lying somewhere else, or larger or smaller. */
  public Mover lying(Box next) {
    return new Mover(first, next, edge, carrier, mechanism, grip);
  }

  /** A copy as it is seen while the flap is open that carries it. */
  public Mover carriedOutBy(Flap by) {
    return withEdge(by.mirrored(edge)).lying(by.carriedOut(at));
  }

  /** A copy as it is told, of one that is seen while that flap is open. */
  public Mover carriedBackBy(Flap by) {
    return withEdge(by.mirrored(edge)).lying(by.carriedBack(at));
  }

  /** A copy with something else to take hold of. */
  public Mover withGrip(Grip next) {
    return new Mover(first, at, edge, carrier, mechanism, next);
  }

  /** A copy with another first number. */
  public Mover numbered(int next) {
    return new Mover(next, at, edge, carrier, mechanism, grip);
  }
}
