package drumnest.server.frame;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

  /** One of the parts of a mover, such as {@code panel}. */
  public static String part(Mechanism mechanism) {
    if (mechanism instanceof Mechanism.Waterfall waterfall && waterfall.sleeves()) {
      return "sleeve";
    }
    return switch (mechanism.kind()) {
      case CHAIN, BOOKLET -> "sleeve";
      case WATERFALL -> "card";
      case ACCORDION -> "panel";
      case DOOR, DOUBLE_DOOR -> "door";
      case TUCK_SPOT, EDGE_TUCK -> "tucked card";
      case DIVIDED_PLACE -> "part";
      case FOLD_OUT, PULL_OUT, GUTTER_BAND, EDGE_BAND -> of(mechanism.kind());
    };
  }

  /** Such as {@code accordion 2}: the second of its kind on its page. */
  public static String of(PagePlan plan, Mover mover) {
    MoverKind kind = mover.mechanism().kind();
    List<Mover> alike =
        plan.movers().stream().filter(each -> each.mechanism().kind() == kind).toList();
    return of(kind) + " " + (alike.indexOf(mover) + 1);
  }

  /**
   * A flap of a page, such as {@code flap 2}, or {@code panel 1} of an accordion; of several movers
   * with panels {@code panel 1 of accordion 2}.
   */
  public static String flap(PagePlan plan, String flap) {
    return plan.moverOf(flap)
        .map(mover -> partOf(plan, mover, mover.parts().indexOf(flap) + 1))
        .orElseGet(() -> "flap " + (single(plan).indexOf(flap) + 1));
  }

  /** The name of the mover that a flap is a part of, or of the flap where it is none of one. */
  public static String whole(PagePlan plan, String flap) {
    return plan.moverOf(flap).map(mover -> of(plan, mover)).orElseGet(() -> flap(plan, flap));
  }

  private static String partOf(PagePlan plan, Mover mover, int number) {
    if (mover.mechanism().parts() == 1) {
      return of(plan, mover);
    }
    String part = part(mover.mechanism());
    long alike = plan.movers().stream().filter(each -> part(each.mechanism()).equals(part)).count();
    return part + " " + number + (alike == 1 ? "" : " of " + of(plan, mover));
  }

  /** The flaps that are parts of no mover. */
  private static List<String> single(PagePlan plan) {
    return plan.flaps().stream()
        .map(Flap::id)
        .filter(flap -> plan.moverOf(flap).isEmpty())
        .toList();
  }

  /** Everything on a page that has a name of its own. */
  public static Set<String> all(PagePlan plan) {
    return Stream.concat(
            plan.flaps().stream().map(flap -> flap(plan, flap.id())),
            plan.movers().stream().map(mover -> of(plan, mover)))
        .collect(Collectors.toSet());
  }

  /**
   * A name on a spread: with its side where the other page has one that is called so too.
   *
   * @param facing what the names of the other page are
   */
  public static String onSpread(String name, Side side, Set<String> facing) {
    return facing.contains(name)
        ? name + (side == Side.BACK ? " on the left" : " on the right")
        : name;
  }
}
