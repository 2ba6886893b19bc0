package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Spread;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.SpreadMotion;
import drumnest.core.mover.kind.Constructing;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.HouseRules;
import drumnest.core.stock.LeafType;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** The drawing of an accordion is read back and folded along its scores. */
class ConstructionSvgTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length MAT = Length.parse("1/8");
  private static final LeafType SIX_WIDE =
      (LeafType) Catalogue.beginning().get(Catalogue.SIX_WIDE).item();
  private static final double NEAR = 0.001;

  /** A rectangle of the drawing, in millimetres; a line is one without a width or a height. */
  private record Rect(double x, double y, double w, double h) {

    static Rect of(Box box) {
      return new Rect(mm(box.x()), mm(box.y()), mm(box.w()), mm(box.h()));
    }

    private static double mm(Length length) {
      return length.toMillimetres().doubleValue();
    }

    Rect moved(double right, double down) {
      return new Rect(x + right, y + down, w, h);
    }

    /** Folded over a line. */
    Rect over(Rect line, boolean upright) {
      return upright
          ? new Rect(2 * line.x - x - w, y, w, h)
          : new Rect(x, 2 * line.y - y - h, w, h);
    }

    void isNear(Rect other) {
      assertThat(x).isCloseTo(other.x, within(NEAR));
      assertThat(y).isCloseTo(other.y, within(NEAR));
      assertThat(w).isCloseTo(other.w, within(NEAR));
      assertThat(h).isCloseTo(other.h, within(NEAR));
    }
  }

  /** A score after a panel, and how it is folded. */
  private record Score(Rect line, String fold) {}

  static Stream<Arguments> accordions() {
    return IntStream.rangeClosed(1, 9)
        .boxed()
        .flatMap(panels -> Stream.of(Edge.values()).map(edge -> Arguments.of(panels, edge)));
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void folded_along_its_scores_every_panel_lies_where_the_motion_puts_it(int count, Edge anchor)
      throws Exception {
    Box at =
        new Box(
            Length.ofInches(5), Length.ofInches(3), Length.parse("4 1/4"), Length.parse("6 1/4"));
    Mover mover =
        new Mover(
            1,
            at,
            anchor,
            null,
            new Mechanism.Accordion(count, MAT, Size.ofInches(14, 15), Length.parse("1/2")));
    List<Flap> parts = MoverParts.of(mover, null, RULES);
    Map<Integer, Rect> panels = new TreeMap<>();
    Map<Integer, Score> scores = new HashMap<>();
    layFlat(ConstructionSvg.of("", Constructing.of(mover, parts, RULES)), mover, panels, scores);
    assertThat(panels).hasSize(count);

    PagePlan plan = PagePlan.EMPTY.withMovers(parts, List.of(mover));
    Leaf leaf = new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
    SpreadMotion motion = SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
    List<Set<Integer>> states = new ArrayList<>(List.of(Set.of()));
    IntStream.range(1, count).forEach(panel -> states.add(Set.of(panel)));
    Set<Integer> all = new HashSet<>();
    IntStream.range(1, count).forEach(all::add);
    states.add(all);
    for (Set<Integer> state : states) {
      Set<String> open = new HashSet<>();
      state.forEach(panel -> open.add("1-front-m" + panel));
      for (int panel = 1; panel <= count; panel++) {
        Rect folded = panels.get(panel);
        // The folds between it and the last panel, the nearest to it first.
        for (int fold = panel; fold < count; fold++) {
          if (!state.contains(fold)) {
            folded = folded.over(scores.get(fold).line(), anchor.isAtSide());
          }
        }
        Flap flap = motion.flap("1-front-m" + panel).orElseThrow();
        folded.isNear(Rect.of(motion.area(flap, open)));
      }
    }
    // Each comes to lie on the next, whichever side of that is up.
    for (int panel = 1; panel < count; panel++) {
      boolean nextIsUp = (count - panel - 1) % 2 == 0;
      assertThat(scores.get(panel).fold()).isEqualTo(nextIsUp ? "valley" : "mountain");
    }
    assertThat(scores.get(count).fold()).isEqualTo("flat");
  }

  /** Reads the strips and lays them out as they are glued, with the last panel in its place. */
  private static void layFlat(
      byte[] svg, Mover mover, Map<Integer, Rect> panels, Map<Integer, Score> scores)
      throws Exception {
    NodeList all =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg))
            .getElementsByTagName("*");
    Map<String, TreeMap<Integer, Rect>> panelsOf = new HashMap<>();
    Map<String, List<Score>> scoresOf = new HashMap<>();
    for (int i = 0; i < all.getLength(); i++) {
      Element element = (Element) all.item(i);
      String piece = element.getAttribute("data-piece");
      if (element.hasAttribute("data-panel")) {
        panelsOf
            .computeIfAbsent(piece, name -> new TreeMap<>())
            .put(Integer.valueOf(element.getAttribute("data-panel")), rect(element));
      } else if (element.hasAttribute("data-fold") && piece.startsWith("strip")) {
        scoresOf
            .computeIfAbsent(piece, name -> new ArrayList<>())
            .add(new Score(line(element), element.getAttribute("data-fold")));
      }
    }
    List<String> lastFirst =
        panelsOf.keySet().stream()
            .sorted((a, b) -> panelsOf.get(b).lastKey() - panelsOf.get(a).lastKey())
            .toList();
    for (String piece : lastFirst) {
      int last = panelsOf.get(piece).lastKey();
      Rect here = panelsOf.get(piece).get(last);
      Rect there =
          panels.containsKey(last + 1) ? beyond(panels.get(last + 1), mover) : Rect.of(mover.at());
      double right = there.x() - here.x();
      double down = there.y() - here.y();
      panelsOf.get(piece).forEach((panel, rect) -> panels.put(panel, rect.moved(right, down)));
      int panel = panelsOf.get(piece).firstKey();
      for (Score score : scoresOf.get(piece)) {
        scores.put(panel++, new Score(score.line().moved(right, down), score.fold()));
      }
    }
  }

  /** Where the panel lies that comes after another, away from the anchor. */
  private static Rect beyond(Rect panel, Mover mover) {
    return switch (mover.edge()) {
      case LEFT -> panel.moved(panel.w(), 0);
      case RIGHT -> panel.moved(-panel.w(), 0);
      case TOP -> panel.moved(0, panel.h());
      case BOTTOM -> panel.moved(0, -panel.h());
    };
  }

  private static double number(Element element, String attribute) {
    return Double.parseDouble(element.getAttribute(attribute));
  }

  private static Rect rect(Element element) {
    return new Rect(
        number(element, "x"),
        number(element, "y"),
        number(element, "width"),
        number(element, "height"));
  }

  private static Rect line(Element element) {
    double x = number(element, "x1");
    double y = number(element, "y1");
    return new Rect(x, y, number(element, "x2") - x, number(element, "y2") - y);
  }
}
