package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Panorama;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.RuleText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** An accordion in words, with its panorama where it has one. */
final class AccordionWords extends MoverWords {

  /**
   * The measures of an accordion.
   *
   * @param count of how many panels it is
   * @param border what shows of a panel around its photo
   * @param sheetW the width of a sheet from which it is cut
   * @param sheetH its height
   * @param overlap its least tab
   * @param upper the pictures on its upper side; each where it is left out
   * @param pictures how pictures come onto it; stuck where it is left out
   */
  record AccordionForm(
      @Nullable String count,
      @Nullable String border,
      @Nullable String sheetW,
      @Nullable String sheetH,
      @Nullable String overlap,
      @Nullable Upper upper,
      @Nullable Pictures pictures)
      implements MechanismForm {

    /** The pictures on the upper side of an accordion. */
    enum Upper {
      /** A picture on each panel. */
      EACH,
      /** One wide picture over all of them. */
      ACROSS
    }

    /** How pictures come onto an accordion. */
    enum Pictures {
      STUCK,
      PRINTED
    }

    static AccordionForm of(Mechanism.Accordion accordion) {
      return new AccordionForm(
          String.valueOf(accordion.panels()),
          MechanismForm.exact(accordion.mat()),
          MechanismForm.exact(accordion.sheet().w()),
          MechanismForm.exact(accordion.sheet().h()),
          MechanismForm.exact(accordion.overlap()),
          accordion.panorama() ? Upper.ACROSS : Upper.EACH,
          accordion.printed() ? Pictures.PRINTED : Pictures.STUCK);
    }

    @Override
    public Mechanism toMechanism(Mechanism before, LengthReader lengths) {
      MechanismForm.ofKind(Mechanism.Accordion.class, before);
      return new Mechanism.Accordion(
          MechanismForm.count(count),
          lengths.zeroOrMore("border", border),
          MechanismForm.sheet(lengths, sheetW, sheetH),
          lengths.positive("overlap", overlap),
          upper == Upper.ACROSS,
          pictures == Pictures.PRINTED);
    }
  }

  private final Mechanism.Accordion accordion;

  AccordionWords(Mover mover, Mechanism.Accordion accordion, List<Flap> parts, HouseRules rules) {
    super(mover, parts, rules);
    this.accordion = accordion;
  }

  @Override
  void tellFacts() {
    Accordion cut = Accordion.of(mover, accordion);
    fact("Panel", toCut(cut.panel()));
    fact("Faces", cut.faces() + " on " + cut.panels() + " panels");
    fact("From", Words.counted(cut.sheets(), "sheet", "sheets") + " " + text(cut.sheet()));
    fact("Strips", strips(cut));
    fact("Scores", scores(cut));
    Length join = cut.joinTab();
    if (join != null) {
      fact("Glue tab", text(join) + ", " + covered(cut, join));
    }
    fact("Anchor tab", text(cut.anchorTab()) + " long");
    fact("Pulled out", text(cut.pulledOut()));
    fact("Folded", folded(cut));
    String enough = cut.besideMat().fits() ? ", enough for the mat beside" : "";
    fact("Left over", text(cut.offcut()) + enough);
    if (mover.carrier() == null) {
      Length clear = rules.length(HouseRule.WINDOW_CLEARANCE);
      fact("Window in the film", text(cut.panel().grown(clear.times(2))) + ", cut on three sides");
    }
    Panorama.of(mover)
        .ifPresent(
            wide -> fact("Panorama", text(wide.print()) + ", in " + wide.panels() + " pieces"));
  }

  /** Such as {@code 1 of 12 × 6 1/4, 1 of 6 1/2 × 6 1/4}. */
  private static String strips(Accordion cut) {
    Map<Size, Integer> counted = new LinkedHashMap<>();
    cut.stripSizes().forEach(size -> counted.merge(size, 1, Integer::sum));
    return counted.entrySet().stream()
        .map(each -> each.getValue() + " of " + text(each.getKey()))
        .collect(Collectors.joining(", "));
  }

  /** Such as {@code 4 1/4 and 8 1/2; strip 2 at 4 1/4}. */
  private static String scores(Accordion cut) {
    List<List<Length>> scores = cut.scores();
    String first = listed(scores.get(0));
    List<Length> last = scores.get(scores.size() - 1);
    return last.equals(scores.get(0))
        ? first
        : first + "; strip " + scores.size() + " at " + listed(last);
  }

  private static String listed(List<Length> lengths) {
    String last = text(lengths.get(lengths.size() - 1));
    return lengths.size() == 1
        ? last
        : lengths.subList(0, lengths.size() - 1).stream()
                .map(MoverWords::text)
                .collect(Collectors.joining(", "))
            + " and "
            + last;
  }

  private String covered(Accordion cut, Length tab) {
    String panel = "the next strip’s first panel";
    return cut.isCovered(tab) && !accordion.printed()
        ? "under the photo of " + panel
        : "on " + panel + ", where its end shows";
  }

  private String folded(Accordion cut) {
    Length print = accordion.printed() ? Length.ZERO : rules.length(HouseRule.MOVER_PRINT);
    Length folded = cut.thickness(rules.length(HouseRule.PULLOUT_CARD), print);
    return RuleText.thickness(folded)
        + ", its card"
        + (accordion.printed() ? "" : " and all its prints");
  }

  @Override
  void tellSteps(StepList steps) {
    Accordion cut = Accordion.of(mover, accordion);
    if (accordion.printed()) {
      steps.step(
          "Print one strip on scrap, both sides, turned over like the leaf of a book, and hold it"
              + " against the light: the pictures lie behind each other.");
      steps.last("Print the strips on card at true size, both sides, and let them dry.");
    }
    fold(steps, cut);
    steps.step(
        "Fold it dry: panels are equal within "
            + text(rules.length(HouseRule.PANEL_TOLERANCE))
            + ", and the stack lies square.");
    if (!accordion.printed()) {
      Panorama.of(mover).ifPresent(wide -> panorama(steps, wide));
      steps.last(
          "Stick the pictures on, "
              + text(accordion.mat())
              + " off each fold"
              + (mover.edge().isAtSide() ? "." : "; those behind stand on their head."));
    }
    steps.last(
        "Stick the last panel to the page, its tab under the mat of the photo at the "
            + Words.edge(mover.edge())
            + ". Its own back is never seen.");
    window(steps);
  }

  private void fold(StepList steps, Accordion cut) {
    steps.last(
        "Cut "
            + Words.counted(cut.strips(), "strip", "strips")
            + " "
            + text(across())
            + " wide from "
            + Words.counted(cut.sheets(), "sheet", "sheets")
            + ": "
            + strips(cut)
            + ". "
            + StepList.BLADE);
    List<List<Length>> scores = cut.scores();
    for (int strip = 0; strip < scores.size(); strip++) {
      boolean last = strip == scores.size() - 1;
      steps.step(
          "Score strip "
              + (strip + 1)
              + " at "
              + listed(scores.get(strip))
              + " from its free end"
              + (last ? "; the last of these stays flat." : ", and fold to and fro."));
    }
    if (cut.strips() > 1) {
      steps.last(
          "Glue the tab of each strip, by its back, over the first panel of the next, edges"
              + " flush. "
              + StepList.GLUE);
    }
  }

  private void window(StepList steps) {
    Edge hinge = parts.get(0).hinge();
    steps.step(
        "Slip a board into the protector. Draw the window "
            + text(rules.length(HouseRule.WINDOW_CLEARANCE))
            + " outside the stack.");
    steps.last(
        "Cut three sides of it; the one at the "
            + Words.edge(hinge)
            + " stays and is its hinge. "
            + StepList.BLADE);
  }

  private static void panorama(StepList steps, Panorama panorama) {
    Outline.Pieces pieces = panorama.outline();
    steps.last(
        "Cut the wide print into "
            + panorama.panels()
            + " pieces of "
            + text(pieces.piece(panorama.print()))
            + ", with "
            + text(pieces.between())
            + " left out between every two, and number their backs. "
            + StepList.BLADE);
  }
}
