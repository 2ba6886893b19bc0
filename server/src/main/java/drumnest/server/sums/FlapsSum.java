package drumnest.server.sums;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.Clash;
import drumnest.core.mover.Flaps;
import drumnest.core.mover.Overhang;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.FlapWords;
import drumnest.server.stock.FlapMount;
import drumnest.server.stock.RulesInForce;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Where do flaps open to, and which are in each other's way? */
@Component
class FlapsSum implements Sum {

  /** Each is looked at with every other. */
  private static final int MOST = 200;

  private final RulesInForce rules;

  FlapsSum(RulesInForce rules) {
    this.rules = rules;
  }

  @Override
  public String name() {
    return "flaps";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    Values values = Values.of(question, "", "spread", "gutter", "flaps");
    Size spread = values.size("spread");
    Length gutter = values.has("gutter") ? values.lengthOrNone("gutter") : null;
    HouseRules inForce = rules.rules();
    List<Flap> read =
        values.list(
            "flaps",
            flap -> flap(flap, inForce),
            Flap::id,
            "id",
            "x",
            "y",
            "w",
            "h",
            "hinge",
            "strip",
            "mount",
            "on",
            "fixedTo");
    if (read.size() > MOST) {
      throw values.refuse("flaps", "are too many; accepted are up to " + MOST);
    }
    Flaps flaps = flaps(read);
    List<Clash> clashes = flaps.clashes();
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put(
        "flaps", read.stream().map(flap -> flap(flaps, flap, spread, gutter, inForce)).toList());
    answer.put("clashes", clashes.stream().map(FlapsSum::clash).toList());
    answer.put("opens", read.stream().map(flap -> opens(flap, spread)).toList());
    answer.put("minds", clashes.stream().map(clash -> minds(flaps, clash)).toList());
    answer.put("drawing", drawing(read, spread, gutter));
    answer.put("working", working(clashes));
    return answer;
  }

  private static Flap flap(Values values, HouseRules rules) {
    boolean page = values.choice("mount", "protector", "page").equals("page");
    try {
      return Flap.sleeve(
          values.text("id"),
          values.box(),
          hinge(values),
          (page ? FlapMount.PAGE : FlapMount.PROTECTOR)
              .with(values.length("strip", rules.length(HouseRule.ADHESIVE_STRIP))),
          Support.of(
              values.has("on") ? values.text("on") : null,
              values.has("fixedTo") ? values.text("fixedTo") : null,
              false));
    } catch (MoverProblemException e) {
      throw Sums.problem(e, values.field(e.field()));
    }
  }

  private static Edge hinge(Values values) {
    return switch (values.oneOfChoices("hinge", "top", "bottom", "left", "right")) {
      case "bottom" -> Edge.BOTTOM;
      case "left" -> Edge.LEFT;
      case "right" -> Edge.RIGHT;
      default -> Edge.TOP;
    };
  }

  private static Flaps flaps(List<Flap> read) {
    try {
      return new Flaps(read);
    } catch (MoverProblemException e) {
      int at = read.stream().map(Flap::id).toList().indexOf(e.mover());
      throw Sums.problem(e, "flaps[" + at + "]." + e.field());
    }
  }

  private static Map<String, @Nullable Object> flap(
      Flaps flaps, Flap flap, Size spread, @Nullable Length gutter, HouseRules rules) {
    Map<String, @Nullable Object> answer = Answers.open();
    Box open = flap.open();
    answer.put("id", flap.id());
    answer.put("closed", Answers.box(flap.closed()));
    answer.put("open", Answers.box(open));
    answer.put("strip", Answers.box(flap.stripArea()));
    answer.put("insideTurn", flap.insideTurn().degrees());
    Overhang overhang = Overhang.of(open, whole(spread));
    Map<String, @Nullable Object> past = Answers.open();
    past.put("left", Answers.length(overhang.left()));
    past.put("top", Answers.length(overhang.top()));
    past.put("right", Answers.length(overhang.right()));
    past.put("bottom", Answers.length(overhang.bottom()));
    answer.put("past", past);
    answer.put("crossesGutter", gutter != null && crosses(flap, gutter));
    Segment slit = flap.slit();
    if (slit != null) {
      Map<String, @Nullable Object> cut = Answers.open();
      cut.put("from", point(slit.x(), slit.y()));
      cut.put("to", point(slit.endX(), slit.endY()));
      cut.put("hole", Answers.length(rules.length(HouseRule.SLIT_HOLE)));
      answer.put("slit", cut);
    }
    flaps.carried(flap).ifPresent(box -> answer.put("carried", Answers.box(box)));
    flaps.carriedOpen(flap).ifPresent(box -> answer.put("carriedOpen", Answers.box(box)));
    return answer;
  }

  /** Whether closed and open area together share area with both sides of the gutter. */
  private static boolean crosses(Flap flap, Length gutter) {
    Box closed = flap.closed();
    Box open = flap.open();
    return closed.x().min(open.x()).isLessThan(gutter)
        && closed.right().max(open.right()).isMoreThan(gutter);
  }

  private static Map<String, @Nullable Object> point(Length x, Length y) {
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("x", Answers.length(x));
    answer.put("y", Answers.length(y));
    return answer;
  }

  private static Map<String, @Nullable Object> clash(Clash clash) {
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("kind", Answers.key(clash.kind()));
    answer.put("a", clash.a());
    answer.put("b", clash.b());
    answer.put("severity", Answers.key(clash.severity()));
    return answer;
  }

  /** Where a flap opens to, in a sentence. */
  private static String opens(Flap flap, Size spread) {
    Box open = flap.open();
    String past = FlapWords.past(Overhang.of(open, whole(spread)));
    return Answers.said("%s opens to (%s, %s)", flap.id(), open.x(), open.y())
        + (past.isEmpty() ? "" : ", past the page by " + past)
        + (flap.hinge().isAtSide() ? "" : "; its inside stands on its head");
  }

  private static Box whole(Size spread) {
    return Box.of(spread);
  }

  /** Tells what a clash means for the maker. */
  private static String minds(Flaps flaps, Clash clash) {
    return FlapWords.clash(clash, flaps, UnaryOperator.identity());
  }

  private static List<Map<String, @Nullable Object>> drawing(
      List<Flap> flaps, Size spread, @Nullable Length gutter) {
    Drawing drawing = new Drawing().room(whole(spread));
    if (gutter != null) {
      drawing.mark(new Box(gutter, Length.ZERO, Length.ZERO, spread.h()));
    }
    flaps.forEach(flap -> drawing.piece(flap.closed()));
    flaps.forEach(flap -> drawing.glue(flap.stripArea()));
    flaps.forEach(flap -> drawing.open(flap.open()));
    return drawing.boxes();
  }

  private static String working(List<Clash> clashes) {
    long errors = clashes.stream().filter(FlapsSum::isError).count();
    long orders = clashes.size() - errors;
    return errors == 0 && orders == 0
        ? "nothing is in the way of anything"
        : errors + " that cannot be made so, " + orders + " that ask for an order";
  }

  private static boolean isError(Clash clash) {
    return clash.severity() == Clash.Severity.ERROR;
  }
}
