package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An edge tuck in words. */
final class EdgeTuckWords extends MoverWords {

  /**
   * The measures of an edge tuck.
   *
   * @param cardW the width of the card
   * @param cardH its height
   * @param depth how deep it is tucked
   */
  record EdgeTuckForm(@Nullable String cardW, @Nullable String cardH, @Nullable String depth)
      implements MechanismForm {
    static EdgeTuckForm of(Mechanism.EdgeTuck tuck) {
      return new EdgeTuckForm(
          MechanismForm.exact(tuck.card().w()),
          MechanismForm.exact(tuck.card().h()),
          MechanismForm.exact(tuck.depth()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.EdgeTuck.class, before);
      return new Mechanism.EdgeTuck(
          MechanismForm.card(lengths, cardW, cardH), lengths.positive("depth", depth));
    }
  }

  private final Mechanism.EdgeTuck tuck;

  EdgeTuckWords(Mover mover, Mechanism.EdgeTuck tuck, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.tuck = tuck;
  }

  @Override
  void tellFacts() {
    fact("Free of glue", text(tuck.depth()) + " along the " + Words.edge(mover.edge()));
    fact("Card", toCut(tuck.card()));
  }

  @Override
  void tellSteps(StepList steps) {
    steps.step(
        "Mark "
            + text(tuck.depth())
            + " along the "
            + Words.edge(mover.edge())
            + " on the back of what lies in front: that stays free.");
    steps.last("Glue down the rest of it. " + StepList.GLUE);
    steps.step("Run the card in and out under the free edge.");
  }
}
