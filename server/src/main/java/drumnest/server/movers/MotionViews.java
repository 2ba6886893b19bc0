package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Flap;
import drumnest.core.album.FlapNames;
import drumnest.core.album.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.mover.Clash;
import drumnest.core.mover.Cures;
import drumnest.core.mover.Overhang;
import drumnest.core.mover.SpreadMotion;
import drumnest.server.FieldProblemException;
import drumnest.server.frame.FlapWords;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Shows how the flaps of a spread move. */
final class MotionViews {

  private static final int MOST_CURES = 3;

  private MotionViews() {}

  /**
   * A flap in a state of its spread.
   *
   * @param may whether it may be opened, or closed where it is open
   * @param hindrances what is in the way, a sentence each
   * @param reach where it opens to, in a sentence
   */
  record FlapState(
      String id,
      boolean open,
      boolean may,
      List<String> hindrances,
      String reach,
      MoverRequests.FlapForm form) {}

  /** A cure that was tried, in words, and what it makes of a flap. */
  record CureView(String text, String flap, MoverRequests.FlapForm form) {}

  /**
   * Two flaps in each other's way.
   *
   * @param severity error or order
   */
  record ClashView(String severity, String text, String a, String b, List<CureView> cures) {}

  /**
   * A spread in a state.
   *
   * @param open which flaps are open
   * @param seen the slots that are seen
   * @param order in which order flaps are opened from rest until no other may be
   */
  record MotionView(
      List<String> open,
      List<String> seen,
      List<String> order,
      List<FlapState> flaps,
      List<ClashView> clashes) {}

  /**
   * @throws FieldProblemException if one that is to be open is not on this spread
   */
  static MotionView of(AlbumModel album, Spread spread, List<String> open) {
    SpreadMotion motion = SpreadMotion.of(spread);
    for (String id : open) {
      if (motion.flap(id).isEmpty()) {
        throw new FieldProblemException("open", "There is no flap “" + id + "” on this spread.");
      }
    }
    Set<String> state = new LinkedHashSet<>(open);
    return new MotionView(
        List.copyOf(state),
        List.copyOf(motion.seen(state)),
        motion.openingOrder(),
        motion.flaps().all().stream().map(flap -> state(motion, flap, state)).toList(),
        clashes(album, motion));
  }

  private static FlapState state(SpreadMotion motion, Flap flap, Set<String> open) {
    List<String> hindrances =
        motion.hindrances(flap, open).stream()
            .map(
                hindrance ->
                    switch (hindrance.why()) {
                      case OPEN_FIRST -> "Open " + name(hindrance.other()) + " first.";
                      case CLOSE_FIRST -> "Close " + name(hindrance.other()) + " first.";
                      case STUCK -> "The strip of " + name(hindrance.other()) + " holds it shut.";
                    })
            .toList();
    Box page = motion.page(flap);
    return new FlapState(
        flap.id(),
        open.contains(flap.id()),
        hindrances.isEmpty(),
        hindrances,
        reach(flap, page),
        MoverRequests.FlapForm.of(onPage(flap, page)));
  }

  /** The flap as it is on its page. */
  private static Flap onPage(Flap flap, Box page) {
    return flap.renamed(FlapNames::number, page.x().negated(), page.y().negated());
  }

  private static String name(String id) {
    return "flap " + FlapNames.number(id);
  }

  private static String reach(Flap flap, Box page) {
    String past = FlapWords.past(Overhang.of(flap.open(), page));
    String words =
        past.isEmpty()
            ? "Open, it stays on its page."
            : "Open, it reaches past its page by " + past + ".";
    return flap.hinge().isAtSide() ? words : words + " Put in what is inside standing on its head.";
  }

  private static List<ClashView> clashes(AlbumModel album, SpreadMotion motion) {
    Cures cures = new Cures(motion.flaps().all(), motion::page, album.rules());
    return motion.flaps().clashes().stream()
        .map(
            clash ->
                new ClashView(
                    Words.key(clash.severity()),
                    Words.capital(FlapWords.clash(clash, MotionViews::name)) + ".",
                    clash.a(),
                    clash.b(),
                    cures.of(clash, MOST_CURES).stream()
                        .map(cure -> cure(motion, clash, cure))
                        .toList()))
        .toList();
  }

  private static CureView cure(SpreadMotion motion, Clash clash, Cures.Cure cure) {
    Flap flap = cure.flap();
    String other = name(flap.id().equals(clash.a()) ? clash.b() : clash.a());
    String name = name(flap.id());
    String text =
        switch (cure.way()) {
          case HINGE -> "Hinge " + name + " at the " + Words.edge(flap.hinge());
          case LAY_ON -> "Lay " + name + " over " + other;
          case FIX_TO -> "Fix " + name + " to " + other;
          case SLIT -> "Put " + name + " through a slit";
          case MOVE -> "Move " + name + " " + moved(cure.right(), cure.down());
        };
    Box page = motion.page(flap);
    return new CureView(text, flap.id(), MoverRequests.FlapForm.of(onPage(flap, page)));
  }

  private static String moved(Length right, Length down) {
    if (right.isZero()) {
      return UnitsInUse.text(down.max(down.negated())) + (down.isNegative() ? " up" : " down");
    }
    return UnitsInUse.text(right.max(right.negated()))
        + (right.isNegative() ? " to the left" : " to the right");
  }
}
