package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.Focus;
import java.util.HashMap;
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
    return IntStream.range(500, 760);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void without_what_neighbours_cost_it_is_as_cheap_as_the_best_of_all(int seed) {
    Placing.Problem problem =
        ofOneSizeWhereLimited(
            aloneEach(
                PlacingCases.random(new Random(seed), 5, 5, seed % 2 == 0, Placing.Order.FREE)));
    Placing.Arrangement answer = FREE.place(problem);
    assertThat(answer.cost()).isEqualTo(PlacingCases.cheapest(problem, false));
    assertThat(answer.isBest()).isTrue();
    assertThat(PlacingCases.cost(problem, answer.placeOf())).isEqualTo(answer.cost());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void with_neighbours_it_lies_between_its_bound_and_the_answer_that_is_blind_to_them(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 5, 5, seed % 2 == 0, Placing.Order.FREE);
    Placing.Arrangement blind = FREE.place(aloneEach(problem));
    Placing.Arrangement answer = FREE.place(problem);
    long best = PlacingCases.cheapest(problem, false);
    assertThat(answer.cost()).isEqualTo(PlacingCases.cost(problem, answer.placeOf()));
    assertThat(answer.cost()).isLessThanOrEqualTo(PlacingCases.cost(problem, blind.placeOf()));
    assertThat(answer.cost()).isGreaterThanOrEqualTo(best);
    assertThat(answer.bound()).isLessThanOrEqualTo(best);
    assertThat(PlacingCases.pagesHold(problem, answer.placeOf())).isTrue();
    problem
        .locked()
        .forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
  }

  /** However soon it is stopped, what it has is an arrangement, and its bound is one. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void stopped_it_answers_with_the_best_so_far(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 5, 5, seed % 2 == 0, Placing.Order.FREE);
    int[] left = {seed % 7};
    Placing.Arrangement answer = FREE.place(problem, (done, of) -> left[0]-- > 0);
    assertThat(answer.cost()).isEqualTo(PlacingCases.cost(problem, answer.placeOf()));
    assertThat(answer.bound()).isLessThanOrEqualTo(PlacingCases.cheapest(problem, false));
    assertThat(PlacingCases.pagesHold(problem, answer.placeOf())).isTrue();
    problem
        .locked()
        .forEach((place, photo) -> assertThat(answer.placeOf()[photo]).isEqualTo(place));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void how_far_it_is_never_goes_back(int seed) {
    Placing.Problem problem =
        PlacingCases.random(new Random(seed), 5, 5, seed % 2 == 0, Placing.Order.FREE);
    double[] far = {0};
    FREE.place(
        problem,
        (done, of) -> {
          double now = (double) done / of;
          assertThat(now).isBetween(far[0], 1.0);
          far[0] = now;
          return true;
        });
  }

  /** JGraphT's Kuhn–Munkres matching as an independent reference for larger cases. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("largeSeeds")
  void agrees_with_an_independent_assignment_solver(int seed) {
    Placing.Problem problem =
        withoutLookalikes(PlacingCases.random(new Random(seed), 40, 40, false, Placing.Order.FREE));
    PlacingCost costs = new PlacingCost(problem);
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
          cost = column < places ? costs.of(row, column) : Weights.OF_THE_SUM.leftOut();
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

  /** The same with all places of a page that may not be filled as large as its first. */
  private static Placing.Problem ofOneSizeWhereLimited(Placing.Problem problem) {
    Map<Integer, Place> first = new HashMap<>();
    problem.places().forEach(place -> first.putIfAbsent(place.at().page(), place));
    return problem.withPlaces(
        problem.places().stream()
            .map(
                place ->
                    problem.room().containsKey(place.at().page())
                        ? new Place(
                            place.id(),
                            first.get(place.at().page()).print(),
                            place.hidden(),
                            place.mayTurn(),
                            place.at())
                        : place)
            .toList());
  }

  static IntStream largeSeeds() {
    return IntStream.range(700, 708);
  }

  /** The same without what neighbours cost each other. */
  private static Placing.Problem aloneEach(Placing.Problem problem) {
    List<Candidate> plain =
        problem.candidates().stream()
            .map(
                photo ->
                    new Candidate(
                        photo.id(),
                        photo.pixels(),
                        photo.keep(),
                        Focus.NONE,
                        photo.wanted(),
                        null,
                        photo.alternates(),
                        photo.onTable(),
                        new Candidate.PlacementHints(
                            photo.hints().hero(),
                            photo.hints().flap(),
                            photo.hints().secret(),
                            false),
                        photo.look()))
            .toList();
    List<Place> places =
        IntStream.range(0, problem.places().size())
            .mapToObj(
                i -> {
                  Place place = problem.places().get(i);
                  Place.At at = place.at();
                  return new Place(
                      place.id(),
                      place.print(),
                      place.hidden(),
                      place.mayTurn(),
                      new Place.At(i, at.page(), at.low(), at.cover(), false, false));
                })
            .toList();
    return new Placing.Problem(
        plain,
        places,
        problem.locked(),
        problem.closed(),
        problem.room(),
        problem.order(),
        problem.weights(),
        problem.rules());
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
    return PlacingCases.problem(plain, problem.places(), Map.of());
  }
}
