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
import drumnest.core.mover.kind.Construction;
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
import org.jspecify.annotations.Nullable;
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

    /** On which side of this the middle of another lies. */
    Side towards(Rect other) {
      double right = other.x + other.w / 2 - x - w / 2;
      double down = other.y + other.h / 2 - y - h / 2;
      if (Math.abs(right) > Math.abs(down)) {
        return right > 0 ? Side.RIGHT : Side.LEFT;
      }
      return down > 0 ? Side.DOWN : Side.UP;
    }

    boolean touches(Rect other) {
      return x <= other.x + other.w + NEAR
          && other.x <= x + w + NEAR
          && y <= other.y + other.h + NEAR
          && other.y <= y + h + NEAR;
    }

    /** A rectangle of the area of both, with its middle where theirs weighs. */
    Rect weighed(Rect other) {
      double mine = w * h;
      double theirs = other.w * other.h;
      double all = mine + theirs;
      double middle = ((x + w / 2) * mine + (other.x + other.w / 2) * theirs) / all;
      double level = ((y + h / 2) * mine + (other.y + other.h / 2) * theirs) / all;
      return new Rect(middle - 0.5, level - all / 2, 1, all);
    }

    void isNear(Rect other) {
      assertThat(x).isCloseTo(other.x, within(NEAR));
      assertThat(y).isCloseTo(other.y, within(NEAR));
      assertThat(w).isCloseTo(other.w, within(NEAR));
      assertThat(h).isCloseTo(other.h, within(NEAR));
    }
  }

  /** A side to which something lies, or opens. */
  private enum Side {
    LEFT,
    RIGHT,
    UP,
    DOWN
  }

  /** A score after a panel, and how it is folded. */
  private record Score(Rect line, String fold) {}

  private static final Box DOOR =
      new Box(
          Length.ofInches(1), Length.ofInches(1), Length.parse("10 1/2"), Length.parse("9 1/4"));

  /** The edges on which what carries a mover is hinged, and none for one on the page itself. */
  private static Stream<@Nullable Edge> carriers() {
    return Stream.concat(Stream.of((Edge) null), Stream.of(Edge.values()));
  }

  static Stream<Arguments> accordions() {
    return IntStream.rangeClosed(1, 9)
        .boxed()
        .flatMap(
            panels ->
                Stream.of(Edge.values())
                    .flatMap(
                        edge -> carriers().map(carrier -> Arguments.of(panels, edge, carrier))));
  }

  /**
   * A page with one mover, the parts of which are 2 and up; on the inside of a door, which is 1, or
   * on the page itself.
   *
   * @param edge the edge as it is seen while the door is open
   */
  private static PagePlan plan(Box seen, Edge edge, @Nullable Edge carrier, Mechanism mechanism) {
    if (carrier == null) {
      Mover mover = new Mover(2, seen, edge, null, mechanism);
      return PagePlan.EMPTY.withMovers(MoverParts.of(mover, null, RULES), List.of(mover));
    }
    Mover door = new Mover(1, DOOR, carrier, null, new Mechanism.Door(false, MAT));
    // Told as it lies while the door is closed: behind that, mirrored in its hinge.
    Edge told = edge.isAtSide() == carrier.isAtSide() ? edge.opposite() : edge;
    Mover mover = new Mover(2, carrier.mirrored(seen, DOOR), told, "1", mechanism);
    List<Flap> flaps = new ArrayList<>(MoverParts.of(door, null, RULES));
    flaps.addAll(MoverParts.of(mover, null, RULES));
    return PagePlan.EMPTY.withMovers(flaps, List.of(door, mover));
  }

  private static SpreadMotion motion(PagePlan plan) {
    Leaf leaf = new Leaf(1, 1, SIX_WIDE, false, Length.ZERO, plan, PagePlan.EMPTY);
    return SpreadMotion.of(new Spread(0, List.of(leaf)), Length.ZERO);
  }

  /** Those that are open so that the mover is seen. */
  private static Set<String> open(@Nullable Edge carrier, String... more) {
    Set<String> open = new HashSet<>(Set.of(more));
    if (carrier != null) {
      open.add("1-front-m1");
    }
    return open;
  }

  private static Construction made(PagePlan plan) {
    return Constructing.of(plan, "2", SIX_WIDE.size(), RULES);
  }

  @ParameterizedTest
  @MethodSource("accordions")
  void folded_along_its_scores_every_panel_lies_where_the_motion_puts_it(
      int count, Edge anchor, @Nullable Edge carrier) throws Exception {
    Box at =
        new Box(
            Length.ofInches(5), Length.ofInches(3), Length.parse("4 1/4"), Length.parse("6 1/4"));
    PagePlan plan =
        plan(
            at,
            anchor,
            carrier,
            new Mechanism.Accordion(count, MAT, Size.ofInches(14, 15), Length.parse("1/2")));
    Map<Integer, Rect> panels = new TreeMap<>();
    Map<Integer, Score> scores = new HashMap<>();
    layFlat(ConstructionSvg.of("", made(plan)), Rect.of(at), anchor, count, panels, scores);
    assertThat(panels).hasSize(count);

    SpreadMotion motion = motion(plan);
    List<Set<Integer>> states = new ArrayList<>(List.of(Set.of()));
    IntStream.range(1, count).forEach(panel -> states.add(Set.of(panel)));
    Set<Integer> all = new HashSet<>();
    IntStream.range(1, count).forEach(all::add);
    states.add(all);
    for (Set<Integer> state : states) {
      Set<String> open = open(carrier);
      state.forEach(panel -> open.add(name(panel)));
      for (int panel = 1; panel <= count; panel++) {
        Rect folded = panels.get(panel);
        // The folds between it and the last panel, the nearest to it first.
        for (int fold = panel; fold < count; fold++) {
          if (!state.contains(fold)) {
            folded = folded.over(scores.get(fold).line(), anchor.isAtSide());
          }
        }
        Flap flap = motion.flap(name(panel)).orElseThrow();
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

  static Stream<Arguments> hinged() {
    Length inch = Length.ofInches(1);
    Size card = Size.ofInches(2, 2);
    return Stream.of(
            new Mechanism.Chain(1),
            new Mechanism.Booklet(2),
            new Mechanism.Waterfall(2, inch),
            new Mechanism.Door(false, MAT),
            new Mechanism.TuckSpot(card, inch),
            new Mechanism.EdgeTuck(card, inch),
            new Mechanism.PullOut(card))
        .flatMap(
            mechanism ->
                Stream.of(Edge.values())
                    .filter(edge -> edge.isAtSide() || !(mechanism instanceof Mechanism.Chain))
                    .flatMap(
                        edge -> carriers().map(carrier -> Arguments.of(mechanism, edge, carrier))));
  }

  /**
   * By the drawing alone: a strip lies on the side to which its part opens, and glue that is left
   * out on the side to which a card is drawn.
   */
  @ParameterizedTest
  @MethodSource("hinged")
  void strips_and_glue_lie_on_the_side_to_which_it_is_seen_to_open(
      Mechanism mechanism, Edge edge, @Nullable Edge carrier) throws Exception {
    Box at =
        new Box(Length.ofInches(4), Length.ofInches(4), Length.ofInches(4), Length.ofInches(4));
    PagePlan plan = plan(at, edge, carrier, mechanism);
    SpreadMotion motion = motion(plan);
    String lowest = "1-front-m" + (1 + mechanism.parts());
    Flap flap = motion.flap(lowest).orElseThrow();
    Rect closed = Rect.of(motion.area(flap, open(carrier)));
    Rect opened = Rect.of(motion.area(flap, open(carrier, lowest)));
    Side opens = closed.towards(opened);

    List<Element> drawn = elements(ConstructionSvg.of("", made(plan)));
    if (flap.move() == Flap.Move.TURNS) {
      Rect panel =
          drawn.stream()
              .filter(
                  each -> each.getAttribute("data-panel").equals(String.valueOf(mechanism.parts())))
              .map(ConstructionSvgTest::rect)
              .findFirst()
              .orElseThrow();
      assertThat(glued(drawn))
          .filteredOn(area -> area.touches(panel))
          .first()
          .extracting(panel::towards)
          .isEqualTo(opens);
    } else {
      // The middle of all that is glued lies away from the mouth, but rails begin there.
      Rect piece =
          rect(drawn.stream().filter(ConstructionSvgTest::isCut).findFirst().orElseThrow());
      Rect all = glued(drawn).stream().reduce(Rect::weighed).orElseThrow();
      boolean rails = mechanism instanceof Mechanism.TuckSpot;
      assertThat(rails ? piece.towards(all) : all.towards(piece)).isEqualTo(opens);
    }
  }

  private static boolean isCut(Element element) {
    return element.getTagName().equals("rect")
        && ((Element) element.getParentNode()).getAttribute("id").equals("cut");
  }

  private static List<Rect> glued(List<Element> drawn) {
    return drawn.stream()
        .filter(each -> each.hasAttribute("data-use"))
        .map(ConstructionSvgTest::rect)
        .toList();
  }

  private static List<Element> elements(byte[] svg) throws Exception {
    NodeList all =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg))
            .getElementsByTagName("*");
    return IntStream.range(0, all.getLength()).mapToObj(i -> (Element) all.item(i)).toList();
  }

  /** A panel of an accordion that is the second mover of its page. */
  private static String name(int panel) {
    return "1-front-m" + (panel + 1);
  }

  /** Reads the strips and lays them out as they are glued, with the last panel in its place. */
  private static void layFlat(
      byte[] svg,
      Rect last,
      Edge anchor,
      int count,
      Map<Integer, Rect> panels,
      Map<Integer, Score> scores)
      throws Exception {
    Map<String, TreeMap<Integer, Rect>> panelsOf = new HashMap<>();
    Map<String, List<Score>> scoresOf = new HashMap<>();
    for (Element element : elements(svg)) {
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
      int end = panelsOf.get(piece).lastKey();
      Rect here = panelsOf.get(piece).get(end);
      Rect there = end == count ? last : beyond(panels.get(end + 1), anchor);
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
  private static Rect beyond(Rect panel, Edge anchor) {
    return switch (anchor) {
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
