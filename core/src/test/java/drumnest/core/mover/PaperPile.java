package drumnest.core.mover;

import drumnest.core.measure.Edge;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Sheets of paper in one pile, on a grid of squares, that are turned over by hand: a sheet is taken
 * out with all that is stuck to it, every square of each is turned over its hinge, the lowest comes
 * uppermost, and all of it is put down on whatever lies there. It knows nothing of flaps.
 */
final class PaperPile {

  /** A square of the grid. */
  record Square(int x, int y) {}

  /**
   * A sheet as it lies at rest.
   *
   * @param edge the edge that is its hinge
   * @param stuckTo the sheet to which it is stuck; null for none
   * @param under whether to the underside of that
   * @param on the sheet over which it lies; null for none
   */
  record Sheet(
      String name,
      int x,
      int y,
      int w,
      int h,
      Edge edge,
      @Nullable String stuckTo,
      boolean under,
      @Nullable String on) {

    /** The squares through which its middle line goes; its sides are odd. */
    List<Square> middle() {
      int half = (Math.min(w, h) - 1) / 2;
      List<Square> squares = new ArrayList<>();
      for (int at = half; at < Math.max(w, h) - half; at++) {
        squares.add(w >= h ? new Square(x + at, y + half) : new Square(x + half, y + at));
      }
      return squares;
    }
  }

  /** A sheet where it lies now: where each of its squares is, and whether its face is up. */
  private record Lying(Map<Square, Square> squares, Set<Square> area, int hinge, boolean faceUp) {

    Lying(Map<Square, Square> squares, int hinge, boolean faceUp) {
      this(squares, Set.copyOf(squares.values()), hinge, faceUp);
    }

    Lying turned(boolean upright, int line) {
      Map<Square, Square> turned = new HashMap<>();
      squares.forEach(
          (square, now) ->
              turned.put(
                  square,
                  upright
                      ? new Square(2 * line - 1 - now.x(), now.y())
                      : new Square(now.x(), 2 * line - 1 - now.y())));
      return new Lying(turned, hinge, !faceUp);
    }

    Lying withHinge(int at) {
      return new Lying(squares, area, at, faceUp);
    }
  }

  private final Map<String, Sheet> sheets = new LinkedHashMap<>();
  private final List<String> pile = new ArrayList<>();
  private final List<String> restPile;
  private final Map<String, Boolean> faceUpAtRest;
  private final Map<String, Lying> lying = new HashMap<>();
  private final Set<String> open = new HashSet<>();

  /**
   * @param all each on, or stuck to, one that comes before it
   */
  PaperPile(List<Sheet> all) {
    all.forEach(sheet -> sheets.put(sheet.name(), sheet));
    for (Sheet sheet : all) {
      if (sheet.stuckTo() == null) {
        pile.addAll(bundle(sheet, true));
      }
    }
    restPile = List.copyOf(pile);
    faceUpAtRest = new HashMap<>();
    lying.forEach((name, at) -> faceUpAtRest.put(name, at.faceUp()));
  }

  private PaperPile(PaperPile other) {
    sheets.putAll(other.sheets);
    pile.addAll(other.pile);
    restPile = other.restPile;
    faceUpAtRest = other.faceUpAtRest;
    lying.putAll(other.lying);
    open.addAll(other.open);
  }

  /** A sheet with all that is stuck to it, from the lowest up, as it is put down at rest. */
  private List<String> bundle(Sheet sheet, boolean faceUp) {
    Map<Square, Square> squares = new HashMap<>();
    for (int x = sheet.x(); x < sheet.x() + sheet.w(); x++) {
      for (int y = sheet.y(); y < sheet.y() + sheet.h(); y++) {
        squares.put(new Square(x, y), new Square(x, y));
      }
    }
    int hinge =
        switch (sheet.edge()) {
          case LEFT -> sheet.x();
          case RIGHT -> sheet.x() + sheet.w();
          case TOP -> sheet.y();
          case BOTTOM -> sheet.y() + sheet.h();
        };
    lying.put(sheet.name(), new Lying(squares, hinge, faceUp));
    List<String> face = new ArrayList<>();
    List<String> back = new ArrayList<>();
    for (Sheet each : sheets.values()) {
      if (sheet.name().equals(each.stuckTo())) {
        if (each.under()) {
          // It looks away from what it is stuck to, as that which is on the face does.
          List<String> bundle = bundle(each, !faceUp);
          if (faceUp) {
            Collections.reverse(bundle);
          }
          back.addAll(bundle);
        } else {
          List<String> bundle = bundle(each, faceUp);
          if (!faceUp) {
            Collections.reverse(bundle);
          }
          face.addAll(bundle);
        }
      }
    }
    List<String> up = new ArrayList<>(back);
    Collections.reverse(up);
    up.add(sheet.name());
    up.addAll(face);
    if (!faceUp) {
      Collections.reverse(up);
    }
    return up;
  }

  Set<String> open() {
    return Set.copyOf(open);
  }

  boolean isFaceUp(String name) {
    return lying.get(name).faceUp();
  }

  private Set<Square> squares(String name) {
    return lying.get(name).area();
  }

  boolean shareAPlace(String one, String other) {
    return !Collections.disjoint(squares(one), squares(other));
  }

  boolean liesOver(String one, String other) {
    return pile.indexOf(one) > pile.indexOf(other);
  }

  /** Whether some of its middle is not covered. */
  boolean isSeen(String name) {
    Map<Square, Square> now = lying.get(name).squares();
    Set<Square> covered =
        pile.subList(pile.indexOf(name) + 1, pile.size()).stream()
            .flatMap(above -> squares(above).stream())
            .collect(Collectors.toSet());
    return sheets.get(name).middle().stream().anyMatch(each -> !covered.contains(now.get(each)));
  }

  /** This with a sheet turned over its hinge, or back; null if the rules forbid it. */
  @Nullable PaperPile turned(String name) {
    boolean closes = open.contains(name);
    List<String> group = group(name);
    String lifted = lifted(name);
    if (!isReached(name) || !isFree(name, group, lifted) || opensInside(name, group)) {
      return null;
    }
    PaperPile next = new PaperPile(this);
    next.turn(name, group, lifted);
    if (opensUnderItsCarrier(name, group, closes ? next : this, closes ? this : next)
        || next.landsOnMoved(group, closes)
        || closes && !next.liesAsBefore(group)) {
      return null;
    }
    // What is closed must be able to open again.
    return closes && next.turned(name) == null ? null : next;
  }

  private List<String> group(String name) {
    return pile.stream().filter(each -> isStuckTo(each, name)).toList();
  }

  /** Whether all are open to the undersides of which it is stuck. */
  private boolean isReached(String name) {
    for (Sheet at = sheets.get(name); at.stuckTo() != null; at = sheets.get(at.stuckTo())) {
      if (at.under() && !open.contains(at.stuckTo())) {
        return false;
      }
    }
    return true;
  }

  /** Whether the side of what carries it to which it is stuck looks up. */
  private boolean isOnTop(String name) {
    Sheet sheet = sheets.get(name);
    return sheet.stuckTo() == null || isFaceUp(sheet.stuckTo()) != sheet.under();
  }

  /** The sheet that is lifted to come at one on an underside; null where it can be come at. */
  private @Nullable String lifted(String name) {
    if (isOnTop(name)) {
      return null;
    }
    String at = sheets.get(name).stuckTo();
    while (!isOnTop(at)) {
      at = sheets.get(at).stuckTo();
    }
    return at;
  }

  private boolean isStuckTo(String name, String carrier) {
    String at = name;
    while (at != null && !at.equals(carrier)) {
      at = sheets.get(at).stuckTo();
    }
    return at != null;
  }

  /** Whether nothing else lies on any of them, as it is looked at: what is lifted from below. */
  private boolean isFree(String name, List<String> group, @Nullable String lifted) {
    return group.stream()
        .allMatch(
            each ->
                pile.stream()
                    .filter(other -> !group.contains(other) && !isStuckTo(name, other))
                    .filter(
                        other ->
                            lifted != null && isStuckTo(other, lifted)
                                ? liesOver(each, other)
                                : liesOver(other, each))
                    .noneMatch(other -> shareAPlace(other, each)));
  }

  /** Whether some of a group that is under what carries it while closed is so while open too. */
  private static boolean opensUnderItsCarrier(
      String name, List<String> group, PaperPile closed, PaperPile opened) {
    return closed.sheets.keySet().stream()
        .filter(each -> !each.equals(name) && closed.isStuckTo(name, each))
        .filter(each -> closed.liesOver(each, name))
        .anyMatch(each -> group.stream().anyMatch(moved -> opened.shareAPlace(moved, each)));
  }

  /** Whether something on its underside is open, which is shut before it is turned. */
  private boolean opensInside(String name, List<String> group) {
    return group.stream().anyMatch(each -> open.contains(each) && name.equals(underside(each)));
  }

  /** The sheet to the underside of which it is stuck, by others on their faces; null for none. */
  private @Nullable String underside(String name) {
    Sheet at = sheets.get(name);
    while (at.stuckTo() != null && !at.under()) {
      at = sheets.get(at.stuckTo());
    }
    return at.stuckTo();
  }

  private void turn(String name, List<String> group, @Nullable String lifted) {
    boolean upright = sheets.get(name).edge().isAtSide();
    int line = lying.get(name).hinge();
    for (String each : group) {
      Lying turned = lying.get(each).turned(upright, line);
      boolean mirrored = sheets.get(each).edge().isAtSide() == upright;
      lying.put(each, mirrored ? turned.withHinge(2 * line - turned.hinge()) : turned);
    }
    List<String> over = new ArrayList<>(group);
    Collections.reverse(over);
    pile.removeAll(group);
    pile.addAll(over);
    List<String> above = lifted == null ? List.of() : liftedOver(over, lifted);
    pile.removeAll(above);
    pile.addAll(above);
    if (!open.remove(name)) {
      open.add(name);
    }
  }

  /** Those that stay over a group that is put under what was lifted, from the lowest up. */
  private List<String> liftedOver(List<String> group, String lifted) {
    List<String> above = new ArrayList<>();
    for (String each : pile) {
      boolean over =
          isStuckTo(each, lifted) && group.stream().anyMatch(moved -> shareAPlace(moved, each))
              || above.stream().anyMatch(lower -> shareAPlace(lower, each));
      if (over && !group.contains(each)) {
        above.add(each);
      }
    }
    return above;
  }

  /** Whether some of a group has come down on what is not where it was at rest. */
  private boolean landsOnMoved(List<String> group, boolean closes) {
    for (String each : group) {
      for (String other : pile) {
        boolean on = !group.contains(other) && !isStuckTo(each, other) && shareAPlace(each, other);
        String carrier = common(each, other);
        if (on
            && isMoved(other, carrier)
            && !isNextLeaf(each, other, carrier, closes)
            && !(closes && isBetween(each, other, carrier))) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether they are stuck to the two sides of what carries both. */
  private boolean isBetween(String one, String other, @Nullable String carrier) {
    return carrier != null && foot(one, carrier).under() != foot(other, carrier).under();
  }

  private boolean isMoved(String name, @Nullable String carrier) {
    for (String at = name; at != null && !at.equals(carrier); at = sheets.get(at).stuckTo()) {
      if (open.contains(at)) {
        return true;
      }
    }
    return false;
  }

  /** The nearest sheet to which both are stuck; null for none. */
  private @Nullable String common(String one, String other) {
    String at = sheets.get(one).stuckTo();
    while (at != null && (at.equals(other) || !isStuckTo(other, at))) {
      at = sheets.get(at).stuckTo();
    }
    return at;
  }

  /** The one by which a sheet is stuck to a carrier, or lies on the page. */
  private Sheet foot(String name, @Nullable String carrier) {
    Sheet at = sheets.get(name);
    while (at.stuckTo() != null && !at.stuckTo().equals(carrier)) {
      at = sheets.get(at.stuckTo());
    }
    return at;
  }

  /**
   * Whether the other is the leaf before, of leaves that are turned one after the other, or lies on
   * that; where something opens, both of them closed.
   */
  private boolean isNextLeaf(String name, String other, @Nullable String carrier, boolean closes) {
    Sheet leaf = foot(name, carrier);
    Sheet before = foot(other, carrier);
    return leaf.edge() == before.edge()
        && leaf.under() == before.under()
        && leadsTo(before, leaf)
        && open.containsAll(List.of(leaf.name(), before.name()))
        && (closes
            || (name.equals(leaf.name()) || !open.contains(name))
                && (other.equals(before.name()) || !open.contains(other)));
  }

  /** Whether a sheet lies on another, by those on which it lies or to which it is stuck. */
  private boolean leadsTo(Sheet from, Sheet to) {
    String at = below(from);
    while (at != null && !at.equals(to.name())) {
      at = below(sheets.get(at));
    }
    return at != null;
  }

  private @Nullable String below(Sheet sheet) {
    if (sheet.on() != null) {
      return sheet.on();
    }
    return sheet.stuckTo() == null || !sheet.under()
        ? sheet.stuckTo()
        : below(sheets.get(sheet.stuckTo()));
  }

  /** Whether all of a group lies over, and under, what has not been moved as it did at rest. */
  private boolean liesAsBefore(List<String> group) {
    for (String each : group) {
      for (String other : pile) {
        String carrier = common(each, other);
        boolean turned = carrier != null && isFaceUp(carrier) != faceUpAtRest.get(carrier);
        boolean over = restPile.indexOf(each) > restPile.indexOf(other) != turned;
        if (!group.contains(other)
            && !isStuckTo(each, other)
            && shareAPlace(each, other)
            && !isMoved(other, carrier)
            && !isMoved(each, carrier)
            && liesOver(each, other) != over) {
          return false;
        }
      }
    }
    return true;
  }

  /** Whether something lies over the hinge of what carries it, which then could not turn. */
  boolean hasOneOverAHinge() {
    return sheets.keySet().stream()
        .anyMatch(
            name ->
                sheets.keySet().stream()
                    .filter(carrier -> !carrier.equals(name) && isStuckTo(name, carrier))
                    .anyMatch(carrier -> liesOverHinge(name, carrier)));
  }

  private boolean liesOverHinge(String name, String carrier) {
    int hinge = lying.get(carrier).hinge();
    return squares(name).stream()
        .anyMatch(
            square ->
                switch (sheets.get(carrier).edge()) {
                  case LEFT -> square.x() < hinge;
                  case RIGHT -> square.x() >= hinge;
                  case TOP -> square.y() < hinge;
                  case BOTTOM -> square.y() >= hinge;
                });
  }

  /** Whether two that share a place at rest do so without anything saying which lies over which. */
  boolean isUndecided() {
    for (String one : sheets.keySet()) {
      for (String other : sheets.keySet()) {
        if (!one.equals(other)
            && shareAPlace(one, other)
            && !isStuckTo(one, other)
            && !isStuckTo(other, one)
            && !isDecided(one, other)) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean isDecided(String one, String other) {
    String carrier = common(one, other);
    Sheet foot = foot(one, carrier);
    Sheet otherFoot = foot(other, carrier);
    Sheet sheet = sheets.get(one);
    Sheet otherSheet = sheets.get(other);
    return isBetween(one, other, carrier)
        || leadsTo(sheet, otherSheet)
        || leadsTo(otherSheet, sheet)
        || leadsTo(foot, otherFoot)
        || leadsTo(otherFoot, foot);
  }
}
