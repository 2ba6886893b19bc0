package drumnest.server.movers;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.Support;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.server.frame.SizeRequest;
import drumnest.server.stock.FlapMount;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.UnitsInUse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Requests to do something with movers. Each step names the version of the album it has seen. */
final class MoverRequests {

  private MoverRequests() {}

  /**
   * Puts a flap over a place.
   *
   * @param hinge top, bottom, left or right; the best where it is left out
   * @param body sleeve or card; a sleeve where it is left out
   * @param insert what goes into it; as large as the print of the place where it is left out
   * @param photo a photo without a place that goes onto its inside, in the same step
   * @param whole whether it lies over the whole leaf, as its cover; then it is a sleeve of that
   *     size
   */
  record AddFlap(
      @NotNull Long version,
      @NotBlank String slot,
      @Nullable Edge hinge,
      Flap.@Nullable Body body,
      @Nullable @Valid SizeRequest insert,
      @Nullable String photo,
      @Nullable Boolean whole) {}

  record OfFlap(@NotNull Long version, @NotBlank String flap) {}

  /**
   * Moves an edge of a flap, or of the mover that it is a part of, to another ruler mark.
   *
   * @param edge top, bottom, left or right
   * @param marks how many marks to the right or down, or back where less than nothing
   */
  record MoveEdge(
      @NotNull Long version,
      @NotBlank String flap,
      @NotNull Edge edge,
      @Min(-MOST_MARKS) @Max(MOST_MARKS) int marks) {

    private static final int MOST_MARKS = 1000;
  }

  /** Changes the measures of a flap. */
  record ChangeFlap(@NotNull Long version, @NotBlank String flap, @NotNull @Valid FlapForm form) {}

  /**
   * A flap by its few real measures, as text. It is measured by what goes into it, which lies paper
   * to paper over what is below; one on the inside of another as it lies when that is open.
   *
   * @param x how far that lies from the left edge of the page
   * @param y how far from the top
   * @param w its width
   * @param h its height
   * @param hinge top, bottom, left or right
   * @param strip the width of its adhesive strip
   * @param mount protector or page
   * @param on the number of the flap on which it lies; left out for none
   * @param fixedTo the number of the flap to which it is stuck; left out for none
   * @param grip none, tab or string; none where it is left out
   */
  record FlapForm(
      @NotNull String x,
      @NotNull String y,
      @NotNull String w,
      @NotNull String h,
      @NotNull Edge hinge,
      @NotNull String strip,
      @NotNull FlapMount mount,
      @Nullable String on,
      @Nullable String fixedTo,
      @Nullable Grip grip) {

    /**
     * @throws drumnest.server.FieldProblemException if a measure is not understood
     */
    Flap toFlap(Flap before, PagePlan plan) {
      return plan.told(toSeen(before));
    }

    /** As it is seen when it can be reached. */
    private Flap toSeen(Flap before) {
      LengthReader lengths = LengthReader.inUse();
      Size size = lengths.size("w", w, "h", h);
      Box held = Box.of(lengths.offset("x", x), lengths.offset("y", y), size);
      return new Flap(
          before.id(),
          held.inset(before.border().negated()),
          hinge,
          mount.with(lengths.positive("strip", strip)),
          before.inside()
              ? before.support()
              : Support.of(blankToNull(on), blankToNull(fixedTo), false),
          before.body(),
          before.border(),
          orNone(grip));
    }

    private static @Nullable String blankToNull(@Nullable String text) {
      return text == null || text.isBlank() ? null : text;
    }

    static FlapForm of(Flap flap) {
      return new FlapForm(
          exact(flap.held().x()),
          exact(flap.held().y()),
          exact(flap.held().w()),
          exact(flap.held().h()),
          flap.hinge(),
          exact(flap.strip()),
          FlapMount.of(flap.attachment()),
          flap.on(),
          flap.fixedTo(),
          flap.grip());
    }

    private static String exact(Length length) {
      return UnitsInUse.current().exact(length);
    }
  }

  /** The grip that is asked for; none where none is. */
  static Grip orNone(@Nullable Grip grip) {
    return grip == null ? Grip.NONE : grip;
  }

  /**
   * Puts a mover over or behind a place, or on the inside of a flap.
   *
   * @param kind chain, booklet, waterfall, accordion, door, double-door, fold-out, tuck-spot,
   *     edge-tuck, pull-out, divided-place, gutter-band or edge-band
   * @param edge the edge over which it opens; the best where it is left out
   * @param photos photos without a place that go onto its faces, in reading order; none where it is
   *     left out
   */
  record AddMover(
      @NotNull Long version,
      @NotBlank String slot,
      @NotNull MoverKind kind,
      @Nullable Edge edge,
      @Nullable List<@NotBlank String> photos) {}

  /** Changes the measures of the mover of which a flap is a part. */
  record ChangeMover(
      @NotNull Long version, @NotBlank String flap, @NotNull @Valid MoverForm form) {}
}
