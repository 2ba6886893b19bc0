package drumnest.server.sums;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Accordion;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.RulesInForce;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** How is an accordion cut, and in which order are its faces read? */
@Component
class AccordionSum implements Sum {

  private static final int MOST_SHEETS_DRAWN = 4;

  private final RulesInForce rules;

  AccordionSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "accordion";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values =
        Values.of(
            question, "", "photo", "mat", "faces", "sheet", "overlap", "folds", "half", "card",
            "print");
    HouseRules inForce = rules.rules();
    Accordion accordion =
        new Accordion(
            values.size("photo"),
            values.lengthOrNone("mat", inForce.length(HouseRule.ACCORDION_MAT)),
            Accordion.panelsFor(values.count("faces")),
            values.size("sheet"),
            values.length("overlap", inForce.length(HouseRule.GLUE_OVERLAP)),
            values.choice("folds", "upright", "level").equals("upright"));
    Accordion.Half half =
        values.choice("half", "right", "left").equals("right")
            ? Accordion.Half.RIGHT
            : Accordion.Half.LEFT;
    Map<String, @Nullable Object> answer = Answers.open();
    cutting(answer, accordion);
    faces(answer, accordion, half);
    answer.put("pulledOut", Answers.length(accordion.pulledOut()));
    Map<String, @Nullable Object> layers = Answers.open();
    layers.put("card", accordion.layers().card());
    layers.put("print", accordion.layers().print());
    answer.put("layers", layers);
    answer.put(
        "thickness",
        Answers.length(
            accordion.thickness(
                values.length("card", inForce.length(HouseRule.PULLOUT_CARD)),
                values.length("print", inForce.length(HouseRule.MOVER_PRINT)))));
    answer.put("drawing", drawing(accordion));
    answer.put("working", working(accordion));
    return answer;
  }

  private static void cutting(Map<String, @Nullable Object> answer, Accordion accordion) {
    answer.put("panel", Answers.size(accordion.panel()));
    answer.put("panels", accordion.panels());
    answer.put("faces", accordion.faces());
    answer.put("strips", accordion.strips());
    answer.put("stripsPerSheet", accordion.stripsPerSheet());
    answer.put("sheets", accordion.sheets());
    answer.put("strip", Answers.size(accordion.strip()));
    answer.put("panelsPerStrip", accordion.panelsPerStrip());
    answer.put("scores", accordion.scores().stream().map(Answers::lengths).toList());
    Length joinTab = accordion.joinTab();
    answer.put("joinTab", joinTab == null ? null : Answers.length(joinTab));
    answer.put("anchorTab", Answers.length(accordion.anchorTab()));
    answer.put("offcut", Answers.size(accordion.offcut()));
    Accordion.BesideMat mat = accordion.besideMat();
    Map<String, @Nullable Object> besideMat = Answers.open();
    besideMat.put("size", Answers.size(mat.size()));
    besideMat.put("fits", mat.fits());
    besideMat.put("turned", mat.turned());
    answer.put("besideMat", besideMat);
  }

  private static void faces(
      Map<String, @Nullable Object> answer, Accordion accordion, Accordion.Half half) {
    answer.put("cover", face(accordion.cover()));
    answer.put("freeEdge", accordion.isFreeEdgeAtAnchor() ? "anchor-side" : "other-side");
    List<List<Accordion.Face>> reading = accordion.reading(half);
    answer.put(
        "reading",
        reading.stream().map(step -> step.stream().map(AccordionSum::face).toList()).toList());
    answer.put("turnedFaces", accordion.turnedFaces().stream().map(AccordionSum::face).toList());
    answer.put(
        "leafing",
        reading.stream()
            .map(
                step ->
                    step.stream()
                        .map(face -> face.panel() + face.side().name())
                        .collect(Collectors.joining(" ")))
            .toList());
  }

  private static Map<String, @Nullable Object> face(Accordion.Face face) {
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("panel", face.panel());
    answer.put("side", face.side().name());
    return answer;
  }

  /** The sheets below each other, each with its strips: panels, scores, and the tab. */
  private static List<Map<String, @Nullable Object>> drawing(Accordion accordion) {
    Drawing drawing = new Drawing();
    Size sheet = accordion.sheet();
    Length apart = sheet.h().plus(sheet.h().dividedBy(12));
    List<Integer> panels = new ArrayList<>(accordion.panelsPerStrip());
    for (int i = 0; i < Math.min(accordion.sheets(), MOST_SHEETS_DRAWN); i++) {
      Length top = apart.times(i);
      drawing.room(Box.of(Length.ZERO, top, sheet));
      for (int row = 0; row < accordion.stripsPerSheet() && !panels.isEmpty(); row++) {
        strip(drawing, accordion, panels.remove(0), panels.isEmpty(), row, top);
      }
    }
    return drawing.boxes();
  }

  private static void strip(
      Drawing drawing, Accordion accordion, int panels, boolean last, int row, Length top) {
    Size panel = accordion.panel();
    boolean upright = accordion.upright();
    Length x = upright ? Length.ZERO : panel.w().times(row);
    Length y = upright ? top.plus(panel.h().times(row)) : top;
    for (int i = 0; i < panels; i++) {
      Length along = (upright ? panel.w() : panel.h()).times(i);
      drawing.piece(Box.of(upright ? x.plus(along) : x, upright ? y : y.plus(along), panel));
    }
    Length joinTab = accordion.joinTab();
    Length tab = last || joinTab == null ? accordion.anchorTab() : joinTab;
    Length end = (upright ? panel.w() : panel.h()).times(panels);
    drawing.glue(
        upright
            ? new Box(x.plus(end), y, tab, panel.h())
            : new Box(x, y.plus(end), panel.w(), tab));
  }

  private static String working(Accordion accordion) {
    return Answers.said(
        "(%s + 1) ÷ 2 = %s panels of %s; %s on a strip of %s",
        accordion.faces(),
        accordion.panels(),
        accordion.panel(),
        accordion.panelsPerStrip().get(0),
        accordion.strip());
  }
}
