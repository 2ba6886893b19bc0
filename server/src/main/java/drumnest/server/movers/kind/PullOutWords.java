package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Increment;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A pull-out in words. */
final class PullOutWords extends MoverWords {

  /**
   * The measures of a pull-out.
   *
   * @param cardW the width of the card
   * @param cardH its height
   */
  record PullOutForm(@Nullable String cardW, @Nullable String cardH) implements MechanismForm {
    static PullOutForm of(Mechanism.PullOut pullOut) {
      return new PullOutForm(
          MechanismForm.exact(pullOut.card().w()), MechanismForm.exact(pullOut.card().h()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.PullOut.class, before);
      return new Mechanism.PullOut(MechanismForm.card(lengths, cardW, cardH));
    }
  }

  private final Mechanism.PullOut pullOut;

  PullOutWords(Mover mover, Mechanism.PullOut pullOut, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.pullOut = pullOut;
  }

  @Override
  void tellFacts() {
    PullOutPocket pocket = PullOutPocket.of(mover, pullOut, rules);
    Increment mark = rules.trimmerIncrement();
    fact("Card", toCut(pullOut.card()));
    fact("Largest card", toCut(PullOutPocket.most(mover, rules)));
    fact(
        "Pocket, inside",
        text(mark.above(pocket.flatWidth()))
            + " flat, with the play and the thickness of the card");
    fact("Glue", "three sides, after the card is in");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.step("Try the card in the pocket, with its play.");
    steps.last(
        "Glue the pocket on three sides, with the card in it; the "
            + Words.edge(mover.edge())
            + " stays open. "
            + StepList.GLUE);
  }

  @Override
  boolean isGripFirst() {
    return true;
  }
}
