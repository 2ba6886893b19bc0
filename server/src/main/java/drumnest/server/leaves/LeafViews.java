package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Mount;
import drumnest.core.album.leaf.PageMeasure;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import drumnest.server.document.PageTemplate;
import drumnest.server.frame.AlbumViews;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Views;
import drumnest.server.stock.UnitsInUse;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Leaves as they are shown: both sides, and what is planned on them. */
public final class LeafViews {

  private LeafViews() {}

  /** A mount: its place, what it takes, when it is stuck among those of its block, its marks. */
  record MountView(
      int block,
      int index,
      Views.BoxView box,
      Views.SizeView takes,
      Views.@Nullable CornerCutView corner,
      Holds holds,
      int order,
      List<PlanViews.MarkView> marks,
      @Nullable String warning) {}

  record PlanView(List<MountView> mounts) {}

  /** One side of a leaf, with its blocks as they were said. */
  record SideView(
      Views.PageView page,
      List<BlockRequest> blocks,
      List<MountView> mounts,
      Views.BoxView usable) {}

  /** A leaf from both sides, with what is worth knowing of it and what is wrong with it. */
  record LeafDetail(
      Views.LeafView leaf,
      SideView front,
      SideView back,
      List<String> notes,
      @Nullable String warning) {}

  /**
   * @param format what the album is, if that is known
   */
  static LeafDetail detail(AlbumModel album, Leaf leaf, @Nullable CatalogueItem format) {
    return new LeafDetail(
        AlbumViews.leaf(album, leaf),
        side(album, leaf, Side.FRONT),
        side(album, leaf, Side.BACK),
        notes(album, leaf),
        warning(leaf, format));
  }

  private static @Nullable String warning(Leaf leaf, @Nullable CatalogueItem format) {
    if (!(format instanceof CatalogueItem.AlbumFormat of)) {
      return null;
    }
    boolean wider = leaf.size().w().isMoreThan(of.size().w());
    boolean higher = leaf.size().h().isMoreThan(of.size().h());
    return wider || higher
        ? (wider ? "Wider" : "Higher") + " than the album, which is " + of.name() + "."
        : null;
  }

  private static List<String> notes(AlbumModel album, Leaf leaf) {
    return Stream.of(
            Optional.ofNullable(note(leaf)),
            visible(album, leaf, Side.FRONT),
            visible(album, leaf, Side.BACK))
        .flatMap(Optional::stream)
        .toList();
  }

  private static Optional<String> visible(AlbumModel album, Leaf leaf, Side side) {
    int spread = side == Side.FRONT ? leaf.number() - 1 : leaf.number();
    return album
        .leaves()
        .spread(spread)
        .visibleBehind(side)
        .map(
            seen ->
                "Behind its "
                    + SlotNames.of(side)
                    + ", leaf "
                    + seen.behind().number()
                    + " stays visible: "
                    + edges(seen)
                    + ".");
  }

  private static String edges(Spread.Visible seen) {
    return Stream.of(
            edge(seen.beside(), "at the outer side"),
            edge(seen.above(), "above"),
            edge(seen.below(), "below"))
        .flatMap(Optional::stream)
        .collect(Collectors.joining(", "));
  }

  private static Optional<String> edge(Length width, String where) {
    return width.isPositive()
        ? Optional.of(UnitsInUse.text(width) + " " + where)
        : Optional.empty();
  }

  private static SideView side(AlbumModel album, Leaf leaf, Side side) {
    PagePlan plan = leaf.plan(leaf.face(side));
    return new SideView(
        AlbumViews.page(album, leaf, side, Box.of(leaf.size())),
        plan.blocks().stream().map(BlockRequest::of).toList(),
        plan(plan, PlanViews.room(leaf, side, album.rules())).mounts(),
        Views.BoxView.of(PageMeasure.usable(leaf, side)));
  }

  static PlanView plan(PagePlan plan, Box room) {
    return new PlanView(
        plan.mounts().stream().map(mount -> mount(mount, plan.mounts(), room)).toList());
  }

  private static MountView mount(Mount mount, List<Mount> all, Box room) {
    return new MountView(
        mount.block(),
        mount.index(),
        Views.BoxView.of(mount.box()),
        Views.SizeView.of(mount.box().inset(mount.mat()).size()),
        SlotDrawing.corner(mount.outline(), mount.box().size()),
        mount.holds(),
        mount.order(),
        PlanViews.marks(mount, all, room),
        room.contains(mount.box()) ? null : "reaches into the margin");
  }

  private static @Nullable String note(Leaf leaf) {
    LeafType type = leaf.type();
    if (type.pattern() != null) {
      return type.shared()
          ? "Front and back share their pockets: two cards stand back to back in each. Stick them"
              + " together, so that they do not slip and show white."
          : "Each side has pockets of its own.";
    }
    return type.keepFree().isPositive()
        ? "Punched: " + UnitsInUse.text(type.keepFree()) + " along the binding edge stays free."
        : null;
  }

  /** A side as its template is drawn. */
  static PageTemplate.Sheet side(Leaf leaf, Side side) {
    List<PageTemplate.Place> places =
        leaf.slots(side, 0).stream()
            .filter(slot -> slot.kind().isOfPage())
            .map(LeafViews::place)
            .toList();
    return new PageTemplate.Sheet(
        "leaf " + leaf.number() + " " + SlotNames.of(side), leaf.size(), places);
  }

  private static PageTemplate.Place place(Slot slot) {
    return new PageTemplate.Place(
        slot.box(), slot.outline(), slot.number() + " · " + UnitsInUse.text(slot.takes()));
  }

  /** Front and back of a kind of leaf, as their templates are drawn. */
  public static List<PageTemplate.Sheet> template(LeafType type) {
    PocketPattern pattern = type.pattern();
    List<PageTemplate.Place> front = pattern == null ? List.of() : places(pattern);
    List<PageTemplate.Place> back = pattern == null ? List.of() : places(pattern.mirrored());
    return List.of(
        new PageTemplate.Sheet("front", type.size(), front),
        new PageTemplate.Sheet("back", type.size(), back));
  }

  private static List<PageTemplate.Place> places(PocketPattern pattern) {
    return pattern.pockets().stream()
        .map(
            pocket ->
                new PageTemplate.Place(
                    pocket.box(), Outline.STRAIGHT, UnitsInUse.text(pocket.named())))
        .toList();
  }
}
