package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.SleeveChain;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A chain in words. */
final class ChainWords extends MoverWords {

  /**
   * The measures of a chain.
   *
   * @param count of how many sleeves it is
   */
  record ChainForm(@Nullable String count) implements MechanismForm {
    static ChainForm of(Mechanism.Chain chain) {
      return new ChainForm(String.valueOf(chain.sleeves()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.Chain.class, before);
      return new Mechanism.Chain(MechanismForm.count(count));
    }
  }

  private final Mechanism.Chain chain;

  ChainWords(Mover mover, Mechanism.Chain chain, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.chain = chain;
  }

  @Override
  void tellFacts() {
    Size sleeve = mover.at().inset(rules.length(HouseRule.SLEEVE_SEAL).negated()).size();
    fact("Sleeves", chain.sleeves() + " for " + text(mover.at().size()));
    fact("Pulled out", text(new SleeveChain(sleeve, chain.sleeves(), mover.edge()).reach()));
    fact("Join", "all of them before the first is fixed; strips behind the free edges");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.step("Fill the sleeves, so that every picture stands upright.");
    steps.last(
        "Join them, the strip of each behind the free edge of the one below, before the lowest"
            + " is fixed.");
    steps.step("Fold them to and fro and check that the chain opens both ways.");
    steps.last("Fix the lowest at its hinge: align with the backing on, then press.");
  }
}
