package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Flap;
import drumnest.core.album.Holding;
import drumnest.core.album.Leaf;
import drumnest.core.album.Mechanism;
import drumnest.core.album.Mover;
import drumnest.core.album.MoverProblemException;
import drumnest.core.album.PagePlan;
import drumnest.core.album.PageSide;
import drumnest.core.album.Panorama;
import drumnest.core.album.Side;
import drumnest.core.album.Slot;
import drumnest.core.album.SlotNames;
import drumnest.core.album.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.FacingCopy;
import drumnest.core.mover.MoverChoices;
import drumnest.core.photo.AlbumPhoto;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.SeenAlbum;
import drumnest.server.stock.MoverProblemText;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a maker does to movers as a whole. Every method is one step of the album's history. */
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
      String kind,
      @Nullable Edge edge,
      List<String> photos) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot at = AlbumChecks.slot(seen.album(), "slot", slotId);
    if (at.kind() == Slot.Kind.OUTSIDE) {
      throw new UnprocessableException(
          "slot", "A mover lies over a place of its page, or on the inside of a flap.");
    }
    PagePlan plan = MoverStep.plan(at);
    MoverChoices.Choice choice =
        MoverChoices.everyEdge(at, seen.album().rules()).stream()
            .filter(each -> ChoiceViews.kind(each.mover().mechanism()).equals(kind))
            .filter(each -> edge == null || each.mover().edge() == edge)
            .findFirst()
            .orElseThrow(
                () ->
                    new NotThereException(
                        "kind", "No mover of the kind “" + kind + "” goes here."));
    List<Flap> flaps = new ArrayList<>(plan.flaps());
    flaps.addAll(choice.flaps());
    List<Mover> movers = new ArrayList<>(plan.movers());
    movers.add(choice.mover());
    String called = choice.mover().mechanism().called();
    String label =
        (called.matches("[aeiou].*") ? "an " : "a ") + called + " at " + SlotNames.of(at);
    step.take(
        seen,
        at.parent().page(),
        flaps,
        movers,
        label,
        Map.of(),
        filled(seen.album(), at, plan.withMovers(flaps, movers), choice.mover(), photos));
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
    Mover mover = MoverStep.plan(side).moverOf(String.valueOf(side.number())).orElseThrow();
    Mechanism.Accordion one = (Mechanism.Accordion) mover.mechanism();
    Mechanism across =
        new Mechanism.Accordion(
            one.panels(), one.mat(), one.sheet(), one.overlap(), true, one.printed());
    change(albumId, version, flap, MoverForm.of(mover.with(across)));
  }

  /** Gives a mover other measures; what has no face any more goes back. */
  public void change(long albumId, long version, String flap, MoverForm form) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), flap);
    PagePlan plan = MoverStep.plan(side);
    Mover before =
        plan.moverOf(String.valueOf(side.number()))
            .orElseThrow(() -> new NotThereException("flap", "This flap is no part of a mover."));
    Mover after = renumbered(form.toMover(before), before, plan);
    PagePlan without = without(plan, before);
    List<Flap> parts;
    try {
      Leaf leaf = side.leaf();
      parts = MoverChoices.choice(after, without, leaf, side.side(), seen.album().rules()).flaps();
    } catch (MoverProblemException e) {
      String field = FIELDS.getOrDefault(e.field(), e.field());
      throw new FieldProblemException(field, "What is written here" + MoverProblemText.after(e));
    }
    Box room =
        after.carrier() == null
            ? MoverStep.room(side)
            : plan.flap(after.carrier()).orElseThrow().closed();
    String on = after.carrier() == null ? "its page" : "what carries it";
    for (Flap part : parts) {
      MoverStep.requireWithin(part.face(), room, on);
    }
    List<Flap> flaps = new ArrayList<>(detached(plan, before, after));
    flaps.addAll(parts);
    List<Mover> movers =
        plan.movers().stream().map(mover -> mover == before ? after : mover).toList();
    Map<String, String> renamed = new HashMap<>();
    for (int part = 0; part < Math.min(before.parts().size(), after.parts().size()); part++) {
      renamed.put(before.parts().get(part), after.parts().get(part));
    }
    Panorama.of(before)
        .ifPresent(
            wide -> Panorama.of(after).ifPresent(next -> renamed.put(wide.last(), next.last())));
    String label = "change " + before.called() + MoverStep.page(side);
    step.take(seen, side.parent().page(), flaps, movers, label, renamed, List.of());
  }

  /**
   * With more parts than before, its numbers may run into those of others: then it gets new ones.
   */
  private static Mover renumbered(Mover after, Mover before, PagePlan plan) {
    Set<String> taken = new HashSet<>();
    plan.flaps().forEach(flap -> taken.add(flap.id()));
    taken.removeAll(before.parts());
    if (after.parts().stream().noneMatch(taken::contains)) {
      return after;
    }
    return after.numbered(plan.nextNumber());
  }

  private static PagePlan without(PagePlan plan, Mover gone) {
    return plan.withMovers(
        plan.flaps().stream().filter(flap -> !gone.parts().contains(flap.id())).toList(),
        plan.movers().stream().filter(mover -> mover != gone).toList());
  }

  /** The flaps that are no part of a mover, freed from parts that it has no more. */
  private static List<Flap> detached(PagePlan plan, Mover before, Mover after) {
    Set<String> gone = new HashSet<>(before.parts());
    gone.removeAll(after.parts());
    return plan.flaps().stream()
        .filter(flap -> !before.parts().contains(flap.id()))
        .filter(flap -> flap.fixedTo() == null || !gone.contains(flap.fixedTo()))
        .map(flap -> flap.on() != null && gone.contains(flap.on()) ? flap.lyingOn(null) : flap)
        .toList();
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
    Spread spread =
        seen.album().leaves().spread(seen.album().leaves().spreadOf(side.parent().page()));
    Leaf facing = spread.top(side.side().other());
    if (facing == null) {
      throw new UnprocessableException("flap", "This page has no page that faces it.");
    }
    String called = plan.moverOf(number).map(Mover::called).orElse("flap " + number);
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
        MoverStep.requireWithin(
            flap.face(), Box.of(Length.ZERO, Length.ZERO, facing.size()), "the facing page");
      }
    }
    step.take(
        seen,
        new PageSide(facing, side.side().other()),
        next.flaps(),
        next.movers(),
        "mirror " + called + MoverStep.page(side),
        Map.of(),
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
    String called = plan.moverOf(number).map(Mover::called).orElse("flap " + number);
    Set<String> gone = plan.goingWith(number);
    List<Flap> flaps =
        plan.flaps().stream()
            .filter(flap -> !gone.contains(flap.id()))
            .map(flap -> laidDown(flap, plan, gone))
            .toList();
    List<Mover> movers =
        plan.movers().stream()
            .filter(mover -> !gone.contains(String.valueOf(mover.first())))
            .toList();
    String label = "take " + called + MoverStep.page(side) + " off";
    step.take(seen, side.parent().page(), flaps, movers, label, Map.of(), List.of());
  }

  /** What lay on one that is gone, or was stuck to it, lies on what that lay on. */
  private static Flap laidDown(Flap flap, PagePlan plan, Set<String> gone) {
    Flap laid = flap;
    while (laid.below() != null && gone.contains(laid.below())) {
      Flap below = plan.flap(laid.below()).orElseThrow();
      boolean stuck = laid.fixedTo() != null && below.fixedTo() != null;
      laid = stuck ? laid.stuckTo(below.fixedTo()) : laid.lyingOn(below.below());
    }
    return laid;
  }
}
