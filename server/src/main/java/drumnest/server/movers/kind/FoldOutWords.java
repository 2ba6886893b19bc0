package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.FoldOut;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A fold-out in words. */
final class FoldOutWords extends MoverWords {

  /**
   * The measures of a fold-out.
   *
   * @param border what shows of it around its photo
   * @param sheetW the width of the sheet from which page and flap are cut
   * @param sheetH its height
   */
  record FoldOutForm(@Nullable String border, @Nullable String sheetW, @Nullable String sheetH)
      implements MechanismForm {
    static FoldOutForm of(Mechanism.FoldOut foldOut) {
      return new FoldOutForm(
          MechanismForm.exact(foldOut.border()),
          MechanismForm.exact(foldOut.sheet().w()),
          MechanismForm.exact(foldOut.sheet().h()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      return new Mechanism.FoldOut(
          MechanismForm.ofKind(Mechanism.FoldOut.class, before).page(),
          lengths.zeroOrMore("border", border),
          MechanismForm.sheet(lengths, sheetW, sheetH));
    }
  }

  private final Mechanism.FoldOut foldOut;

  FoldOutWords(Mover mover, Mechanism.FoldOut foldOut, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.foldOut = foldOut;
  }

  @Override
  void tellFacts() {
    FoldOut cut = FoldOut.of(mover, foldOut, rules);
    fact("Opened", text(cut.opened()));
    fact("Score", text(cut.score()) + " from the outer edge of the flap");
    Length along = across();
    if (!along.equals(cut.page().h())) {
      fact("Flap", text(along) + " of the page’s " + text(cut.page().h()));
    }
    Size extension = cut.extension();
    if (extension == null) {
      fact(
          "Cut",
          "page and flap in one piece, from " + text(new Size(cut.opened(), cut.page().h())));
    } else {
      fact("Base part", text(cut.basePart()) + ", short by " + text(cut.shortBy()));
      fact(
          "Extension",
          text(extension) + (cut.isExtensionFromOffcut() ? ", from the off-cut, turned" : ""));
    }
  }

  @Override
  void tellSteps(StepList steps) {
    boolean one = FoldOut.of(mover, foldOut, rules).isOnePiece();
    steps.last(
        (one ? "Cut page and flap in one piece. " : "Cut base part and extension. ")
            + StepList.BLADE);
    steps.step(
        "Score the flap "
            + text(mover.edge().depth(mover.at()))
            + " from its outer edge and fold it in.");
    if (!one) {
      steps.last(
          "Glue the extension under the base part; no hole is punched through the joint. "
              + StepList.GLUE);
    }
    steps.step("Check that the closed flap clears the rings.");
    steps.last("Stick the pictures on, borders and all. " + StepList.GLUE);
  }
}
