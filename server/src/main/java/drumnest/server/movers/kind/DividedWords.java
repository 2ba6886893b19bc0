package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.Part;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.PartRequest;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A divided place in words. */
final class DividedWords extends MoverWords {

  /**
   * How a divided place is divided.
   *
   * @param part how; two halves of the longer side where it is left out
   */
  record DividedForm(@Nullable PartRequest part) implements MechanismForm {
    static DividedForm of(Mechanism.Divided divided) {
      Part part = divided.part();
      return new DividedForm(part == null ? null : PartRequest.of(part));
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.Divided.class, before);
      return new Mechanism.Divided(part == null ? null : part.toPart(lengths.within("part."), 0));
    }
  }

  DividedWords(Mover mover, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
  }

  @Override
  void tellFacts() {
    fact("Prints", prints());
    fact("Card", toCut(mover.at().size()) + ", all prints stuck on it");
  }

  /** Such as {@code 2 of 3 × 4, 1 of 6 × 4}. */
  private String prints() {
    Map<Size, Integer> counted = new LinkedHashMap<>();
    parts.forEach(part -> counted.merge(part.takes(), 1, Integer::sum));
    return counted.entrySet().stream()
        .map(each -> each.getValue() + " of " + toCut(each.getKey()))
        .collect(Collectors.joining(", "));
  }

  @Override
  void tellSteps(StepList steps) {
    steps.last("Cut a card of " + toCut(mover.at().size()) + ". " + StepList.BLADE);
    steps.last(
        "Stick the prints on it, edge to edge as the plan shows: "
            + prints()
            + ". "
            + StepList.GLUE);
    steps.step("Put the card where the single print would be.");
  }
}
