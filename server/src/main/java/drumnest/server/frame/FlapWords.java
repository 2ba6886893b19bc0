package drumnest.server.frame;

import drumnest.core.measure.Length;
import drumnest.core.mover.Clash;
import drumnest.core.mover.Flaps;
import drumnest.core.mover.Overhang;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** The sentences about flaps, as makers say it. */
public final class FlapWords {

  private FlapWords() {}

  /**
   * Tells what a clash means, in a sentence without its full stop; it may begin with a name as it
   * is given.
   *
   * @param flaps those among which it is
   * @param name what a flap is called
   */
  public static String clash(Clash clash, Flaps flaps, UnaryOperator<String> name) {
    String a = name.apply(clash.a());
    String b = name.apply(clash.b());
    return switch (clash.kind()) {
      case STRIP_ON_MOVING -> "The strip of " + a + " lies on " + b + ", which never opens then";
      case NEVER_OPENS ->
          clash.a().equals(clash.b())
              ? b + " never opens: nothing makes room for it"
              : b + " never opens: " + a + " is in its way, and no order of opening helps";
      case CLOSED_OVERLAP -> a + " and " + b + " want the same place";
      case ON_TOP -> a + " lies on " + b + ": open " + a + " first";
      case COVERS_WHEN_OPEN ->
          a
              + " lies over "
              + b
              + " when it is open: close it before you "
              + (flaps.liesOn(clash.b(), clash.a()) ? "close " : "open ")
              + b;
      case OPEN_OVERLAP -> a + " and " + b + " open onto the same place: one at a time";
    };
  }

  /** How far something reaches past its page, such as “1/4 at the top”; empty where it does not. */
  public static String past(Overhang overhang) {
    List<String> past = new ArrayList<>();
    add(past, overhang.left(), "left");
    add(past, overhang.top(), "top");
    add(past, overhang.right(), "right");
    add(past, overhang.bottom(), "foot");
    return String.join(" and ", past);
  }

  private static void add(List<String> past, Length reach, String edge) {
    if (reach.isPositive()) {
      past.add(UnitsInUse.text(reach) + " at the " + edge);
    }
  }
}
