package drumnest.core.place;

import drumnest.core.fit.CropWindow;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Plans of leaves that are each best at something a maker cares about: few leaves, little cropped
 * away, as much air as was asked for. Each is the optimum of {@link LeafPlanning} with the house
 * rules leaned that way; none that is worse than another in everything is among them. Source:
 * common practice, no source.
 */
public final class LeafChoices {

  /** The aims that a plan may be best at. */
  public enum Aim {
    FEWEST_LEAVES,
    LEAST_CROPPED,
    AIR_AS_ASKED
  }

  /**
   * One of the plans.
   *
   * @param aims what it is best at
   * @param proven whether no plan is better by the rules it was found with
   */
  public record Choice(Set<Aim> aims, LeafPlanning.Plan plan, boolean proven) {}

  /**
   * The measures of a plan.
   *
   * @param left how many moments find no place
   * @param leaves how many leaves it has
   * @param paper the area of its places
   * @param cropped how many pictures are cropped away, taken together
   * @param inSleeves how many pictures go into sleeves
   * @param off how far the share of that area which holds pictures is from what was asked
   */
  record Measures(int left, int leaves, int inSleeves, double paper, double cropped, double off) {

    /** Whether another plan is at least as good in everything, and better in something. */
    boolean isOutdoneBy(Measures other) {
      boolean asGood =
          other.left <= left
              && other.leaves <= leaves
              && other.inSleeves <= inSleeves
              && other.paper <= paper
              && other.cropped <= cropped
              && other.off <= off;
      return asGood && !other.equals(this);
    }
  }

  private LeafChoices() {}

  /** The choice where nothing is left to be placed on new leaves. */
  public static Choice noLeaves() {
    return new Choice(EnumSet.allOf(Aim.class), new LeafPlanning.Plan(List.of(), 0), true);
  }

  /** A plan, and the aim it was found for. */
  private record Found(Aim aim, LeafPlanning.Answer answer, Measures measures) {}

  /** The plans, that with the fewest leaves first. Where nothing can be planned there is none. */
  public static List<Choice> of(LeafPlanning.Request request, ProgressMonitor monitor) {
    List<Found> found = new ArrayList<>();
    for (Aim aim : Aim.values()) {
      LeafPlanning.Answer answer =
          LeafPlanning.plan(leaned(request, aim), monitor.part(aim.ordinal(), Aim.values().length));
      if (!answer.plans().isEmpty()) {
        found.add(new Found(aim, answer, measures(answer.plans().get(0), request)));
      }
    }
    Map<Found, Set<Aim>> best = new LinkedHashMap<>();
    for (Aim aim : Aim.values()) {
      found.stream()
          .min(
              Comparator.comparingInt((Found each) -> each.measures().left())
                  .thenComparing(by(aim)))
          .ifPresent(each -> best.computeIfAbsent(each, key -> EnumSet.noneOf(Aim.class)).add(aim));
    }
    return best.entrySet().stream()
        .filter(
            each ->
                best.keySet().stream()
                    .map(Found::measures)
                    .noneMatch(each.getKey().measures()::isOutdoneBy))
        .map(each -> choice(each.getKey(), each.getValue(), found))
        .toList();
  }

  /** Several aims may have found what is the same in everything; one that proves it is enough. */
  private static Choice choice(Found best, Set<Aim> aims, List<Found> found) {
    boolean proven =
        found.stream()
            .filter(each -> each.measures().equals(best.measures()))
            .anyMatch(each -> aims.contains(each.aim()) && each.answer().isBest());
    return new Choice(aims, best.answer().plans().get(0), proven);
  }

  /** Puts first what is best at an aim; of what is as good, what is better otherwise. */
  private static Comparator<Found> by(Aim aim) {
    Comparator<Found> leaves = Comparator.comparingInt(each -> each.measures().leaves());
    Comparator<Found> paper = Comparator.comparingDouble(each -> each.measures().paper());
    Comparator<Found> cropped = Comparator.comparingDouble(each -> each.measures().cropped());
    Comparator<Found> off = Comparator.comparingDouble(each -> each.measures().off());
    Comparator<Found> sleeves = Comparator.comparingInt(each -> each.measures().inSleeves());
    return switch (aim) {
      case FEWEST_LEAVES ->
          leaves.thenComparing(sleeves).thenComparing(paper).thenComparing(cropped);
      case LEAST_CROPPED -> cropped.thenComparing(leaves).thenComparing(sleeves);
      case AIR_AS_ASKED -> off.thenComparing(sleeves).thenComparing(cropped);
    };
  }

  private static LeafPlanning.Request leaned(LeafPlanning.Request request, Aim aim) {
    // No aim is worth leaving a photo out for.
    HouseRules all =
        request.rules().with(HouseRule.LEFT_OUT_WEIGHT, HouseRule.LEFT_OUT_WEIGHT.most());
    HouseRules rules =
        switch (aim) {
          case FEWEST_LEAVES ->
              all.with(HouseRule.LEAF_WEIGHT, HouseRule.LEAF_WEIGHT.most())
                  .with(HouseRule.CHAPTER_WITHIN_WEIGHT, 1)
                  .with(HouseRule.CROP_WEIGHT, 1 + all.number(HouseRule.CROP_WEIGHT) / 10);
          // Nothing is worth a sleeve but a photo that finds no place else.
          case LEAST_CROPPED ->
              all.with(HouseRule.LEAF_WEIGHT, HouseRule.LEAF_WEIGHT.least())
                  .with(HouseRule.SLEEVE_WEIGHT, HouseRule.SLEEVE_WEIGHT.most());
          case AIR_AS_ASKED -> all.with(HouseRule.EMPTY_WEIGHT, HouseRule.EMPTY_WEIGHT.most());
        };
    return request.by(rules);
  }

  static Measures measures(LeafPlanning.Plan plan, LeafPlanning.Request request) {
    List<Candidate> candidates = request.chapters().stream().flatMap(List::stream).toList();
    Sum sum = new Sum(candidates, request);
    for (LeafPlanning.PlannedLeaf leaf : plan.leaves()) {
      sum.add(leaf.kind().front(), leaf.front());
      sum.add(leaf.kind().back(), leaf.back());
      sum.addSleeves(leaf.kind().front(), leaf.overFront());
      sum.addSleeves(leaf.kind().back(), leaf.overBack());
    }
    int moments = Moments.of(candidates).count();
    return new Measures(
        moments - plan.pictures(),
        plan.leaves().size(),
        plan.inSleeves(),
        sum.paper,
        sum.cropped,
        sum.paper == 0 ? 0 : Math.abs(sum.filled / sum.paper - sum.asked));
  }

  private static final class Sum {
    private final List<Candidate> candidates;
    private final LeafPlanning.Sleeves sleeves;
    private final HouseRules rules;
    private final double asked;
    private double paper;
    private double filled;
    private double cropped;

    Sum(List<Candidate> candidates, LeafPlanning.Request request) {
      this.candidates = candidates;
      this.sleeves = request.sleeves();
      this.rules = request.rules();
      this.asked = request.breathing().share(rules) / 100.0;
    }

    void add(List<Place> places, List<Integer> photoAt) {
      for (int i = 0; i < photoAt.size(); i++) {
        double area = places.get(i).area().squareNanometres();
        paper += area;
        if (photoAt.get(i) >= 0) {
          filled += area;
          cropped += cropped(candidates.get(photoAt.get(i)), places.get(i));
        }
      }
    }

    /** Each in a sleeve over the place that crops it the least. */
    void addSleeves(List<Place> places, List<Integer> photos) {
      for (int photo : photos) {
        cropped +=
            places.stream()
                .filter(place -> sleeves.goOver(place.print()))
                .mapToDouble(place -> cropped(candidates.get(photo), place))
                .min()
                .orElse(0);
      }
    }

    private double cropped(Candidate photo, Place place) {
      return photo.onTable() == null
          ? PrintCost.window(photo, place, rules)
              .map(CropWindow::keptShare)
              .map(share -> 1 - share)
              .orElse(0.0)
          : 0;
    }
  }
}
