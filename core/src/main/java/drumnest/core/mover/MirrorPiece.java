package drumnest.core.mover;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import java.util.Optional;

/**
 * The other half of a band, mirrored: of one across the gutter it is on the facing page, of one
 * beyond a narrow leaf on the other side of that leaf. What is trimmed off the one is trimmed off
 * the other. Source: common practice, no source.
 *
 * @param page where it belongs
 * @param mover how it lies there, by the next number of that page
 */
public record MirrorPiece(PageSide page, Mover mover) {

  /**
   * The other half of a mover; nothing for one that is no half, or where no page faces its own.
   *
   * @param spread the one on which its page is on top
   */
  public static Optional<MirrorPiece> of(Spread spread, PageSide page, Mover half) {
    return switch (half.mechanism().kind()) {
      case EDGE_BAND -> {
        Box behind = half.at().mirroredIn(page.leaf().size().w());
        yield Optional.of(at(new PageSide(page.leaf(), page.side().other()), behind, half));
      }
      case GUTTER_BAND ->
          Optional.ofNullable(spread.top(page.side().other()))
              .map(
                  facing ->
                      at(
                          new PageSide(facing, page.side().other()),
                          spread.mirrored(page.side(), half.at()),
                          half));
      case CHAIN,
          BOOKLET,
          WATERFALL,
          ACCORDION,
          FOLD_OUT,
          DOOR,
          DOUBLE_DOOR,
          TUCK_SPOT,
          EDGE_TUCK,
          PULL_OUT,
          DIVIDED_PLACE ->
          Optional.empty();
    };
  }

  private static MirrorPiece at(PageSide page, Box box, Mover half) {
    Mechanism mechanism = half.mechanism().onPage(page.leaf().size());
    int number = plan(page).nextNumber();
    return new MirrorPiece(page, new Mover(number, box, half.edge().opposite(), null, mechanism));
  }

  private static PagePlan plan(PageSide page) {
    Side face = page.leaf().face(page.side());
    return page.leaf().plan(face);
  }

  /** The mover that lies there so; nothing where none does. */
  public Optional<Mover> there() {
    return plan(page).movers().stream()
        .filter(each -> each.at().equals(mover.at()) && each.edge() == mover.edge())
        .filter(each -> each.mechanism().equals(mover.mechanism()))
        .findFirst();
  }
}
