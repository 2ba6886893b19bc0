package drumnest.server.movers;

import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.server.movers.kind.MechanismForm;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * A mover by its few real measures, as text. One on the inside of a flap is told as it is seen
 * while that is open.
 *
 * @param x how far it lies from the left edge of the page, paper to paper
 * @param y how far from the top
 * @param w the width of what lies there: a sleeve's insert, a panel, a door, the photo in front
 * @param h its height
 * @param edge the edge over which it opens: top, bottom, left or right
 * @param grip none, tab or string: what is taken hold of; none where it is left out
 * @param made how it is made, by the measures of its kind
 */
record MoverForm(
    @NotNull String x,
    @NotNull String y,
    @NotNull String w,
    @NotNull String h,
    @NotNull Edge edge,
    @Nullable Grip grip,
    @NotNull @Valid MechanismForm made) {

  /**
   * @param seen as it is seen when it can be reached
   */
  static MoverForm of(Mover seen) {
    return new MoverForm(
        exact(seen.at().x()),
        exact(seen.at().y()),
        exact(seen.at().w()),
        exact(seen.at().h()),
        seen.edge(),
        seen.grip(),
        MechanismForm.of(seen.mechanism()));
  }

  private static String exact(Length length) {
    return UnitsInUse.current().exact(length);
  }

  /**
   * @throws drumnest.server.FieldProblemException if a measure is not understood
   */
  Mover toMover(Mover before, PagePlan plan) {
    LengthReader lengths = LengthReader.inUse();
    Box at = Box.of(lengths.offset("x", x), lengths.offset("y", y), lengths.size("w", w, "h", h));
    // What nothing opens over stays at its edge.
    Edge over = before.mechanism().opens() ? edge : plan.seen(before).edge();
    Mechanism mechanism = made.toMechanism(before.mechanism(), lengths);
    return plan.told(
        new Mover(
            before.first(),
            mechanism.lying(at, over),
            over,
            before.carrier(),
            mechanism,
            MoverRequests.orNone(grip)));
  }
}
