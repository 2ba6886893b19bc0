package drumnest.core.fit;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Equal pieces in a row over a span, with equal gaps between them, and outside them too if the
 * outer gaps count.
 *
 * <p>With n pieces and k gaps (n − 1, or n + 1 with the outer ones): piece = (span − k·gap)/n, gap
 * = (span − n·piece)/k. The pieces are cut at the mark below, and the gaps take up what that
 * leaves. Source: arithmetic.
 *
 * @param piece the piece, exact
 * @param cut the piece at the mark of the trimmer below
 * @param gap the gap that results with pieces of {@code cut}; zero where there is none
 * @param starts where each piece begins, from the beginning of the span, which errors do not add up
 *     in
 */
public record Row(Length piece, Length cut, Length gap, List<Length> starts) {

  public Row {
    starts = List.copyOf(starts);
  }

  /**
   * The row whose gaps are given.
   *
   * @return nothing if not even pieces of one mark fit
   */
  public static Optional<Row> withGap(
      Length span, int pieces, Length gap, boolean outerGaps, Increment mark) {
    Length piece = span.minus(gap.times(gaps(pieces, outerGaps))).dividedBy(pieces);
    return of(span, pieces, piece, outerGaps, mark);
  }

  /**
   * The row whose pieces are given.
   *
   * @return nothing if the pieces are longer than the span, or one is below a mark
   */
  public static Optional<Row> withPiece(
      Length span, int pieces, Length piece, boolean outerGaps, Increment mark) {
    return piece.times(pieces).isMoreThan(span)
        ? Optional.empty()
        : of(span, pieces, piece, outerGaps, mark);
  }

  /**
   * Why there is no such row, for a sentence.
   *
   * @param piece what the pieces are to be; null where the gaps are given
   */
  public static String whyNot(
      Length span, int pieces, @Nullable Length piece, Length gap, boolean outerGaps) {
    Length taken = piece == null ? gap.times(gaps(pieces, outerGaps)) : piece.times(pieces);
    return taken.isMoreThan(span)
        ? "the "
            + (piece == null ? "gaps" : "pieces")
            + " alone are over the span by "
            + taken.minus(span)
        : "the pieces would be below one mark";
  }

  private static Optional<Row> of(
      Length span, int pieces, Length piece, boolean outerGaps, Increment mark) {
    Length cut = mark.below(piece);
    if (!cut.isPositive()) {
      return Optional.empty();
    }
    int gaps = gaps(pieces, outerGaps);
    Length left = span.minus(cut.times(pieces));
    List<Length> starts = new ArrayList<>();
    for (int i = 0; i < pieces; i++) {
      // Each from the beginning and divided once, so that no rounding is carried along.
      Length before = gaps == 0 ? Length.ZERO : left.times(outerGaps ? i + 1L : i, gaps);
      starts.add(cut.times(i).plus(before));
    }
    return Optional.of(new Row(piece, cut, gaps == 0 ? Length.ZERO : left.dividedBy(gaps), starts));
  }

  private static int gaps(int pieces, boolean outerGaps) {
    return outerGaps ? pieces + 1 : pieces - 1;
  }
}
