package drumnest.server.frame;

import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.PagePlan;

/** Movers and flaps as makers speak of them. */
public final class MoverNames {

  private MoverNames() {}

  public static String of(MoverKind kind) {
    return switch (kind) {
      case CHAIN -> "chain";
      case BOOKLET -> "booklet";
      case WATERFALL -> "waterfall";
      case ACCORDION -> "accordion";
      case FOLD_OUT -> "fold-out";
      case DOOR -> "door";
      case DOUBLE_DOOR -> "double door";
      case TUCK_SPOT -> "tuck spot";
      case EDGE_TUCK -> "edge tuck";
      case PULL_OUT -> "pull-out";
      case DIVIDED_PLACE -> "divided place";
      case GUTTER_BAND -> "gutter band";
      case EDGE_BAND -> "edge band";
    };
  }

  /** One of its parts, such as {@code panel}. */
  public static String part(MoverKind kind) {
    return switch (kind) {
      case CHAIN, BOOKLET -> "sleeve";
      case WATERFALL -> "card";
      case ACCORDION -> "panel";
      case DOOR, DOUBLE_DOOR -> "door";
      case TUCK_SPOT, EDGE_TUCK -> "tucked card";
      case DIVIDED_PLACE -> "half";
      case FOLD_OUT, PULL_OUT, GUTTER_BAND, EDGE_BAND -> of(kind);
    };
  }

  /** Such as {@code accordion 3}, after its first part. */
  public static String of(Mover mover) {
    return of(mover.mechanism().kind()) + " " + mover.first();
  }

  /** A flap of a page, such as {@code flap 2} or {@code panel 5}. */
  public static String flap(PagePlan plan, String flap) {
    return plan.moverOf(flap).map(mover -> part(mover.mechanism().kind())).orElse("flap")
        + " "
        + flap;
  }
}
