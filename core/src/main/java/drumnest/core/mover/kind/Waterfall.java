package drumnest.core.mover.kind;

import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A waterfall: equal cards, all hinged at the same edge, each set off from the one before by a
 * step, so that a strip of each shows and only the uppermost is seen whole. The lowest layer is the
 * one furthest from the hinges' end; it is fixed first, so that each strip comes to lie under the
 * card above it. Source: common practice, no source.
 *
 * @param card the size of a card
 * @param step by how much each is set off, above zero
 * @param count how many, from 1
 */
public record Waterfall(Size card, Length step, int count) {

  /** More cards no run has. */
  private static final int MOST = 10_000;

  /**
   * @throws IllegalArgumentException if there is no card, or no step
   */
  public Waterfall {
    if (count < 1 || !step.isPositive()) {
      throw new IllegalArgumentException("A waterfall has cards, and a step above zero.");
    }
  }

  /**
   * As many as a run has room for.
   *
   * @throws MoverProblemException if the run is shorter than a card
   */
  public static Waterfall over(Length run, Size card, Length step) {
    if (run.isLessThan(card.h())) {
      throw new MoverProblemException(
          "run", "is shorter than a card; the shortest that works is", card.h());
    }
    Length over = run.minus(card.h());
    long steps = over.toNanometres() / step.toNanometres();
    if (steps >= MOST) {
      throw new MoverProblemException(
          "step",
          "is so small that over " + MOST + " cards would go; the smallest that works is",
          over.dividedBy(MOST - 1L));
    }
    return new Waterfall(card, step, (int) steps + 1);
  }

  /** From the free end of the lowest to the hinged end of the uppermost. */
  public Length run() {
    return card.h().plus(step.times(count - 1L));
  }

  /** How far each is from the free end, the lowest first. */
  public List<Length> starts() {
    return IntStream.range(0, count).mapToObj(step::times).toList();
  }

  /** Tells what shows of each, the lowest first. */
  public List<Length> visible() {
    return IntStream.range(0, count)
        .mapToObj(i -> i == count - 1 ? card.h() : step.min(card.h()))
        .toList();
  }
}
