package drumnest.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import drumnest.core.photo.Focus;
import drumnest.core.photo.Pixels;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PageRowsTest {

  static IntStream seeds() {
    return IntStream.range(0, 300);
  }

  /** Lookalikes, versions of one photo, and photos with words. */
  private static Candidate photo(int number, Random random) {
    boolean wide = random.nextBoolean();
    return new Candidate(
        "p" + number,
        wide ? new Pixels(6000, 4000) : new Pixels(4000, 6000),
        null,
        Focus.NONE,
        1,
        random.nextBoolean() ? "alike" + number / 3 : null,
        random.nextInt(3) == 0 ? "version" + number / 2 : null,
        null,
        new Candidate.PlacementHints(false, false, false, random.nextInt(3) == 0),
        null);
  }

  /** Rows of one, two, three or four places; most pages have rows that are alike. */
  private static List<Place> page(Random random) {
    List<Place> places = new ArrayList<>();
    int across = 1 + random.nextInt(4);
    for (int row = random.nextInt(4); row >= 0; row--) {
      int inRow = random.nextInt(4) == 0 ? 1 + random.nextInt(4) : across;
      for (int i = 0; i < inRow; i++) {
        Size print = random.nextInt(9) > 0 ? Size.ofInches(6, 4) : Size.ofInches(4, 6);
        Place.At at = new Place.At(1, 1, 0, false, i + 1 < inRow, false);
        places.add(new Place("s" + places.size(), print, false, false, at));
      }
    }
    return places;
  }

  private static Placing.Problem problem(Random random) {
    List<Candidate> photos =
        IntStream.range(0, random.nextInt(14)).mapToObj(i -> photo(i, random)).toList();
    return new Placing.Problem(
        photos,
        page(random),
        Map.of(),
        Map.of(),
        Map.of(),
        Placing.Order.STORY,
        PlacingCases.WEIGHTS,
        PlacingCases.RULES);
  }

  /** The programme that knows nothing of rows, with what is left out as dear as can be. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void a_page_costs_what_it_does_place_by_place(int seed) {
    Random random = new Random(seed);
    Placing.Problem problem = problem(random);
    PlacingCost cost = new PlacingCost(problem);
    List<List<Integer>> open = cost.moments().open(List.of());
    long[] saved =
        random
            .longs(1, 0, PlacingCost.ONE)
            .flatMap(each -> problem.places().stream().mapToLong(place -> each))
            .toArray();
    PageRows page = new PageRows.Rows(problem, cost, open).page(0, saved);
    for (int from = 0; from <= open.size(); from++) {
      int moment = from;
      page.rows().forEach(row -> row.weigh(moment));
    }
    for (int from = 0; from <= open.size(); from++) {
      int most = Math.min(problem.places().size(), open.size() - from);
      long[] placeByPlace =
          StoryRun.ofPage(
                  problem,
                  cost,
                  open.subList(from, from + most),
                  0,
                  saved,
                  moment -> PlacingCost.FORBIDDEN,
                  0,
                  most,
                  most)
              .prefixCosts();
      assertThat(page.prefixCosts(from, most)).as("from %d", from).isEqualTo(placeByPlace);
    }
  }
}
