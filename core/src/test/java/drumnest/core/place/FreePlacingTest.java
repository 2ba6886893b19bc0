package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRules;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FreePlacingTest {

  private static final Placing FREE = new FreePlacing();

  static IntStream seeds() {
    return IntStream.range(500, 640);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void without_lookalikes_it_is_as_cheap_as_the_best_of_all(int seed) {
    Placing.Problem problem = withoutLookalikes(PlacingCases.random(new Random(seed), 5, 4, false));
    Placing.Arrangement answer = FREE.place(problem);
    assertThat(answer.cost()).isEqualTo(PlacingCases.cheapest(problem, false));
    assertThat(PlacingCases.cost(problem, answer.placeOf())).isEqualTo(answer.cost());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void with_lookalikes_it_costs_at_most_what_the_optimum_without_them_does(int seed) {
    Placing.Problem problem = PlacingCases.random(new Random(seed), 6, 6, false);
    Placing.Arrangement blind = FREE.place(withoutLookalikes(problem));
    Placing.Arrangement answer = FREE.place(problem);
    assertThat(answer.cost()).isEqualTo(PlacingCases.cost(problem, answer.placeOf()));
    assertThat(answer.cost()).isLessThanOrEqualTo(PlacingCases.cost(problem, blind.placeOf()));
  }

  /** JGraphT's Kuhn–Munkres matching as an independent reference for larger cases. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("largeSeeds")
  void agrees_with_an_independent_assignment_solver(int seed) {
    Placing.Problem problem =
        withoutLookalikes(PlacingCases.random(new Random(seed), 40, 40, false));
    int photos = problem.candidates().size();
    int places = problem.places().size();
    SimpleWeightedGraph<Integer, DefaultWeightedEdge> graph =
        new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
    Set<Integer> rows = new HashSet<>();
    Set<Integer> columns = new HashSet<>();
    int side = photos + places;
    for (int i = 0; i < side; i++) {
      rows.add(i);
      columns.add(side + i);
      graph.addVertex(i);
      graph.addVertex(side + i);
    }
    for (int row = 0; row < side; row++) {
      for (int column = 0; column < side; column++) {
        long cost = 0;
        if (row < photos) {
          cost =
              column < places
                  ? PlacingCost.of(
                      problem.candidates().get(row), problem.places().get(column), problem.rules())
                  : PlacingCost.LEFT_OUT;
        }
        DefaultWeightedEdge edge = graph.addEdge(row, side + column);
        graph.setEdgeWeight(edge, Math.min(100, (double) cost / PlacingCost.ONE));
      }
    }
    double reference =
        side == 0
            ? 0
            : new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, rows, columns)
                .getMatching()
                .getWeight();
    assertThat((double) FREE.place(problem).cost() / PlacingCost.ONE)
        .isCloseTo(reference, org.assertj.core.api.Assertions.within(1e-6));
  }

  static IntStream largeSeeds() {
    return IntStream.range(700, 708);
  }

  private static Placing.Problem withoutLookalikes(Placing.Problem problem) {
    List<Candidate> plain =
        problem.candidates().stream()
            .map(
                photo ->
                    new Candidate(
                        photo.id(),
                        photo.pixels(),
                        photo.keep(),
                        photo.hero(),
                        null,
                        photo.onTable()))
            .toList();
    return new Placing.Problem(plain, problem.places(), Map.of(), HouseRules.defaults());
  }
}
