package drumnest.server.movers.kind;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One half of a band across the gutter in words. */
final class GutterBandWords extends MoverWords {

  /**
   * The measures of a band across the gutter.
   *
   * @param under whether photos lie over it; over them where it is left out
   */
  record GutterBandForm(@Nullable Boolean under) implements MechanismForm {
    static GutterBandForm of(Band.Gutter band) {
      return new GutterBandForm(band.under());
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      Band.Gutter band = MechanismForm.ofKind(Band.Gutter.class, before);
      return new Band.Gutter(band.page(), Boolean.TRUE.equals(under));
    }
  }

  private final Band.Gutter band;

  GutterBandWords(Mover mover, Band.Gutter band, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.band = band;
  }

  @Override
  void tellFacts() {
    fact("Cut", "two of " + toCut(mover.at().size()) + ", equal in height, one for each page");
    fact("At the gutter", "plain edges: no stitching, no decorative edge");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.last(
        "Cut two pieces of "
            + toCut(mover.at().size())
            + " at one setting of the trimmer, so that they are equally high; of a directional"
            + " paper or cloth, side by side. "
            + StepList.BLADE);
    steps.step(
        "Leave the edges that meet at the gutter plain: no stitching and no decorative edge there."
            + " Stitch the others before anything is stuck.");
    steps.step(
        "Lay both in place and shut the album once. What you trim off the one, trim off the"
            + " other.");
    steps.last(
        "Stick each with its plain edge along the gutter, and never over the holes"
            + (band.under() ? ", before any photo lies over it. " : ". ")
            + StepList.GLUE);
  }
}
