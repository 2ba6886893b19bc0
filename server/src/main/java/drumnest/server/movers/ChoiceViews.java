package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Edge;
import drumnest.core.mover.BandChoices;
import drumnest.core.mover.MoverChoices;
import drumnest.server.album.AlbumChecks;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.Views;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.List;
import java.util.stream.Stream;

/** Shows the movers that could go somewhere. */
final class ChoiceViews {

  private ChoiceViews() {}

  /**
   * A mover as it could be.
   *
   * @param kind what it is asked for by
   * @param name what it is called
   * @param holds how many pictures go into it
   * @param says what it does, in a sentence
   * @param wrong whether it cannot be made so
   * @param closed where its parts lie closed, on the page
   * @param open where they lie when all of it is open
   */
  record ChoiceView(
      MoverKind kind,
      String name,
      int holds,
      String says,
      boolean wrong,
      List<Views.BoxView> closed,
      List<Views.BoxView> open) {}

  /** The movers that could go at a place. */
  record ChoicesView(Views.SizeView page, Views.BoxView place, List<ChoiceView> choices) {}

  static ChoicesView of(AlbumModel album, String slotId) {
    Slot slot = AlbumChecks.slot(album, "slot", slotId);
    return new ChoicesView(
        Views.SizeView.of(slot.leaf().size()),
        Views.BoxView.of(slot.box()),
        !MoverStep.plan(slot).takesMover(slot)
            ? List.of()
            : Stream.concat(
                    MoverChoices.at(slot, album.rules()).stream(), bands(album, slot).stream())
                .map(choice -> of(choice, MoverStep.plan(slot)))
                .toList());
  }

  /** The movers of every kind over every edge, the best edge of each kind first. */
  static List<MoverChoices.Choice> everyEdge(AlbumModel album, Slot slot) {
    return Stream.concat(
            MoverChoices.everyEdge(slot, album.rules()).stream(), bands(album, slot).stream())
        .toList();
  }

  private static List<MoverChoices.Choice> bands(AlbumModel album, Slot slot) {
    return BandChoices.at(MoverStep.spread(album, slot.parent().page()), slot, album.rules());
  }

  private static ChoiceView of(MoverChoices.Choice choice, PagePlan plan) {
    Mover mover = choice.mover();
    return new ChoiceView(
        mover.mechanism().kind(),
        Words.capital(MoverNames.of(mover.mechanism().kind())),
        choice.faces(),
        says(choice, plan),
        choice.errors() > 0,
        choice.flaps().stream().map(Flap::closed).map(Views.BoxView::of).toList(),
        choice.opened().stream().map(Views.BoxView::of).toList());
  }

  private static String says(MoverChoices.Choice choice, PagePlan plan) {
    Mover mover = choice.mover();
    return switch (mover.mechanism().kind()) {
      case GUTTER_BAND ->
          "A strip of paper or cloth on both pages, in two mirrored halves that meet at the"
              + " gutter.";
      case EDGE_BAND ->
          "A strip of paper or cloth on both sides of this leaf, back to back, "
              + UnitsInUse.text(mover.mechanism().beyond(mover.at()))
              + " beyond it.";
      case DIVIDED_PLACE ->
          "Two prints of "
              + UnitsInUse.text(mover.at().size().half())
              + " on one card; nothing opens.";
      case CHAIN,
          BOOKLET,
          WATERFALL,
          ACCORDION,
          FOLD_OUT,
          DOOR,
          DOUBLE_DOOR,
          TUCK_SPOT,
          EDGE_TUCK,
          PULL_OUT ->
          opens(choice, plan);
    };
  }

  private static String opens(MoverChoices.Choice choice, PagePlan plan) {
    String opens = "Opens over the " + Words.edge(opening(plan.seen(choice.mover())));
    String past =
        choice.past().isPositive()
            ? ", " + UnitsInUse.text(choice.past()) + " past the page"
            : ", within the page";
    String way =
        choice.errors() > 0
            ? "; another is in its way"
            : choice.clashes() > 0 ? "; others must wait for it" : "";
    return opens + past + way + ".";
  }

  /** An accordion opens away from its anchor. */
  static Edge opening(Mover mover) {
    return mover.mechanism() instanceof Mechanism.Accordion
        ? mover.edge().opposite()
        : mover.edge();
  }
}
