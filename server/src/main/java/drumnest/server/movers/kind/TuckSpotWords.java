package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.mover.kind.TuckSpot;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A tuck spot in words. */
final class TuckSpotWords extends MoverWords {

  /**
   * The measures of a tuck spot.
   *
   * @param cardW the width of the card
   * @param cardH its height
   * @param visible what shows of it
   */
  record TuckSpotForm(@Nullable String cardW, @Nullable String cardH, @Nullable String visible)
      implements MechanismForm {
    static TuckSpotForm of(Mechanism.TuckSpot tuck) {
      return new TuckSpotForm(
          MechanismForm.exact(tuck.card().w()),
          MechanismForm.exact(tuck.card().h()),
          MechanismForm.exact(tuck.visible()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.TuckSpot.class, before);
      return new Mechanism.TuckSpot(
          MechanismForm.card(lengths, cardW, cardH), lengths.zeroOrMore("visible", visible));
    }
  }

  private final Mechanism.TuckSpot tuck;

  TuckSpotWords(Mover mover, Mechanism.TuckSpot tuck, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.tuck = tuck;
  }

  @Override
  void tellFacts() {
    TuckSpot measured = TuckSpot.of(mover, tuck, rules);
    fact("Card", toCut(tuck.card()));
    fact("Rails", text(measured.rail()) + " wide, " + measured.layers() + " layers of tape");
    fact("Stop", text(measured.stopBelowTop()) + " below the photo’s edge");
  }

  @Override
  void tellSteps(StepList steps) {
    TuckSpot measured = TuckSpot.of(mover, tuck, rules);
    steps.step("Turn the photo in front over on something soft and clean.");
    steps.last(
        "Lay "
            + measured.layers()
            + " layers of tape as two rails "
            + text(measured.rail())
            + " wide, and a stop "
            + text(measured.stopBelowTop())
            + " from its "
            + Words.edge(mover.edge())
            + ". "
            + StepList.GLUE);
    steps.step("Run the card in and out.");
    steps.last("Press the photo down on its rails; nothing else of it is glued.");
  }
}
