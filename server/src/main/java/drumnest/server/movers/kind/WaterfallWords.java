package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Length;
import drumnest.core.mover.kind.Waterfall;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A waterfall in words. */
final class WaterfallWords extends MoverWords {

  /**
   * The measures of a waterfall.
   *
   * @param count of how many cards it is
   * @param step by how much each is set off
   * @param sleeves whether they are sleeves; cut cards where it is left out
   */
  record WaterfallForm(@Nullable String count, @Nullable String step, @Nullable Boolean sleeves)
      implements MechanismForm {
    static WaterfallForm of(Mechanism.Waterfall waterfall) {
      return new WaterfallForm(
          String.valueOf(waterfall.cards()),
          MechanismForm.exact(waterfall.step()),
          waterfall.sleeves());
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.Waterfall.class, before);
      return new Mechanism.Waterfall(
          MechanismForm.count(count), lengths.positive("step", step), Boolean.TRUE.equals(sleeves));
    }
  }

  private final Mechanism.Waterfall waterfall;

  WaterfallWords(Mover mover, Mechanism.Waterfall waterfall, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.waterfall = waterfall;
  }

  @Override
  void tellFacts() {
    int cards = waterfall.cards();
    Length deep = mover.edge().depth(mover.at());
    Waterfall shown = new Waterfall(mover.at().size(), waterfall.step(), cards);
    if (waterfall.sleeves()) {
      fact("Sleeves", cards + " for " + text(mover.at().size()));
    } else {
      fact("Cards", cards + " of " + toCut(mover.at().size()));
    }
    fact("Run", text(deep.plus(waterfall.step().times(cards - 1L))));
    fact("Shows of each", text(shown.visible().get(0)));
    fact("Fix", "the lowest first, so that each strip lies under the one above");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.hang(lowestFirst(), EACH);
  }
}
