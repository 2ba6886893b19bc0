package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.MirrorPiece;
import drumnest.core.mover.Overhang;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.stock.HouseRule;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.SlotNames;
import drumnest.server.frame.Words;
import drumnest.server.movers.kind.MakingStep;
import drumnest.server.movers.kind.MoverFact;
import drumnest.server.movers.kind.MoverWords;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;

/**
 * A mover of the spread.
 *
 * @param id its first part, by which it is asked for
 * @param name such as “Accordion 3”
 * @param kind such as “accordion”
 * @param part what one of its parts is called
 * @param facts what is worked out of it
 * @param steps how it is made
 * @param mirrors whether it may be put, mirrored, on the facing page too
 */
record MoverState(
    String id,
    String name,
    MoverKind kind,
    String part,
    MoverForm form,
    List<MoverFact> facts,
    List<MakingStep> steps,
    boolean mirrors) {

  static MoverState of(AlbumModel album, SpreadPlans.PlacedMover placed) {
    Mover mover = placed.mover();
    PagePlan plan = NextPlan.plan(placed.page());
    Mover seen = plan.seen(mover);
    MoverWords words = MoverWords.of(plan, mover, album.rules());
    List<MoverFact> facts = new ArrayList<>(words.facts());
    facts.addAll(amongOthers(album, placed.page(), mover));
    facts.addAll(anchored(album, placed.page(), mover));
    return new MoverState(
        placed.id(),
        Words.capital(MoverNames.of(plan, mover)),
        mover.mechanism().kind(),
        MoverNames.part(mover.mechanism()),
        MoverForm.of(seen),
        facts,
        words.steps(),
        mirrors(album, placed.page(), mover));
  }

  /** A band beyond a leaf has its other half on that leaf, and one across the gutter needs one. */
  static boolean mirrors(AlbumModel album, PageSide page, Mover mover) {
    return !(mover.mechanism() instanceof Band.Beyond) && !hasOtherHalf(album, page, mover);
  }

  private static boolean hasOtherHalf(AlbumModel album, PageSide page, Mover mover) {
    return MirrorPiece.of(MoverStep.spread(album, page), page, mover)
        .flatMap(MirrorPiece::there)
        .isPresent();
  }

  /** Tells under what the tab of an accordion on its page lies. */
  private static List<MoverFact> anchored(AlbumModel album, PageSide page, Mover mover) {
    Box tab = Accordion.tabOf(mover).orElse(null);
    if (tab == null || mover.carrier() != null) {
      return List.of();
    }
    // A photo that only reaches over its margin hides nothing of it.
    Box within = tab.inset(album.rules().length(HouseRule.ACCORDION_MAT));
    List<String> over =
        page.leaf().slots(page.side(), 0).stream()
            .filter(slot -> slot.kind().isOfPage())
            .filter(slot -> slot.box().overlaps(within))
            .map(SlotNames::within)
            .toList();
    String under =
        over.isEmpty()
            ? "nothing: put a photo beside the stack at the " + Words.edge(mover.edge())
            : String.join(", ", over);
    Length past = Overhang.of(tab, Box.of(page.leaf().size())).furthest();
    String off = past.isPositive() ? "; " + UnitsInUse.text(past) + " of it past the page" : "";
    return List.of(new MoverFact("Anchored under", under + off));
  }

  /** Tells how a band lies among what else there is. */
  private static List<MoverFact> amongOthers(AlbumModel album, PageSide page, Mover mover) {
    if (!(mover.mechanism() instanceof Band band)) {
      return List.of();
    }
    List<MoverFact> facts = new ArrayList<>();
    long over =
        page.leaf().slots(page.side(), 0).stream()
            .filter(slot -> slot.kind().isOfPage() && slot.box().overlaps(mover.at()))
            .count();
    if (over > 0) {
      facts.add(
          new MoverFact(
              band.under() ? "Lies under" : "Lies over",
              "a part of " + Words.counted(over, "place", "places")));
    }
    String where =
        mover.mechanism().kind() == MoverKind.GUTTER_BAND
            ? "on the facing page"
            : "on the other side of this leaf";
    facts.add(
        new MoverFact(
            "Other half",
            hasOtherHalf(album, page, mover)
                ? where + ": trim one, trim the other"
                : "missing " + where));
    return facts;
  }
}
