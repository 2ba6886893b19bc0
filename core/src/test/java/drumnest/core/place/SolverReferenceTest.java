package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Placing against a constraint solver of general purpose (CP-SAT of OR-Tools), on seeded random
 * cases that are too large to try everything. The model below says anew which pictures may be where
 * and what follows from that. It takes from the code what {@code PlacingCostTest} checks by hand:
 * what a picture costs in a place, what two neighbours cost, which pictures are of one moment, and
 * which of them want words.
 */
class SolverReferenceTest {

  private static final int PHOTOS = 22;
  private static final int PLACES = 18;

  @BeforeAll
  static void natives() {
    Loader.loadNativeLibraries();
  }

  static IntStream seeds() {
    return IntStream.range(8000, 8010);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void story_order_costs_exactly_what_the_solver_proves(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), PHOTOS, PLACES, seed % 2 == 0, Placing.Order.STORY);
    assertThat(new StoryPlacing().place(problem).cost()).isEqualTo(new Model(problem, true).best());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void free_order_lies_between_what_the_solver_proves_and_its_own_bound(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 9, 8, seed % 2 == 0, Placing.Order.FREE);
    Placing.Arrangement answer = new FreePlacing().place(problem);
    long best = new Model(problem, false).best();
    assertThat(answer.cost()).isGreaterThanOrEqualTo(best);
    assertThat(answer.bound()).isLessThanOrEqualTo(best);
  }

  /** The problem as linear constraints over yes and no. */
  private static final class Model {
    private final Placing.Problem problem;
    private final PlacingCost cost;
    private final CpModel model = new CpModel();
    private final BoolVar[][] at;
    private final LinearExprBuilder sum = LinearExpr.newBuilder();
    private long constant;

    Model(Placing.Problem problem, boolean story) {
      this.problem = problem;
      this.cost = new PlacingCost(problem);
      this.at = new BoolVar[problem.candidates().size()][problem.places().size()];
      for (int photo = 0; photo < at.length; photo++) {
        for (int place = 0; place < at[photo].length; place++) {
          at[photo][place] = model.newBoolVar(photo + "@" + place);
        }
      }
      places();
      moments();
      pages();
      locksAndCosts();
      neighbours();
      freePlaces();
      words();
      if (story) {
        inStoryOrder();
      }
      model.minimize(sum);
    }

    long best() {
      CpSolver solver = new CpSolver();
      solver.getParameters().setNumWorkers(2).setRandomSeed(1);
      assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
      return Math.round(solver.objectiveValue()) + constant;
    }

    private Literal[] column(int place) {
      return IntStream.range(0, at.length).mapToObj(i -> at[i][place]).toArray(Literal[]::new);
    }

    private void places() {
      for (int place = 0; place < problem.places().size(); place++) {
        model.addAtMostOne(column(place));
      }
    }

    private void moments() {
      Map<Integer, List<Integer>> moments = new HashMap<>();
      for (int i = 0; i < at.length; i++) {
        moments.computeIfAbsent(cost.moments().of(i), key -> new java.util.ArrayList<>()).add(i);
      }
      for (List<Integer> moment : moments.values()) {
        long locked = moment.stream().filter(problem.locked()::containsValue).count();
        BoolVar told = model.newBoolVar("told " + moment);
        LinearExprBuilder placed = LinearExpr.newBuilder();
        moment.forEach(i -> List.of(at[i]).forEach(placed::add));
        if (locked > 1) {
          continue;
        }
        model.addEquality(placed, told);
        long left =
            moment.stream().mapToLong(i -> problem.candidates().get(i).wanted()).max().orElse(0)
                * problem.weights().leftOut();
        constant += left;
        sum.addTerm(told, -left);
      }
    }

    private void pages() {
      problem
          .room()
          .forEach(
              (page, room) -> {
                LinearExprBuilder held = LinearExpr.newBuilder();
                long free = tenThousandths(room);
                for (int place = 0; place < problem.places().size(); place++) {
                  if (problem.places().get(place).at().page() == page) {
                    long area = tenThousandths(Area.of(problem.places().get(place).print()));
                    boolean locked = problem.locked().containsKey(place);
                    free -= locked ? area : 0;
                    List.of(locked ? new Literal[0] : column(place))
                        .forEach(each -> held.addTerm(each, area));
                  }
                }
                model.addLessOrEqual(held, Math.max(0, free));
              });
    }

    /** An area in ten thousandths of a square inch, which small whole numbers keep exact. */
    private static long tenThousandths(Area area) {
      return Math.round(10_000 * area.over(Area.of(Size.ofInches(1, 1))));
    }

    private void locksAndCosts() {
      for (int photo = 0; photo < at.length; photo++) {
        for (int place = 0; place < at[photo].length; place++) {
          Integer lock = problem.locked().get(place);
          long own = cost.of(photo, place);
          if (lock != null && lock == photo) {
            model.addEquality(at[photo][place], 1);
            constant += own >= PlacingCost.FORBIDDEN ? PlacingCost.ONE : own;
          } else if (lock != null
              || problem.locked().containsValue(photo)
              || own >= PlacingCost.FORBIDDEN) {
            model.addEquality(at[photo][place], 0);
          } else {
            sum.addTerm(at[photo][place], own);
          }
        }
      }
    }

    private void neighbours() {
      for (int place = 0; place + 1 < problem.places().size(); place++) {
        for (int one = 0; one < at.length; one++) {
          for (int two = 0; two < at.length; two++) {
            long pair = one == two ? 0 : cost.pair(one, two, place);
            if (pair > 0) {
              BoolVar both = model.newBoolVar("both " + one + " " + two + " " + place);
              model.addBoolOr(new Literal[] {at[one][place].not(), at[two][place + 1].not(), both});
              sum.addTerm(both, pair);
            }
          }
        }
      }
    }

    private void freePlaces() {
      for (int place = 0; place + 1 < problem.places().size(); place++) {
        if (cost.scattered(place) > 0) {
          BoolVar apart = model.newBoolVar("scattered " + place);
          for (int sign : new int[] {1, -1}) {
            LinearExprBuilder difference = LinearExpr.newBuilder();
            List.of(column(place)).forEach(each -> difference.addTerm(each, sign));
            List.of(column(place + 1)).forEach(each -> difference.addTerm(each, -sign));
            model.addGreaterOrEqual(apart, difference);
          }
          sum.addTerm(apart, problem.weights().scattered());
        }
      }
    }

    private void words() {
      for (int photo = 0; photo < at.length; photo++) {
        for (int place = 0; place < at[photo].length; place++) {
          if (problem.locked().containsKey(place) || !cost.wantsWords(photo, place)) {
            continue;
          }
          BoolVar apart = model.newBoolVar("apart " + photo + " " + place);
          LinearExprBuilder free = LinearExpr.newBuilder();
          if (place > 0 && cost.touchesNext(place - 1)) {
            free.add(1);
            List.of(column(place - 1)).forEach(each -> free.addTerm(each, -1));
          }
          if (cost.touchesNext(place)) {
            free.add(1);
            List.of(column(place + 1)).forEach(each -> free.addTerm(each, -1));
          }
          free.add(apart);
          model.addGreaterOrEqual(free, at[photo][place]);
          sum.addTerm(apart, problem.weights().captionApart());
        }
      }
    }

    private void inStoryOrder() {
      for (int early = 0; early < at.length; early++) {
        for (int late = 0; late < at.length; late++) {
          boolean free =
              !problem.locked().containsValue(early) && !problem.locked().containsValue(late);
          if (free && cost.moments().of(early) < cost.moments().of(late)) {
            for (int split = 0; split + 1 < problem.places().size(); split++) {
              LinearExprBuilder crossed = LinearExpr.newBuilder();
              for (int place = 0; place < problem.places().size(); place++) {
                crossed.add(place <= split ? at[late][place] : at[early][place]);
              }
              model.addLessOrEqual(crossed, 1);
            }
          }
        }
      }
    }
  }
}
