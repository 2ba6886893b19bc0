package drumnest.core.mover;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Whether the flaps of a spread lie flat: things that are raised below them or where they come
 * down, and stacks that are too thick. A thing is raised where it makes a pocket bulge. Source:
 * common practice, no source.
 */
public final class LyingFlat {

  /** Where a thing is that keeps a flap from lying flat. */
  public enum Where {
    /** Below it, or below its strip, while it is closed. */
    BELOW,
    /** Where it comes to lie when it is open. */
    WHERE_IT_OPENS
  }

  /**
   * A thing that keeps a flap from lying flat.
   *
   * @param slot the place it is in
   * @param name what it is called
   */
  public record Raised(Where where, String slot, String name) {}

  /**
   * How thick it is at a flap.
   *
   * @param here the stack there, all that is below the flap among it
   * @param facing what lies on it when the album is shut
   */
  public record Thickness(Length here, Length facing) {

    /** The whole where the two meet. */
    public Length together() {
      return here.plus(facing);
    }
  }

  private final AlbumModel album;
  private final Spread spread;
  private final SpreadMotion motion;

  public LyingFlat(AlbumModel album, Spread spread, SpreadMotion motion) {
    this.album = album;
    this.spread = spread;
    this.motion = motion;
  }

  /** Tells what keeps a flap from lying flat, closed or as it is first opened. */
  public List<Raised> raised(Flap flap) {
    Length most = album.rules().length(HouseRule.BULGES_ABOVE);
    Box strip = flap.stripArea();
    Set<String> open = motion.stateFor(flap).orElse(Set.of());
    Box opened = flap.faceOf(motion.area(flap, open));
    List<Raised> raised = new ArrayList<>();
    motion
        .places()
        .forEach(
            (slot, box) ->
                album
                    .slot(slot)
                    .flatMap(album::laid)
                    .filter(laid -> laid.ephemera().thickness().isMoreThan(most))
                    .ifPresent(
                        laid -> {
                          String name = laid.ephemera().name();
                          if (flap.face().overlaps(box) || strip.overlaps(box)) {
                            raised.add(new Raised(Where.BELOW, slot, name));
                          }
                          if (open.contains(flap.id()) && opened.overlaps(box)) {
                            raised.add(new Raised(Where.WHERE_IT_OPENS, slot, name));
                          }
                        }));
    return raised;
  }

  /**
   * How thick it is at a flap, and at what it meets when the album is shut.
   *
   * @param page the page of the flap
   */
  public Thickness thickness(Flap flap, PageSide page) {
    Box at = motion.page(flap);
    Box place = flap.face().moved(at.x().negated(), at.y().negated());
    PageSide facing =
        spread.top(page.side().other()) == null
            ? null
            : new PageSide(spread.top(page.side().other()), page.side().other());
    return new Thickness(
        album.thickness(page, place),
        facing == null
            ? Length.ZERO
            : album.thickness(facing, spread.mirrored(page.side(), place)));
  }
}
