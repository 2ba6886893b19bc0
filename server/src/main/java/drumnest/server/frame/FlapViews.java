package drumnest.server.frame;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Leaf;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.mover.Flaps;
import drumnest.core.stock.HouseRule;
import java.util.Comparator;
import java.util.List;

/** Shows the flaps of a page. */
final class FlapViews {

  private FlapViews() {}

  /**
   * All of them, the lowest first.
   *
   * @param slots the slots of the page
   */
  static List<Views.FlapView> of(AlbumModel album, Leaf leaf, Side side, List<Slot> slots) {
    PagePlan plan = leaf.plan(leaf.face(side));
    List<Flap> all = plan.flaps();
    if (all.isEmpty()) {
      return List.of();
    }
    Flaps flaps = new Flaps(all);
    String page = FlapNames.of(leaf, side, "");
    return all.stream()
        .map(flap -> of(album, plan, flap, page, level(flaps, flap), slots))
        .sorted(Comparator.comparingInt(Views.FlapView::level))
        .toList();
  }

  private static int level(Flaps flaps, Flap flap) {
    return (int) flaps.all().stream().filter(other -> flaps.stacking().liesOn(flap, other)).count();
  }

  private static Views.FlapView of(
      AlbumModel album, PagePlan plan, Flap flap, String page, int level, List<Slot> slots) {
    String id = page + flap.id();
    Flap seen = flap.inside() ? flap.mirroredIn(plan.flap(flap.fixedTo()).orElseThrow()) : flap;
    boolean stays = flap.move() == Flap.Move.STAYS;
    return new Views.FlapView(
        id,
        Words.capital(plan.called(flap.id())),
        Words.key(seen.hinge()),
        Words.key(flap.body()),
        Words.key(flap.mount()),
        Views.BoxView.of(flap.closed()),
        Views.BoxView.of(flap.open()),
        Views.BoxView.of(flap.stripArea()),
        Words.key(flap.move()),
        level,
        flap.fixedTo() == null ? null : page + flap.fixedTo(),
        flap.inside(),
        plan.moverOf(flap.id()).map(mover -> page + mover.first()).orElse(null),
        Words.key(flap.grip()),
        flap.gripArea(
                false,
                album.rules().length(HouseRule.GRIP_REACH),
                album.rules().length(HouseRule.GRIP_WIDTH))
            .map(Views.BoxView::of)
            .orElse(null),
        AlbumViews.slot(album, slot(slots, FlapNames.outside(id)), flap.held()),
        stays
            ? null
            : AlbumViews.slot(
                album, slot(slots, FlapNames.inside(id)), flap.open().inset(flap.border())));
  }

  private static Slot slot(List<Slot> slots, String id) {
    return slots.stream().filter(slot -> slot.id().equals(id)).findFirst().orElseThrow();
  }
}
