package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.mover.FacingCopy;
import drumnest.core.mover.MirrorPiece;
import drumnest.core.mover.MoverChoices;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.stock.HouseRules;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.SeenAlbum;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.SlotNames;
import drumnest.server.stock.MoverProblemText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The steps that a maker takes on movers as a whole. Every method is one step of the album's
 * history.
 */
@Service
public class MoverEdits {

  /** The fields of a form to what the core calls them. */
  private static final Map<String, String> FIELDS =
      Map.of(
          "sheet.w", "sheetW", "sheet.h", "sheetH", "card", "cardW", "card.w", "cardW", "card.h",
          "cardH", "flap", "w");

  private final MoverStep step;

  MoverEdits(MoverStep step) {
    this.step = step;
  }

  /**
   * Puts a mover of a kind over or behind a place, with the measures it is usually begun with.
   *
   * @param edge the edge over which it opens; null for the best
   * @param photos photos without a place that go onto its faces, in reading order
   */
  public void add(
      long albumId,
      long version,
      String slotId,
      MoverKind kind,
      @Nullable Edge edge,
      List<String> photos) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot at = AlbumChecks.slot(seen.album(), "slot", slotId);
    PagePlan plan = MoverStep.plan(at);
    if (!plan.takesMover(at)) {
      throw new UnprocessableException(
          "slot",
          "A mover lies over a place of its page, on the inside of a flap, or on the front of a"
              + " card that is drawn out.");
    }
    MoverChoices.Choice choice =
        ChoiceViews.everyEdge(seen.album(), at).stream()
            .filter(each -> each.mover().mechanism().kind() == kind)
            .filter(each -> edge == null || plan.seen(each.mover()).edge() == edge)
            .findFirst()
            .orElseThrow(
                () -> new NotThereException("kind", "No " + MoverNames.of(kind) + " goes here."));
    String called = MoverNames.of(kind);
    String label =
        (called.matches("[aeiou].*") ? "an " : "a ") + called + " at " + SlotNames.of(at);
    PageSide page = at.parent().page();
    NextPlan next = NextPlan.with(page, choice);
    List<NextPlan> pages = new ArrayList<>(List.of(next));
    MirrorPiece.of(MoverStep.spread(seen.album(), page), page, choice.mover())
        .ifPresent(other -> pages.add(withHalf(other, seen.album().rules())));
    step.take(seen, pages, label, filled(seen.album(), at, next.plan(), choice.mover(), photos));
  }

  /** The page with the other half of a band. */
  private static NextPlan withHalf(MirrorPiece half, HouseRules rules) {
    PageSide page = half.page();
    NextPlan next =
        NextPlan.with(
            page,
            MoverChoices.choice(
                half.mover(), NextPlan.plan(page), page.leaf(), page.side(), rules));
    requireRoom(next, half.mover(), rules);
    return next;
  }

  /** Requires room for a mover, closed, on what it lies on; a band goes past a narrow leaf. */
  private static void requireRoom(NextPlan next, Mover mover, HouseRules rules) {
    if (mover.mechanism() instanceof Band.Beyond) {
      return;
    }
    PagePlan plan = next.plan();
    MoverParts.requirePlace(plan.seen(mover), plan.roomOf(mover, next.page().leaf().size()), rules);
    String carrier = mover.carrier();
    Box room =
        carrier == null
            ? MoverStep.room(next.page())
            : next.plan().flap(carrier).orElseThrow().closed();
    for (String part : mover.parts()) {
      MoverStep.requireWithin(
          next.plan().flap(part).orElseThrow().face(),
          room,
          carrier == null ? "its page" : "what carries it");
    }
  }

  /** Photos on the faces of a mover that is new, as it is read. */
  private static List<Change> filled(
      AlbumModel album, Slot at, PagePlan plan, Mover mover, List<String> photos) {
    Side face = at.leaf().face(at.side());
    List<Slot> faces =
        at.leaf().withPlan(face, plan).slots(at.side(), 0).stream()
            .filter(slot -> !slot.kind().isOfPage())
            .filter(slot -> mover.parts().contains(String.valueOf(slot.number())))
            .toList();
    if (photos.size() > faces.size()) {
      throw new UnprocessableException(
          "photos", "It holds no more than " + faces.size() + " pictures.");
    }
    List<Change> changes = new ArrayList<>();
    for (int i = 0; i < photos.size(); i++) {
      AlbumChecks.loose(album, "photos", photos.get(i));
      AlbumPhoto photo = album.photo(photos.get(i)).orElseThrow();
      // Where no crop keeps what must stay it goes in small and whole, as placing would have it.
      boolean cut = album.measure(faces.get(i), photo, false, false, photo.keep()).cutsKeepBox();
      Holding holding = Holding.ofPhoto(photo.id()).putByHand().withWhole(cut);
      changes.add(new Change.OfHolding(faces.get(i).id(), null, holding));
    }
    return changes;
  }

  /** Has one picture run over all panels of an accordion. */
  public void spanPanels(long albumId, long version, String flap) {
    Slot side = MoverStep.side(step.seen(albumId, version).album(), flap);
    PagePlan plan = MoverStep.plan(side);
    Mover mover = plan.moverOf(String.valueOf(side.number())).orElseThrow();
    Mechanism.Accordion one = (Mechanism.Accordion) mover.mechanism();
    Mechanism across =
        new Mechanism.Accordion(
            one.panels(), one.mat(), one.sheet(), one.overlap(), true, one.printed());
    change(albumId, version, flap, MoverForm.of(plan.seen(mover.with(across))));
  }

  /** Gives a mover other measures; what has no face any more goes back. */
  public void change(long albumId, long version, String flap, MoverForm form) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), flap);
    PagePlan plan = MoverStep.plan(side);
    Mover before =
        plan.moverOf(String.valueOf(side.number()))
            .orElseThrow(() -> new NotThereException("flap", "This flap is no part of a mover."));
    PageSide page = side.parent().page();
    Mover after = form.toMover(before, plan);
    List<NextPlan> pages = new ArrayList<>();
    try {
      pages.add(changed(page, before, after, seen.album().rules()));
      Spread spread = MoverStep.spread(seen.album(), page);
      Mover half = MirrorPiece.of(spread, page, before).flatMap(MirrorPiece::there).orElse(null);
      if (half != null) {
        MirrorPiece next = MirrorPiece.of(spread, page, after).orElseThrow();
        Mover mirrored = next.mover().numbered(half.first());
        pages.add(changed(next.page(), half, mirrored, seen.album().rules()));
      }
    } catch (MoverProblemException e) {
      String field = FIELDS.getOrDefault(e.field(), e.field());
      throw new FieldProblemException(field, "What is written here" + MoverProblemText.after(e));
    }
    step.take(
        seen, pages, "change " + MoverNames.of(plan, before) + MoverStep.page(side), List.of());
  }

  private static NextPlan changed(PageSide page, Mover before, Mover after, HouseRules rules) {
    NextPlan next = NextPlan.changed(page, before, after, rules);
    int index = NextPlan.plan(page).movers().indexOf(before);
    requireRoom(next, next.plan().movers().get(index), rules);
    return next;
  }

  private static NextPlan without(MirrorPiece other, Mover half) {
    PagePlan plan = NextPlan.plan(other.page());
    return new NextPlan(other.page(), plan.without(String.valueOf(half.first())));
  }

  /** Puts a flap, or the whole of the mover that it is a part of, mirrored on the facing page. */
  public void mirror(long albumId, long version, String id) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), id);
    PagePlan plan = MoverStep.plan(side);
    String number = String.valueOf(side.number());
    if (plan.isOnInside(number)) {
      throw new UnprocessableException(
          "flap", "This is on the inside of another; mirror that, and this goes with it.");
    }
    PageSide page = side.parent().page();
    if (plan.moverOf(number).filter(e -> !MoverState.mirrors(seen.album(), page, e)).isPresent()) {
      throw new UnprocessableException("flap", "Its other half is there already.");
    }
    Spread spread =
        seen.album().leaves().spread(seen.album().leaves().spreadOf(side.parent().page()));
    Leaf facing = spread.top(side.side().other());
    if (facing == null) {
      throw new UnprocessableException("flap", "This page has no page that faces it.");
    }
    String called = MoverNames.whole(plan, number);
    PagePlan next;
    try {
      next = FacingCopy.of(spread, side.side(), number, seen.album().rules());
    } catch (MoverProblemException e) {
      throw new UnprocessableException(
          "flap", "It does not go there: what is said of it" + MoverProblemText.after(e));
    }
    Set<String> there = new HashSet<>();
    facing.plan(facing.face(side.side().other())).flaps().forEach(flap -> there.add(flap.id()));
    for (Flap flap : next.flaps()) {
      if (!there.contains(flap.id()) && !flap.inside()) {
        MoverStep.requireWithin(flap.face(), Box.of(facing.size()), "the facing page");
      }
    }
    step.take(
        seen,
        List.of(new NextPlan(new PageSide(facing, side.side().other()), next)),
        "mirror " + called + MoverStep.page(side),
        List.of());
  }

  /**
   * Takes a flap off, with the whole of the mover that it is a part of and with what is stuck to
   * it; what they held goes back, and what lay on them lies where they lay.
   */
  public void remove(long albumId, long version, String id) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), id);
    PagePlan plan = MoverStep.plan(side);
    String number = String.valueOf(side.number());
    String called = MoverNames.whole(plan, number);
    PageSide page = side.parent().page();
    List<NextPlan> pages = new ArrayList<>(List.of(new NextPlan(page, plan.without(number))));
    plan.moverOf(number)
        .flatMap(half -> MirrorPiece.of(MoverStep.spread(seen.album(), page), page, half))
        .ifPresent(other -> other.there().ifPresent(half -> pages.add(without(other, half))));
    step.take(seen, pages, "take " + called + MoverStep.page(side) + " off", List.of());
  }
}
