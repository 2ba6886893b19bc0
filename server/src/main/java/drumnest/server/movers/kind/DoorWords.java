package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Length;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A door, or a pair of them, in words. */
final class DoorWords extends MoverWords {

  /**
   * The measures of a door, or of a pair.
   *
   * @param border what shows of it around its photo
   */
  record DoorForm(@Nullable String border) implements MechanismForm {
    static DoorForm of(Mechanism.Door door) {
      return new DoorForm(MechanismForm.exact(door.border()));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      boolean pair = MechanismForm.ofKind(Mechanism.Door.class, before).pair();
      return new Mechanism.Door(pair, lengths.zeroOrMore("border", border));
    }
  }

  private final Mechanism.Door door;

  DoorWords(Mover mover, Mechanism.Door door, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.door = door;
  }

  @Override
  void tellFacts() {
    fact(door.pair() ? "Each leaf" : "Leaf", toCut(parts.get(0).closed().size()));
    Length strip = rules.length(HouseRule.ADHESIVE_STRIP);
    fact(
        "Hinge",
        "a strip "
            + text(strip.times(2))
            + " wide, folded in half: half on the door, half on the page");
    fact("Below it", "flat things only, no foam, nor under its hinge");
  }

  @Override
  void tellSteps(StepList steps) {
    steps.last(
        "Cut "
            + Words.counted(parts.size(), "door", "doors")
            + " and the hinge strips. "
            + StepList.BLADE);
    steps.step("Fold each hinge strip in half along its length.");
    steps.last("Back the doors: their reverse is seen. " + StepList.GLUE);
    steps.last("Glue half of each strip to the door and half to the page, the fold at its edge.");
    if (parts.size() > 1) {
      steps.step("Check that they meet in the middle without touching.");
    }
  }
}
