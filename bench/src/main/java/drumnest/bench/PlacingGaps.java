package drumnest.bench;

import drumnest.core.place.LeafPlanning;
import drumnest.core.place.Placing;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.place.Weights;
import drumnest.core.stock.HouseRules;
import java.util.Map;
import java.util.Random;
import java.util.function.IntFunction;

/**
 * How far answers are from their proven bounds at a size that no reference can solve: 300 photos in
 * 400 places, 200 photos in 8 chapters for 10 kinds of leaves. Prints a table.
 */
public final class PlacingGaps {

  private static final int SEEDS = 10;

  private PlacingGaps() {}

  private record Found(long cost, long bound) {}

  public static void main(String[] args) {
    System.out.println("| what | cases | proven best | gap in the mean | largest gap |");
    System.out.println("|---|---|---|---|---|");
    for (Placing.Order order : Placing.Order.values()) {
      row("300 in 400, " + order, seed -> placed(order, seed));
    }
    row("leaves, as many as needed", seed -> leaves(null, seed));
    row("leaves, six kinds owned 3 times", seed -> leaves(3, seed));
    row("leaves, six kinds owned once", seed -> leaves(1, seed));
  }

  private static Found placed(Placing.Order order, int seed) {
    HouseRules rules = HouseRules.defaults();
    Placing.Arrangement found =
        Placing.by(order)
            .place(
                new Placing.Problem(
                    PlacingCase.photos(300, new Random(seed)),
                    PlacingCase.places(400, new Random(seed + 100)),
                    Map.of(),
                    order,
                    Weights.of(rules),
                    rules));
    return new Found(found.cost(), found.bound());
  }

  private static Found leaves(Integer owned, int seed) {
    LeafPlanning.Answer answer =
        LeafPlanning.plan(
            PlacingCase.request(HouseRules.defaults(), owned, new Random(seed)),
            ProgressMonitor.NONE);
    return new Found(answer.plans().get(0).cost(), answer.bound());
  }

  private static void row(String what, IntFunction<Found> run) {
    int proven = 0;
    double sum = 0;
    double most = 0;
    for (int seed = 0; seed < SEEDS; seed++) {
      Found found = run.apply(seed);
      double gap = 100.0 * (found.cost() - found.bound()) / found.cost();
      proven += found.cost() <= found.bound() ? 1 : 0;
      sum += gap;
      most = Math.max(most, gap);
    }
    System.out.printf(
        "| %s | %d | %d | %.1f %% | %.1f %% |%n", what, SEEDS, proven, sum / SEEDS, most);
  }
}
