package drumnest.server.frame;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.flap.Stacking;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.mover.Flaps;
import drumnest.core.stock.HouseRule;
import drumnest.server.stock.FlapMount;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Shows the flaps of a page. */
final class FlapViews {

  private FlapViews() {}

  /**
   * All of them, the lowest first.
   *
   * @param slots the slots of the page
   * @param facing what is called by which name on the page that faces it
   */
  static List<Views.FlapView> of(
      AlbumModel album, Leaf leaf, Side side, List<Slot> slots, Set<String> facing) {
    PagePlan plan = leaf.plan(leaf.face(side));
    List<Flap> all = plan.flaps();
    if (all.isEmpty()) {
      return List.of();
    }
    Map<String, Integer> levels = new Flaps(all).levels();
    String page = FlapNames.of(leaf, side, "");
    return all.stream()
        .map(
            flap -> {
              String name = MoverNames.flap(plan, flap.id());
              String label = Words.capital(MoverNames.onSpread(name, side, facing));
              return of(album, plan, flap, page, label, levels.get(flap.id()), slots);
            })
        .sorted(Comparator.comparingInt(Views.FlapView::level))
        .toList();
  }

  private static Views.FlapView of(
      AlbumModel album,
      PagePlan plan,
      Flap flap,
      String page,
      String label,
      int level,
      List<Slot> slots) {
    String id = page + flap.id();
    return new Views.FlapView(
        id,
        label,
        new Stacking(plan.flaps()).reached(flap).hinge(),
        flap.body(),
        FlapMount.of(flap.attachment()),
        Views.BoxView.of(flap.closed()),
        Views.BoxView.of(flap.open()),
        Views.BoxView.of(flap.stripArea()),
        motion(album, plan, flap, id, slots),
        level,
        FlapSupportView.of(flap.support(), page),
        plan.moverOf(flap.id()).map(mover -> page + mover.first()).orElse(null),
        grip(album, flap),
        plan.movableEdges(flap).stream().toList(),
        plan.holdsOf(flap.id()) != Holds.PHOTO,
        side(album, plan, flap, FlapNames.outside(id), true, flap.held(), slots));
  }

  private static FlapMotionView motion(
      AlbumModel album, PagePlan plan, Flap flap, String id, List<Slot> slots) {
    if (flap.move() == Flap.Move.STAYS) {
      return new FlapMotionView.StaysView();
    }
    Box box = flap.open().inset(flap.border());
    Views.SlotView inside = side(album, plan, flap, FlapNames.inside(id), false, box, slots);
    return flap.move() == Flap.Move.SLIDES
        ? new FlapMotionView.SlidesView(inside)
        : new FlapMotionView.TurnsView(inside);
  }

  private static GripView grip(AlbumModel album, Flap flap) {
    Optional<Views.BoxView> box =
        flap.gripArea(
                false,
                album.rules().length(HouseRule.GRIP_REACH),
                album.rules().length(HouseRule.GRIP_WIDTH))
            .map(Views.BoxView::of);
    return switch (flap.grip()) {
      case NONE -> new GripView.NoneView();
      case TAB -> box.<GripView>map(GripView.TabView::new).orElseGet(GripView.NoneView::new);
      case STRING -> box.<GripView>map(GripView.StringView::new).orElseGet(GripView.NoneView::new);
    };
  }

  /** A side of a flap; it may be that it shows a piece of what is the slot of another. */
  private static Views.SlotView side(
      AlbumModel album,
      PagePlan plan,
      Flap flap,
      String id,
      boolean outside,
      Box box,
      List<Slot> slots) {
    Panorama panorama =
        plan.panoramaOf(flap.id()).filter(each -> each.isOn(flap.id(), outside)).orElse(null);
    if (panorama == null) {
      return AlbumViews.slot(album, slot(slots, id), box);
    }
    Slot whole = slot(slots, FlapNames.outside(FlapNames.beside(id, panorama.last())));
    Views.SlotView view = AlbumViews.slot(album, whole, box);
    return view.piece(
        id,
        view.seat() == null
            ? null
            : view.seat()
                .drawn(
                    PieceDrawing.of(view.seat().drawing(), panorama, panorama.piece(flap.id()))));
  }

  private static Slot slot(List<Slot> slots, String id) {
    return slots.stream().filter(slot -> slot.id().equals(id)).findFirst().orElseThrow();
  }
}
