package drumnest.core.mover.kind;

import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A chain of sleeves: flaps on flaps, each hinged on the free edge of the one below, from the left
 * and the right in turn, so that it pulls out like a concertina. All hinges are at the side, so
 * that every face is read upright. Source: common practice, no source.
 *
 * @param sleeve the size of a sleeve
 * @param links how many, from 1
 * @param first the edge on which the lowest is hinged, at the side
 */
public record SleeveChain(Size sleeve, int links, Edge first) {

  /**
   * @throws IllegalArgumentException if there is no link, or the first hinge is not at the side
   */
  public SleeveChain {
    if (links < 1 || !first.isAtSide()) {
      throw new IllegalArgumentException("A chain has links that are hinged at their sides.");
    }
  }

  /** How long it is pulled out. */
  public Length reach() {
    return sleeve.w().times(links);
  }

  /** The edges on which they are hinged, the lowest first. */
  public List<Edge> hinges() {
    return IntStream.range(0, links)
        .mapToObj(link -> link % 2 == 0 ? first : first.opposite())
        .toList();
  }
}
