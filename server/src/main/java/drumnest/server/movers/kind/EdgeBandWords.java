package drumnest.server.movers.kind;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One half of a band beyond a narrow leaf in words. */
final class EdgeBandWords extends MoverWords {

  /**
   * The measures of a band beyond a narrow leaf.
   *
   * @param depth how much of it is stuck to the leaf
   * @param under whether photos lie over it; over them where it is left out
   */
  record EdgeBandForm(@Nullable String depth, @Nullable Boolean under) implements MechanismForm {
    static EdgeBandForm of(Band.Beyond band) {
      return new EdgeBandForm(MechanismForm.exact(band.overlap()), band.under());
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      return new Band.Beyond(
          MechanismForm.ofKind(Band.Beyond.class, before).page(),
          lengths.positive("depth", depth),
          Boolean.TRUE.equals(under));
    }
  }

  private final Band.Beyond band;

  EdgeBandWords(Mover mover, Band.Beyond band, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.band = band;
  }

  @Override
  void tellFacts() {
    fact("Cut", "two of " + toCut(mover.at().size()) + ", one for each side of the leaf");
    fact("Beyond the leaf", text(band.beyond(mover.at())) + ", back to back");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.last("Cut two strips of " + toCut(mover.at().size()) + ". " + StepList.BLADE);
    steps.step(
        "Put nothing thick on both sides at the same place: what lies on the one lies beside what"
            + " lies on the other.");
    steps.last(
        "Stick the first with "
            + text(band.overlap())
            + " of its width along the outer edge of the leaf. "
            + StepList.GLUE);
    steps.last(
        "Stick the second onto the other side, back to back with the first beyond the leaf.");
    steps.step("Trim both together where they are not even.");
  }
}
