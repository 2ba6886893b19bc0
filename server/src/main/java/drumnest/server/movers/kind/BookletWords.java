package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A booklet in words. */
final class BookletWords extends MoverWords {

  /**
   * The measures of a booklet.
   *
   * @param count of how many sleeves it is
   */
  record BookletForm(@Nullable String count) implements MechanismForm {
    static BookletForm of(Mechanism.Booklet booklet) {
      return new BookletForm(String.valueOf(booklet.sleeves()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.Booklet.class, before);
      return new Mechanism.Booklet(MechanismForm.count(count));
    }
  }

  private final Mechanism.Booklet booklet;

  BookletWords(Mover mover, Mechanism.Booklet booklet, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.booklet = booklet;
  }

  @Override
  void tellFacts() {
    fact("Sleeves", booklet.parts() + " for " + text(mover.at().size()));
    fact("Fix", "the lowest first, each strip beside the one below");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.hang(lowestFirst(), EACH);
  }
}
