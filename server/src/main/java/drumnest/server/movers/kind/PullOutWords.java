package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.PullOutPocket;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.RuleText;
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
  private final Length carried;

  /**
   * @param carried the flaps on its card
   */
  PullOutWords(
      Mover mover,
      Mechanism.PullOut pullOut,
      List<Flap> parts,
      List<Flap> carried,
      HouseRules rules) {
    super(mover, parts, rules);
    this.pullOut = pullOut;
    this.carried = PullOutPocket.carriedThickness(carried, rules);
  }

  @Override
  void tellFacts() {
    PullOutPocket pocket = PullOutPocket.of(mover, pullOut, carried, rules);
    Increment mark = rules.trimmerIncrement();
    fact("Card", toCut(pullOut.card()));
    Size most = PullOutPocket.most(mover, carried, rules);
    fact("Largest card", toCut(most));
    fact(
        "Pocket, inside",
        text(mark.above(pocket.flatWidth()))
            + " flat, with the play and the thickness of the card"
            + (carried.isPositive() ? " and of all that is on it" : ""));
    if (carried.isPositive()) {
      fact("In the pocket", RuleText.thickness(pocket.thickness()) + ", prints and all");
    }
    if (!pullOut.card().fitsIn(most)) {
      fact("Too tight", "cut the card down to the largest, or put less on it");
    }
    fact("Glue", "three sides, after the card is in");
  }

  @Override
  void tellSteps(StepList steps) {
    if (carried.isPositive()) {
      steps.step("Stick what is on the card to it, fold it up and press it flat.");
    }
    steps.step(
        carried.isPositive()
            ? "Run the card in and out of the pocket with all that is on it."
            : "Try the card in the pocket, with its play.");
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
