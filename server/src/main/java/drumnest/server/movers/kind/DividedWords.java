package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;

/** A divided place in words. */
final class DividedWords extends MoverWords {

  /** The measures of a divided place, which has none of its own. */
  record DividedForm() implements MechanismForm {
    static DividedForm of(Mechanism.Divided divided) {
      return new DividedForm();
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      return MechanismForm.ofKind(Mechanism.Divided.class, before);
    }
  }

  DividedWords(Mover mover, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
  }

  @Override
  void tellFacts() {
    fact("Prints", "two of " + toCut(mover.at().size().half()));
    fact("Card", toCut(mover.at().size()) + ", both prints stuck on it");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.last("Cut a card of " + toCut(mover.at().size()) + ". " + StepList.BLADE);
    steps.last(
        "Stick two prints of "
            + toCut(mover.at().size().half())
            + " on it, edge to edge. "
            + StepList.GLUE);
    steps.step("Put the card where the single print would be.");
  }
}
