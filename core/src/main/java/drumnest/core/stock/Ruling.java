package drumnest.core.stock;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plain protector ruled into pockets by straight sewn or welded lines. Each opening is its print
 * and the ease; with 1/8 of ease three 4 in rows need 12 3/8 of height. Source: common practice, no
 * source; the ease is a house rule.
 *
 * @param inside the clear inside of the protector
 * @param pieces all parts that are divided no further, where the lines would run if they all fitted
 * @param pockets the pockets that come out, in the order they were ruled
 * @param leftOver what is no pocket, because nothing was asked of it or it was shut
 * @param problems what does not come out; the pockets of such a part are left out
 */
public record Ruling(
    Size inside,
    List<Piece> pieces,
    List<Pocket> pockets,
    List<Box> leftOver,
    List<Problem> problems) {

  /**
   * A part that is divided no further.
   *
   * @param path which part: the indices that lead to it, outermost first
   */
  public record Piece(List<Integer> path, Box box) {}

  /** Why a part does not come out. */
  public enum Reason {
    /** Its prints and their ease are longer than the part. */
    TOO_LONG,
    /** Not even the ease fits. */
    TOO_SMALL
  }

  /**
   * A part that does not come out.
   *
   * @param path which part: the indices that lead to it, outermost first
   * @param needs what it would need along its direction
   * @param has what it has
   */
  public record Problem(
      Reason reason, List<Integer> path, Part.Direction direction, Length needs, Length has) {
    public Length overBy() {
      return needs.minus(has);
    }
  }

  public Ruling {
    pieces = List.copyOf(pieces);
    pockets = List.copyOf(pockets);
    leftOver = List.copyOf(leftOver);
    problems = List.copyOf(problems);
  }

  public static Ruling of(Size inside, Part part, HouseRules rules) {
    Pen pen = new Pen(rules.length(HouseRule.RULED_EASE));
    pen.rule(Box.of(inside), part, List.of(), true);
    return new Ruling(inside, pen.pieces, pen.pockets, pen.leftOver, pen.problems);
  }

  /** Whether everything asked for came out, and at least one pocket. */
  public boolean isWhole() {
    return problems.isEmpty() && !pockets.isEmpty();
  }

  /**
   * The pattern of what came out.
   *
   * @throws IllegalStateException unless it {@link #isWhole}
   */
  public PocketPattern pattern() {
    if (!isWhole()) {
      throw new IllegalStateException("Not all of it came out.");
    }
    return new PocketPattern(inside, pockets);
  }

  private static final class Pen {

    private final Length ease;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Pocket> pockets = new ArrayList<>();
    private final List<Box> leftOver = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();

    Pen(Length ease) {
      this.ease = ease;
    }

    /**
     * @param fits whether all that it lies in fits; what does not is still laid out, but is no
     *     pocket
     */
    void rule(Box box, Part part, List<Integer> path, boolean fits) {
      part.accept(new Ruled(box, path, fits));
    }

    /** Rules a part, whose pieces are ruled in their turn. */
    private final class Ruled implements Part.Visitor<@Nullable Void> {

      private final Box box;
      private final List<Integer> path;
      private final boolean fits;

      Ruled(Box box, List<Integer> path, boolean fits) {
        this.box = box;
        this.path = path;
        this.fits = fits;
      }

      @Override
      public @Nullable Void whole(Part.Whole whole) {
        pieces.add(new Piece(path, box));
        if (fits) {
          pocket(box, path);
        }
        return null;
      }

      @Override
      public @Nullable Void shut(Part.Shut shut) {
        pieces.add(new Piece(path, box));
        if (fits) {
          leftOver.add(box);
        }
        return null;
      }

      @Override
      public @Nullable Void divided(Part.Divided divided) {
        List<Length> openings = divided.prints().stream().map(print -> print.plus(ease)).toList();
        divide(box, divided.direction(), openings, divided.parts(), path, fits);
        return null;
      }

      @Override
      public @Nullable Void shared(Part.Shared shared) {
        share(box, shared, path, fits);
        return null;
      }
    }

    private void pocket(Box box, List<Integer> path) {
      Size print = box.size().grown(ease.negated());
      if (print.tighter().isPositive()) {
        pockets.add(new Pocket(box, print, true));
      } else {
        boolean narrow = !print.w().isPositive();
        problems.add(
            new Problem(
                Reason.TOO_SMALL,
                path,
                narrow ? Part.Direction.ACROSS : Part.Direction.DOWN,
                ease,
                narrow ? box.w() : box.h()));
      }
    }

    private void share(Box box, Part.Shared shared, List<Integer> path, boolean fits) {
      int count = shared.parts().size();
      Length whole = along(box, shared.direction());
      List<Length> openings = new ArrayList<>();
      Length before = Length.ZERO;
      for (int i = 1; i <= count; i++) {
        // Each line from the edge and divided once, so that no rounding is carried along.
        Length end = whole.times(i, count);
        openings.add(end.minus(before));
        before = end;
      }
      divide(box, shared.direction(), openings, shared.parts(), path, fits);
    }

    private void divide(
        Box box,
        Part.Direction direction,
        List<Length> openings,
        List<Part> parts,
        List<Integer> path,
        boolean fits) {
      Length has = along(box, direction);
      Length needs = openings.stream().reduce(Length.ZERO, Length::plus);
      boolean tooLong = needs.isMoreThan(has);
      if (fits && tooLong) {
        problems.add(new Problem(Reason.TOO_LONG, path, direction, needs, has));
      }
      boolean stillFits = fits && !tooLong;
      Length at = Length.ZERO;
      for (int i = 0; i < parts.size(); i++) {
        List<Integer> deeper = new ArrayList<>(path);
        deeper.add(i);
        rule(
            piece(box, direction, at, openings.get(i)),
            parts.get(i),
            List.copyOf(deeper),
            stillFits);
        at = at.plus(openings.get(i));
      }
      if (stillFits && at.isLessThan(has)) {
        leftOver.add(piece(box, direction, at, has.minus(at)));
      }
    }

    private static Length along(Box box, Part.Direction direction) {
      return direction == Part.Direction.ACROSS ? box.w() : box.h();
    }

    private static Box piece(Box box, Part.Direction direction, Length at, Length length) {
      return direction == Part.Direction.ACROSS
          ? new Box(box.x().plus(at), box.y(), length, box.h())
          : new Box(box.x(), box.y().plus(at), box.w(), length);
    }
  }
}
