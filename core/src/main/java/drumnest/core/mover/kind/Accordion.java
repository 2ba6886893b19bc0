package drumnest.core.mover.kind;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A chain of panels that is folded to and fro into a stack. Panel 1 is its free end; the last one
 * is stuck flat to the page, so that of each panel but that one both sides are seen: N panels give
 * 2N − 1 faces. U is the side that is up when the chain is pulled out flat, D the other.
 *
 * <p>It is cut from strips of sheets. Every strip ends in a tab of at least the overlap: between
 * two strips it is glued under the first panel of the next, at the last one it anchors the chain to
 * the page under the mat of the photo beside it. A tab is cut back where it is longer than a panel.
 * Full strips come first; the last one takes the panels that are left.
 *
 * <p>Lengths along the panels go sideways where the folds stand upright, and down where they are
 * level; then left is to be read as top. Source: common practice, no source.
 *
 * @param photo the size of the photos
 * @param mat what shows of a panel on each side of its photo
 * @param panels how many panels, from 1
 * @param sheet the size of a sheet
 * @param overlap the least tab
 * @param upright whether the folds stand upright, so that it opens sideways
 */
public record Accordion(
    Size photo, Length mat, int panels, Size sheet, Length overlap, boolean upright) {

  /** A side of a panel: up when the chain is pulled out flat, or down. */
  public enum Side {
    U,
    D
  }

  /** A side of a panel that is seen. */
  public record Face(int panel, Side side) {}

  /** The half of the page on which the folded stack lies. */
  public enum Half {
    LEFT,
    RIGHT
  }

  /**
   * The mat of the photo beside the stack, cut from the last sheet's off-cut.
   *
   * @param fits whether that is large enough
   * @param turned whether it must be turned for that
   */
  public record BesideMat(Size size, boolean fits, boolean turned) {}

  /** How many layers lie on each other in the folded stack. */
  public record Layers(int card, int print) {}

  /**
   * @throws MoverProblemException if a sheet has no room for a panel with its tab, or none for the
   *     height of a strip
   */
  public Accordion {
    Size panel = photo.grown(mat.times(2));
    Length along = upright ? panel.w() : panel.h();
    Length across = upright ? panel.h() : panel.w();
    if (along.plus(overlap).isMoreThan(upright ? sheet.w() : sheet.h())) {
      throw new MoverProblemException(
          upright ? "sheet.w" : "sheet.h",
          "is too short for one panel and its tab; the shortest that works is",
          along.plus(overlap));
    }
    if (across.isMoreThan(upright ? sheet.h() : sheet.w())) {
      throw new MoverProblemException(
          upright ? "sheet.h" : "sheet.w",
          "is too short for the height of a strip; the shortest that works is",
          across);
    }
    if (overlap.isMoreThan(along)) {
      throw new MoverProblemException(
          "overlap", "is longer than a panel, and no tab may be; the longest that works is", along);
    }
  }

  /** A mover of this kind as it is cut. */
  public static Accordion of(Mover mover, Mechanism.Accordion accordion) {
    return new Accordion(
        mover.at().inset(accordion.mat()).size(),
        accordion.mat(),
        accordion.panels(),
        accordion.sheet(),
        accordion.overlap(),
        mover.edge().isAtSide());
  }

  /**
   * Where the tab lies by which a mover is anchored; nothing for one of another kind.
   *
   * @throws MoverProblemException if it cannot be made so
   */
  public static Optional<Box> tabOf(Mover mover) {
    return mover.mechanism() instanceof Mechanism.Accordion accordion
        ? Optional.of(mover.edge().beyond(mover.at(), of(mover, accordion).anchorTab()))
        : Optional.empty();
  }

  /** How many panels have at least so many faces. */
  public static int panelsFor(int faces) {
    return (faces + 2) / 2;
  }

  /** A photo with its mat. */
  public Size panel() {
    return photo.grown(mat.times(2));
  }

  /** How many faces are seen. */
  public int faces() {
    return 2 * panels - 1;
  }

  private Length alongPanel() {
    return upright ? panel().w() : panel().h();
  }

  private Length acrossPanel() {
    return upright ? panel().h() : panel().w();
  }

  private Length alongSheet() {
    return upright ? sheet.w() : sheet.h();
  }

  private Length acrossSheet() {
    return upright ? sheet.h() : sheet.w();
  }

  private static int times(Length part, Length in) {
    return Math.toIntExact(in.toNanometres() / part.toNanometres());
  }

  /** How many panels a full strip carries. */
  private int mostPanels() {
    return times(alongPanel(), alongSheet().minus(overlap));
  }

  /** How many panels each strip carries. */
  public List<Integer> panelsPerStrip() {
    List<Integer> strips = new ArrayList<>();
    for (int left = panels; left > 0; left -= mostPanels()) {
      strips.add(Math.min(left, mostPanels()));
    }
    return strips;
  }

  public int strips() {
    return panelsPerStrip().size();
  }

  public int stripsPerSheet() {
    return times(acrossPanel(), acrossSheet());
  }

  public int sheets() {
    return (strips() + stripsPerSheet() - 1) / stripsPerSheet();
  }

  /** The strips with their tabs, in order: the length of each along the panels, then its height. */
  public List<Size> stripSizes() {
    return panelsPerStrip().stream()
        .map(carries -> new Size(alongPanel().times(carries).plus(tab(carries)), acrossPanel()))
        .toList();
  }

  /** A full strip with its tab: its length along the panels, then its height. */
  public Size strip() {
    return stripSizes().get(0);
  }

  /** Tells what is left of a strip with so many panels, cut back to a panel. */
  private Length tab(int carries) {
    return alongSheet().minus(alongPanel().times(carries)).min(alongPanel());
  }

  /** The tab by which a strip is glued under the next; null where there is but one. */
  public @Nullable Length joinTab() {
    return strips() == 1 ? null : tab(mostPanels());
  }

  /** The tab by which the last strip is stuck to the page. */
  public Length anchorTab() {
    return tab(panelsPerStrip().get(strips() - 1));
  }

  /** The tab of each strip, the anchor's last. */
  public List<Length> tabs() {
    return panelsPerStrip().stream().map(this::tab).toList();
  }

  /**
   * Whether a tab of this length is hidden under the photo of the panel on which it is glued: it
   * ends under that, or it is as long as the panel.
   */
  public boolean isCovered(Length tab) {
    Length along = alongPanel();
    return tab.equals(along) || tab.isMoreThan(mat) && tab.isLessThan(along.minus(mat));
  }

  /**
   * Where each strip is scored, from its free end; the last score is that before its tab. All of
   * them fold, but for the one before the anchor, which stays flat.
   */
  public List<List<Length>> scores() {
    return panelsPerStrip().stream()
        .map(carries -> IntStream.rangeClosed(1, carries).mapToObj(alongPanel()::times).toList())
        .toList();
  }

  /** Tells what is left of the last sheet beside its strips. */
  public Size offcut() {
    int onLast = strips() - (sheets() - 1) * stripsPerSheet();
    Length left = acrossSheet().minus(acrossPanel().times(onLast));
    return upright ? new Size(sheet.w(), left) : new Size(left, sheet.h());
  }

  /** Whether that still gives the mat of the photo beside the stack. */
  public BesideMat besideMat() {
    boolean straight = panel().fitsIn(offcut());
    boolean turned = !straight && panel().turned().fitsIn(offcut());
    return new BesideMat(panel(), straight || turned, turned);
  }

  /** The face that lies uppermost when it is folded. */
  public Face cover() {
    return new Face(1, sideOfStep(0));
  }

  /**
   * Whether the free edge of the folded stack lies on the side of the anchor, rather than on the
   * other.
   */
  public boolean isFreeEdgeAtAnchor() {
    return panels % 2 == 0;
  }

  /**
   * The faces in the order in which they are leafed, as they lie from left to right in each step:
   * the cover, then two neighbours at a time, up to the last panel.
   */
  public List<List<Face>> reading(Half half) {
    List<List<Face>> reading = new ArrayList<>();
    reading.add(List.of(cover()));
    for (int step = 1; step < panels; step++) {
      Side side = sideOfStep(step);
      Face first = new Face(step, side);
      Face second = new Face(step + 1, side);
      boolean rising = (side == Side.U) == (half == Half.LEFT);
      reading.add(rising ? List.of(first, second) : List.of(second, first));
    }
    return reading;
  }

  /** The side that is seen in a step of leafing; the last of them always shows U. */
  private Side sideOfStep(int step) {
    return (panels - 1 - step) % 2 == 0 ? Side.U : Side.D;
  }

  /** The faces that stand on their head against the others: with level folds, all of side D. */
  public List<Face> turnedFaces() {
    return upright
        ? List.of()
        : IntStream.range(1, panels).mapToObj(panel -> new Face(panel, Side.D)).toList();
  }

  /** How long the chain is when it is pulled out flat. */
  public Length pulledOut() {
    return alongPanel().times(panels);
  }

  /** The layers of the folded stack, with a photo on every face. */
  public Layers layers() {
    return new Layers(panels + strips() - 1, faces());
  }

  /** How thick the folded stack is. */
  public Length thickness(Length card, Length print) {
    return card.times(layers().card()).plus(print.times(layers().print()));
  }
}
