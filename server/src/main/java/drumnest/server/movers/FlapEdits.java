package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.ephemera.CardWords;
import drumnest.core.album.ephemera.Ephemera;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Size;
import drumnest.core.mover.FlapChoices;
import drumnest.server.UnprocessableException;
import drumnest.server.album.AlbumChecks;
import drumnest.server.album.SeenAlbum;
import drumnest.server.album.StepTaken;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.SlotNames;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The steps that a maker takes on single flaps. Every method is one step of the album's history.
 */
@Service
public class FlapEdits {

  private final MoverStep step;

  FlapEdits(MoverStep step) {
    this.step = step;
  }

  /**
   * Puts a flap over a place of a page, over another flap, or on the inside of one.
   *
   * @param hinge the edge on which it is hinged; null for the best
   * @param insert what goes into it; null for the print of the place
   * @param photoId a photo without a place that goes onto its inside; null for none
   */
  public void add(
      long albumId,
      long version,
      String slotId,
      @Nullable Edge hinge,
      Flap.Body body,
      @Nullable Size insert,
      @Nullable String photoId) {
    SeenAlbum seen = step.seen(albumId, version);
    AlbumModel album = seen.album();
    Slot over = AlbumChecks.slot(album, "slot", slotId);
    PagePlan plan = MoverStep.plan(over);
    requireTakesFlap(plan, over);
    Flap flap =
        FlapChoices.over(over, insert == null ? over.takes() : insert, body, album.rules()).stream()
            .map(FlapChoices.Choice::flap)
            .filter(each -> hinge == null || plan.seen(each).hinge() == hinge)
            .findFirst()
            .orElseThrow();
    List<Change> inside = new ArrayList<>();
    if (photoId != null) {
      String name = FlapNames.of(over.leaf(), over.side(), flap.id());
      AlbumChecks.loose(album, "photo", photoId);
      Holding holding = Holding.ofPhoto(photoId).putByHand();
      inside.add(new Change.OfHolding(FlapNames.inside(name), null, holding));
    }
    String where = plan.carrierOf(over).isPresent() ? "a flap on " : "a flap over ";
    step.take(
        seen,
        List.of(NextPlan.with(over.parent().page(), flap)),
        where + SlotNames.of(over),
        inside);
  }

  private static void requireTakesFlap(PagePlan plan, Slot over) {
    if (!plan.takesFlap(over)) {
      throw new UnprocessableException(
          "slot",
          "A flap on the card of a pull-out lies on its front; a card that is tucked behind"
              + " something has no room for one.");
    }
  }

  /** Puts a sleeve over a whole leaf, as its cover. */
  public void cover(long albumId, long version, String slotId) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot on = AlbumChecks.slot(seen.album(), "slot", slotId);
    if (!on.kind().isOfPage()) {
      throw new UnprocessableException("slot", "A cover lies over the places of its leaf.");
    }
    Flap cover = FlapChoices.overLeaf(on, seen.album().rules());
    step.take(
        seen,
        List.of(NextPlan.with(on.parent().page(), cover)),
        "a sleeve over the whole of leaf " + on.leaf().number(),
        List.of());
  }

  /**
   * Puts a card behind a flap over a place: onto the inside of a card that is hinged over it, as
   * large as the print below.
   */
  public StepTaken addBehind(SeenAlbum seen, String slotId, Ephemera.Card card) {
    AlbumModel album = seen.album();
    Slot over = AlbumChecks.slot(album, "slot", slotId);
    requireTakesFlap(MoverStep.plan(over), over);
    Flap flap = FlapChoices.over(over, over.takes(), Flap.Body.CARD, album.rules()).get(0).flap();
    List<Change> inside = new ArrayList<>();
    Slot from = album.slotOfEphemera(card.key()).orElse(null);
    Holding held = from == null ? null : album.held(from);
    if (from != null) {
      AlbumChecks.requireUnlocked("card", held);
      inside.add(new Change.OfHolding(from.id(), held, null));
    }
    CardWords words = card.card();
    inside.add(
        new Change.OfEphemera(
            card.key(), card, card.sized(over.takes()).saying(words.labelling(null))));
    String name = FlapNames.of(over.leaf(), over.side(), flap.id());
    inside.add(new Change.OfHolding(FlapNames.inside(name), null, Holding.ofEphemera(card.key())));
    return step.take(
        seen,
        List.of(NextPlan.with(over.parent().page(), flap)),
        "behind a flap over " + SlotNames.of(over) + ": " + card.name(),
        inside);
  }

  /** Gives a flap other measures. */
  public void change(long albumId, long version, String id, MoverRequests.FlapForm form) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), id);
    PagePlan plan = MoverStep.plan(side);
    Flap before = plan.flap(String.valueOf(side.number())).orElseThrow();
    plan.moverOf(before.id())
        .ifPresent(
            mover -> {
              throw new UnprocessableException(
                  "flap",
                  "This is a part of " + MoverNames.of(plan, mover) + "; change that as a whole.");
            });
    Flap after = form.toFlap(before, plan);
    if (after.inside()) {
      Flap carrier = plan.flap(after.fixedTo()).orElseThrow();
      MoverStep.requireWithin(after.face(), carrier.closed(), "what carries it");
    } else {
      MoverStep.requireWithin(after.face(), MoverStep.room(side.parent().page()), "its page");
    }
    step.take(
        seen,
        List.of(NextPlan.changed(side.parent().page(), before, after)),
        "change flap " + before.id() + MoverStep.page(side),
        List.of());
  }
}
