package drumnest.core.mover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Turn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class FlapsTest {

  private static final Length HALF = Length.parse("1/2");

  private static Box box(double x, double y, double w, double h) {
    return new Box(inches(x), inches(y), inches(w), inches(h));
  }

  private static Length inches(double inches) {
    return Length.ofNanometres(Math.round(inches * Length.NANOMETRES_PER_INCH));
  }

  private static Flap flap(String id, Box closed, Edge hinge) {
    return Flap.sleeve(id, closed, hinge, new Attachment.OnProtector(HALF), Support.PAGE);
  }

  private static Flap on(Flap flap, String other) {
    return flap.lyingOn(other);
  }

  private static Flap fixed(Flap flap, String other) {
    return flap.stuckTo(other);
  }

  private static Flap onPage(Flap flap) {
    return Flap.sleeve(
        flap.id(),
        flap.closed(),
        flap.hinge(),
        new Attachment.ThroughSlit(flap.strip()),
        Support.PAGE);
  }

  private static List<Clash> clashes(Flap... flaps) {
    return new Flaps(List.of(flaps)).clashes();
  }

  @Test
  void a_4_by_6_hinged_at_the_top_opens_over_it_and_its_inside_stands_on_its_head() {
    Flap flap = flap("a", box(3, 4, 4, 6), Edge.TOP);
    assertThat(flap.open()).isEqualTo(box(3, -2, 4, 6));
    assertThat(flap.insideTurn()).isEqualTo(Turn.HALF);
    assertThat(flap.stripArea()).isEqualTo(box(3, 3.5, 4, 0.5));
    assertThat(flap.slit()).isNull();
  }

  @Test
  void at_the_side_it_opens_like_a_page() {
    Flap flap = flap("a", box(3, 4, 4, 6), Edge.RIGHT);
    assertThat(flap.open()).isEqualTo(box(7, 4, 4, 6));
    assertThat(flap.insideTurn()).isEqualTo(Turn.NONE);
    assertThat(flap.stripArea()).isEqualTo(box(7, 4, 0.5, 6));
  }

  @Test
  void on_the_page_its_strip_lies_inside_the_hinge_and_its_slit_runs_along_it() {
    Flap flap = onPage(flap("a", box(3, 4, 4, 6), Edge.LEFT));
    assertThat(flap.stripArea()).isEqualTo(box(3, 4, 0.5, 6));
    assertThat(flap.slit()).isEqualTo(new Segment(false, inches(3), inches(4), inches(10)));
    Flap bottom = onPage(flap("a", box(3, 4, 4, 6), Edge.BOTTOM));
    assertThat(bottom.slit()).isEqualTo(new Segment(true, inches(10), inches(3), inches(7)));
  }

  @Test
  void a_flap_on_the_page_has_room_for_its_strip_or_says_how_much_it_has() {
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> onPage(flap("a", box(0, 0, 4, 0.25), Edge.TOP)))
        .matches(e -> e.field().equals("strip") && e.nearest().equals(inches(0.25)));
  }

  @ParameterizedTest
  @EnumSource(Edge.class)
  void mirrored_twice_it_is_itself(Edge hinge) {
    Box closed = box(1.5, 2, 3, 4);
    Box other = box(-2, 7, 1, 0.5);
    assertThat(hinge.mirrored(hinge.mirrored(other, closed), closed)).isEqualTo(other);
    // The edge itself stays where it is.
    assertThat(hinge.opposite().of(hinge.mirrored(closed, closed))).isEqualTo(hinge.of(closed));
  }

  @Test
  void side_by_side_nothing_is_in_the_way() {
    assertThat(clashes(flap("a", box(0, 4, 4, 4), Edge.TOP), flap("b", box(4, 4, 4, 4), Edge.TOP)))
        .isEmpty();
  }

  @Test
  void a_strip_on_another_sticks_it_for_ever_and_under_it_does_not() {
    Flap a = flap("a", box(0, 4, 4, 4), Edge.TOP);
    Flap b = flap("b", box(0, 0, 4, 4), Edge.LEFT);
    assertThat(clashes(a, b)).contains(new Clash(ClashKind.STRIP_ON_MOVING, "a", "b"));
    assertThat(clashes(a, on(b, "a")))
        .noneMatch(clash -> clash.kind() == ClashKind.STRIP_ON_MOVING);
    assertThat(clashes(on(a, "b"), b))
        .contains(new Clash(ClashKind.STRIP_ON_MOVING, "a", "b"))
        .contains(new Clash(ClashKind.ON_TOP, "a", "b"));
    assertThat(clashes(fixed(a, "b"), b)).isEmpty();
    assertThat(clashes(onPage(a), b)).noneMatch(clash -> clash.kind() == ClashKind.STRIP_ON_MOVING);
  }

  @Test
  void two_in_one_place_need_to_be_told_which_lies_above() {
    Flap a = flap("a", box(0, 0, 4, 4), Edge.LEFT);
    Flap b = flap("b", box(2, 2, 4, 4), Edge.RIGHT);
    assertThat(clashes(a, b)).contains(new Clash(ClashKind.CLOSED_OVERLAP, "a", "b"));
    assertThat(clashes(a, on(b, "a"))).noneMatch(clash -> clash.kind() == ClashKind.CLOSED_OVERLAP);
    Flap c = flap("c", box(1, 1, 1, 1), Edge.TOP);
    assertThat(clashes(a, on(b, "a"), on(c, "b")))
        .noneMatch(clash -> clash.kind() == ClashKind.CLOSED_OVERLAP)
        .doesNotContain(new Clash(ClashKind.ON_TOP, "c", "a"));
  }

  @Test
  void what_opens_over_another_makes_it_wait() {
    Flap a = flap("a", box(0, 4, 4, 4), Edge.TOP);
    Flap b = flap("b", box(0, 1, 4, 2), Edge.LEFT);
    assertThat(clashes(a, b)).containsExactly(new Clash(ClashKind.COVERS_WHEN_OPEN, "a", "b"));
    Flap c = flap("c", box(0, -4, 4, 4), Edge.BOTTOM);
    assertThat(clashes(a, c))
        .contains(new Clash(ClashKind.OPEN_OVERLAP, "a", "c"))
        .allMatch(clash -> clash.severity() == Clash.Severity.ORDER);
  }

  @Test
  void one_that_is_fixed_to_another_is_carried_by_it() {
    Flap below = flap("a", box(0, 0, 3, 4), Edge.LEFT);
    Flap above = fixed(flap("b", box(0, 0, 3, 4), Edge.RIGHT), "a");
    Flap top = fixed(flap("c", box(0, 0, 3, 4), Edge.LEFT), "b");
    Flaps chain = new Flaps(List.of(below, above, top));
    assertThat(chain.carried(below)).isEmpty();
    assertThat(chain.carried(above)).contains(box(-3, 0, 3, 4));
    assertThat(chain.carriedOpen(above)).contains(box(-6, 0, 3, 4));
    // Mirrored at 3 first, then at 0.
    assertThat(chain.carried(top)).contains(box(-6, 0, 3, 4));
    assertThat(chain.carriedOpen(top)).contains(box(-9, 0, 3, 4));
    assertThat(chain.clashes()).isEmpty();
  }

  @Test
  void what_lies_on_nothing_there_is_or_on_itself_is_refused() {
    Flap a = flap("a", box(0, 0, 4, 4), Edge.LEFT);
    Flap b = flap("b", box(0, 0, 4, 4), Edge.LEFT);
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> clashes(on(a, "z")))
        .matches(e -> e.mover().equals("a") && e.field().equals("on"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> clashes(on(a, "a")))
        .matches(e -> e.field().equals("on"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> clashes(on(a, "b"), fixed(b, "a")));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> Support.of("a", "b", false))
        .matches(e -> e.field().equals("fixedTo"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> Support.of(null, null, true))
        .matches(e -> e.field().equals("fixedTo"));
    assertThatExceptionOfType(MoverProblemException.class)
        .isThrownBy(() -> clashes(a, on(b, "c"), on(flap("c", a.closed(), Edge.TOP), "b")));
  }

  /** A spread of flaps on a grid of squares of an inch; their strips are a square wide. */
  private record Case(int seed, List<Flap> flaps) {
    @Override
    public String toString() {
      return "seed " + seed;
    }
  }

  static List<Case> cases() {
    return IntStream.range(0, 400).mapToObj(FlapsTest::random).toList();
  }

  /** The same spreads for others. */
  static List<List<Flap>> spreads() {
    return cases().stream().map(Case::flaps).toList();
  }

  private static Case random(int seed) {
    Random random = new Random(seed);
    List<Flap> flaps = new ArrayList<>();
    for (int i = 0; i < 2 + random.nextInt(5); i++) {
      Box closed =
          box(random.nextInt(10), random.nextInt(10), 1 + random.nextInt(4), 1 + random.nextInt(4));
      // What lies on another comes after it, so that there are no rings.
      String below = i > 0 && random.nextBoolean() ? "f" + random.nextInt(i) : null;
      boolean stuck = random.nextBoolean();
      flaps.add(
          Flap.sleeve(
              "f" + i,
              closed,
              Edge.values()[random.nextInt(4)],
              random.nextInt(3) == 0
                  ? new Attachment.ThroughSlit(inches(1))
                  : new Attachment.OnProtector(inches(1)),
              Support.of(stuck ? null : below, stuck ? below : null, false)));
    }
    return new Case(seed, flaps);
  }

  /** The squares of the grid that a flap takes, closed. */
  private static Set<List<Integer>> squares(Flap flap) {
    Set<List<Integer>> squares = new HashSet<>();
    for (int x = whole(flap.closed().x()); x < whole(flap.closed().right()); x++) {
      for (int y = whole(flap.closed().y()); y < whole(flap.closed().bottom()); y++) {
        squares.add(List.of(x, y));
      }
    }
    return squares;
  }

  private static int whole(Length length) {
    return length.toInches().intValueExact();
  }

  /** Every square turned over the hinge by itself. */
  private static Set<List<Integer>> turnedOver(Set<List<Integer>> squares, Flap flap) {
    Set<List<Integer>> turned = new HashSet<>();
    for (List<Integer> square : squares) {
      int x = square.get(0);
      int y = square.get(1);
      turned.add(
          switch (flap.hinge()) {
            case LEFT -> List.of(2 * whole(flap.closed().x()) - 1 - x, y);
            case RIGHT -> List.of(2 * whole(flap.closed().right()) - 1 - x, y);
            case TOP -> List.of(x, 2 * whole(flap.closed().y()) - 1 - y);
            case BOTTOM -> List.of(x, 2 * whole(flap.closed().bottom()) - 1 - y);
          });
    }
    return turned;
  }

  /** The squares just beyond the hinge. */
  private static Set<List<Integer>> strip(Flap flap) {
    Set<List<Integer>> strip = new HashSet<>();
    for (List<Integer> square : turnedOver(squares(flap), flap)) {
      int x = square.get(0);
      int y = square.get(1);
      boolean touches =
          switch (flap.hinge()) {
            case LEFT -> x == whole(flap.closed().x()) - 1;
            case RIGHT -> x == whole(flap.closed().right());
            case TOP -> y == whole(flap.closed().y()) - 1;
            case BOTTOM -> y == whole(flap.closed().bottom());
          };
      if (touches) {
        strip.add(square);
      }
    }
    return strip;
  }

  private static boolean share(Set<List<Integer>> one, Set<List<Integer>> other) {
    return one.stream().anyMatch(other::contains);
  }

  /** Who lies on whom in the end, by closing the direct relation over all in between. */
  private static boolean[][] through(List<Flap> flaps, boolean stuckOnly) {
    int n = flaps.size();
    boolean[][] through = new boolean[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        String id = flaps.get(j).id();
        through[i][j] =
            id.equals(flaps.get(i).fixedTo()) || !stuckOnly && id.equals(flaps.get(i).on());
      }
    }
    for (int k = 0; k < n; k++) {
      for (int i = 0; i < n; i++) {
        for (int j = 0; j < n; j++) {
          through[i][j] |= through[i][k] && through[k][j];
        }
      }
    }
    return through;
  }

  private static Set<Clash> bySquares(List<Flap> flaps) {
    boolean[][] lies = through(flaps, false);
    boolean[][] stuck = through(flaps, true);
    Set<Clash> clashes = new HashSet<>();
    for (int i = 0; i < flaps.size(); i++) {
      for (int j = 0; j < flaps.size(); j++) {
        Flap a = flaps.get(i);
        Flap b = flaps.get(j);
        if (i == j) {
          continue;
        }
        Set<List<Integer>> open = turnedOver(squares(a), a);
        if (a.isOnProtector() && share(strip(a), squares(b)) && !stuck[i][j] && !lies[j][i]) {
          clashes.add(new Clash(ClashKind.STRIP_ON_MOVING, a.id(), b.id()));
        }
        if (b.id().equals(a.on()) && !b.id().equals(a.fixedTo())) {
          clashes.add(new Clash(ClashKind.ON_TOP, a.id(), b.id()));
        }
        if (i < j && share(squares(a), squares(b)) && !lies[i][j] && !lies[j][i]) {
          clashes.add(new Clash(ClashKind.CLOSED_OVERLAP, a.id(), b.id()));
        }
        if (!stuck[i][j] && !stuck[j][i]) {
          if (share(open, squares(b))) {
            clashes.add(new Clash(ClashKind.COVERS_WHEN_OPEN, a.id(), b.id()));
          }
          if (i < j && share(open, turnedOver(squares(b), b))) {
            clashes.add(new Clash(ClashKind.OPEN_OVERLAP, a.id(), b.id()));
          }
        }
      }
    }
    return clashes;
  }

  @ParameterizedTest
  @MethodSource("cases")
  void what_is_found_is_what_the_squares_of_a_grid_show(Case one) {
    assertThat(new Flaps(one.flaps()).clashes())
        .doesNotHaveDuplicates()
        .containsExactlyInAnyOrderElementsOf(bySquares(one.flaps()));
  }

  @Test
  void the_cases_hold_clashes_of_every_kind() {
    // What never opens is found by trying, not by where two lie.
    assertThat(cases().stream().flatMap(one -> bySquares(one.flaps()).stream()).map(Clash::kind))
        .containsAll(EnumSet.complementOf(EnumSet.of(ClashKind.NEVER_OPENS)));
  }
}
