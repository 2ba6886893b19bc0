package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Holding;
import drumnest.core.album.Leaf;
import drumnest.core.album.PagePlan;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.FlapChoices;
import drumnest.core.mover.Flaps;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.Words;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What a maker does to the movers of an album. Every method is one step of its history, done whole
 * or not at all.
 */
@Service
public class MoverEdits {

  /** More flaps than any page holds. */
  private static final int MOST = 40;

  private final OpenAlbums openAlbums;
  private final History history;

  MoverEdits(OpenAlbums openAlbums, History history) {
    this.openAlbums = openAlbums;
    this.history = history;
  }

  /**
   * Puts a flap over a place of a page or over another flap.
   *
   * @param hinge the edge on which it is hinged; null for the best
   * @param insert what goes into it; null for the print of the place
   * @param photoId a photo without a place that goes onto its inside; null for none
   */
  public void addFlap(
      long albumId,
      long version,
      String slotId,
      @Nullable Edge hinge,
      Flap.Body body,
      @Nullable Size insert,
      @Nullable String photoId) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot over = AlbumChecks.slot(album, "slot", slotId);
    if (over.kind() == Slot.Kind.INSIDE) {
      throw new UnprocessableException(
          "slot",
          "A flap lies over a place of its page, or over another flap while that is closed.");
    }
    PagePlan plan = plan(over);
    if (plan.flaps().size() >= MOST) {
      throw new UnprocessableException("slot", "A page has at most " + MOST + " flaps.");
    }
    Flap flap =
        FlapChoices.over(over, insert == null ? over.takes() : insert, body, album.rules()).stream()
            .map(FlapChoices.Choice::flap)
            .filter(each -> hinge == null || each.hinge() == hinge)
            .findFirst()
            .orElseThrow();
    List<Flap> flaps = new ArrayList<>(plan.flaps());
    flaps.add(flap);
    List<Change> inside = new ArrayList<>();
    if (photoId != null) {
      String name = FlapNames.of(over.leaf(), over.side(), flap.id());
      Holding holding = Holding.ofPhoto(loose(album, photoId)).putByHand();
      inside.add(new Change.OfHolding(FlapNames.inside(name), null, holding));
    }
    step(seen, over, flaps, "a flap over " + SlotNames.of(over), List.of(), inside);
  }

  private static String loose(AlbumModel album, String photo) {
    AlbumChecks.photo(album, "photo", photo);
    if (album.slotOf(photo).isPresent()) {
      throw new UnprocessableException("photo", "This photo has a place already.");
    }
    return photo;
  }

  /** Gives a flap other measures. */
  public void changeFlap(long albumId, long version, String id, MoverRequests.FlapForm form) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    Slot outside = outside(seen.album(), id);
    Flap before = flap(outside);
    Flap after = form.toFlap(before);
    requireOnPage(after, outside.leaf().size());
    List<Flap> flaps =
        plan(outside).flaps().stream().map(flap -> flap == before ? after : flap).toList();
    step(seen, outside, flaps, "change " + name(outside), List.of(), List.of());
  }

  private static void requireOnPage(Flap flap, Size page) {
    Box face = flap.face();
    if (!Box.of(Length.ZERO, Length.ZERO, page).contains(face)) {
      boolean across = face.x().isNegative() || face.right().isMoreThan(page.w());
      throw new FieldProblemException(
          across ? "x" : "y",
          "Closed, it would reach past its page; keep it on the page, which is "
              + UnitsInUse.text(page)
              + ".");
    }
  }

  /** Takes a flap off; what it held goes back, and what lay on it lies where it lay. */
  public void removeFlap(long albumId, long version, String id) {
    SeenAlbum seen = openAlbums.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot outside = outside(album, id);
    Flap gone = flap(outside);
    List<Flap> flaps =
        plan(outside).flaps().stream()
            .filter(flap -> flap != gone)
            .map(flap -> gone.id().equals(flap.below()) ? without(flap, gone) : flap)
            .toList();
    List<Slot> sides =
        outside.leaf().slots(outside.side(), 0).stream()
            .filter(slot -> slot.flap().filter(id::equals).isPresent())
            .toList();
    List<Change> emptied = new ArrayList<>(LeafEdits.emptied(album, sides));
    album
        .ownOpening(outside)
        .ifPresent(size -> emptied.add(new Change.OfOpening(outside.id(), size, null)));
    long held = sides.stream().filter(album::isFilled).count();
    String with = held == 0 ? "" : " with " + Words.counted(held, "picture", "pictures") + " in it";
    step(seen, outside, flaps, "take " + name(outside) + " off" + with, emptied, List.of());
  }

  /** A flap that lay on one that is gone. */
  private static Flap without(Flap flap, Flap gone) {
    return flap.fixedTo() != null && gone.fixedTo() != null
        ? flap.stuckTo(gone.fixedTo())
        : flap.lyingOn(gone.below());
  }

  private void step(
      SeenAlbum seen,
      Slot at,
      List<Flap> flaps,
      String label,
      List<Change> before,
      List<Change> after) {
    // Whatever lies on what there is not, or on itself, is refused here.
    new Flaps(flaps);
    AlbumModel album = seen.album();
    Leaf leaf = at.leaf();
    Side face = leaf.face(at.side());
    List<Change> changes = new ArrayList<>(before);
    changes.add(
        new Change.OfLeaf(
            leaf.key(),
            album.state(leaf),
            album.state(leaf).withPlan(face, leaf.plan(face).withFlaps(flaps))));
    changes.addAll(after);
    history.step(seen, label, changes);
  }

  private static PagePlan plan(Slot slot) {
    return slot.leaf().plan(slot.leaf().face(slot.side()));
  }

  static Slot outside(AlbumModel album, String id) {
    return album
        .slot(FlapNames.outside(id))
        .filter(slot -> slot.kind() == Slot.Kind.OUTSIDE)
        .orElseThrow(() -> new NotThereException("flap", "There is no flap “" + id + "”."));
  }

  static Flap flap(Slot outside) {
    return plan(outside).flap(String.valueOf(outside.number())).orElseThrow();
  }

  private static String name(Slot outside) {
    return "flap "
        + outside.number()
        + ", leaf "
        + outside.leaf().number()
        + " "
        + SlotNames.of(outside.side());
  }
}
