package drumnest.core.place;

import drumnest.core.fit.CropWindow;
import drumnest.core.measure.Size;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Plans of leaves that are each best at something a maker cares about: little paper, little cropped
 * away, much air. Each is the optimum of {@link LeafPlanning} with the house rules leaned that way;
 * none that is worse than another in everything is among them. Source: common practice, no source.
 */
public final class LeafChoices {

  /** What a plan may be best at. */
  public enum Aim {
    LEAST_PAPER,
    LEAST_CROPPED,
    MOST_AIR
  }

  /**
   * One of the plans.
   *
   * @param aims what it is best at
   * @param breathing how full its pages may be
   * @param proven whether no plan is better by the rules it was found with
   */
  public record Choice(
      Set<Aim> aims, Breathing breathing, LeafPlanning.Plan plan, boolean proven) {}

  /**
   * What can be said of a plan.
   *
   * @param left how many moments find no place
   * @param leaves how many leaves it has
   * @param paper the area of its places
   * @param cropped how many pictures are cropped away, taken together
   * @param air the share of its places' area that stays free
   */
  record Measures(int left, int leaves, double paper, double cropped, double air) {

    /** Whether another plan is at least as good in everything, and better in something. */
    boolean isOutdoneBy(Measures other) {
      boolean asGood =
          other.left <= left
              && other.leaves <= leaves
              && other.paper <= paper
              && other.cropped <= cropped
              && other.air >= air;
      return asGood && !other.equals(this);
    }
  }

  private LeafChoices() {}

  /** The choice where nothing is left to be placed on new leaves. */
  public static Choice noLeaves(Breathing breathing) {
    return new Choice(
        EnumSet.of(Aim.LEAST_PAPER), breathing, new LeafPlanning.Plan(List.of(), 0), true);
  }

  /** The plans, that with the least paper first. Where nothing can be planned there is none. */
  public static List<Choice> of(LeafPlanning.Wish wish, Watch watch) {
    List<Choice> found = new ArrayList<>();
    for (Aim aim : Aim.values()) {
      LeafPlanning.Wish leaned = leaned(wish, aim);
      if (aim == Aim.MOST_AIR && leaned.breathing() == wish.breathing()) {
        continue;
      }
      LeafPlanning.Answer answer =
          LeafPlanning.plan(leaned, watch.part(aim.ordinal(), Aim.values().length));
      if (!answer.plans().isEmpty()) {
        LeafPlanning.Plan plan = answer.plans().get(0);
        found.add(new Choice(EnumSet.of(aim), leaned.breathing(), plan, answer.isBest()));
      }
    }
    return withoutOutdone(merged(found), wish);
  }

  private static LeafPlanning.Wish leaned(LeafPlanning.Wish wish, Aim aim) {
    // No aim is worth leaving a photo out for.
    HouseRules rules =
        wish.rules().with(HouseRule.LEFT_OUT_WEIGHT, HouseRule.LEFT_OUT_WEIGHT.most());
    Breathing breathing = wish.breathing();
    switch (aim) {
      case LEAST_PAPER -> rules = rules.with(HouseRule.LEAF_WEIGHT, HouseRule.LEAF_WEIGHT.most());
      case LEAST_CROPPED -> rules = rules.with(HouseRule.CROP_WEIGHT, HouseRule.CROP_WEIGHT.most());
      case MOST_AIR -> breathing = Breathing.values()[Math.max(0, breathing.ordinal() - 1)];
    }
    return new LeafPlanning.Wish(
        wish.chapters(),
        wish.kinds(),
        breathing,
        wish.mostLeaves(),
        wish.freshPages(),
        wish.leavesBefore(),
        1,
        Weights.of(rules),
        rules);
  }

  /** Plans with the same leaves and the same pictures on them are one, best at more. */
  private static List<Choice> merged(List<Choice> found) {
    List<Choice> merged = new ArrayList<>();
    for (Choice choice : found) {
      int same = -1;
      for (int i = 0; i < merged.size(); i++) {
        if (LeafPlanning.used(merged.get(i).plan()).equals(LeafPlanning.used(choice.plan()))) {
          same = i;
        }
      }
      if (same < 0) {
        merged.add(choice);
      } else {
        Choice first = merged.get(same);
        Set<Aim> aims = EnumSet.copyOf(first.aims());
        // More air with the same leaves only leaves pictures out.
        if (choice.breathing() == first.breathing()) {
          aims.addAll(choice.aims());
        }
        merged.set(same, new Choice(aims, first.breathing(), first.plan(), first.proven()));
      }
    }
    return merged;
  }

  private static List<Choice> withoutOutdone(List<Choice> choices, LeafPlanning.Wish wish) {
    List<Measures> measures = choices.stream().map(each -> measures(each.plan(), wish)).toList();
    List<Choice> kept = new ArrayList<>();
    for (int i = 0; i < choices.size(); i++) {
      Measures own = measures.get(i);
      if (measures.stream().noneMatch(own::isOutdoneBy)) {
        kept.add(choices.get(i));
      }
    }
    return kept;
  }

  static Measures measures(LeafPlanning.Plan plan, LeafPlanning.Wish wish) {
    List<Candidate> candidates = wish.chapters().stream().flatMap(List::stream).toList();
    Sum sum = new Sum(candidates, wish.rules());
    for (LeafPlanning.PlannedLeaf leaf : plan.leaves()) {
      sum.add(leaf.kind().front(), leaf.front());
      sum.add(leaf.kind().back(), leaf.back());
    }
    int moments = Moments.of(candidates).count();
    return new Measures(
        moments - sum.placed,
        plan.leaves().size(),
        sum.paper,
        sum.cropped,
        sum.paper == 0 ? 0 : 1 - sum.filled / sum.paper);
  }

  private static final class Sum {
    private final List<Candidate> candidates;
    private final HouseRules rules;
    private int placed;
    private double paper;
    private double filled;
    private double cropped;

    Sum(List<Candidate> candidates, HouseRules rules) {
      this.candidates = candidates;
      this.rules = rules;
    }

    void add(List<Place> places, int[] photoAt) {
      for (int i = 0; i < photoAt.length; i++) {
        double area = area(places.get(i).print());
        paper += area;
        if (photoAt[i] >= 0) {
          placed++;
          filled += area;
          Candidate photo = candidates.get(photoAt[i]);
          cropped +=
              photo.onTable() == null
                  ? PlacingCost.window(photo, places.get(i), rules)
                      .map(CropWindow::keptShare)
                      .map(share -> 1 - share)
                      .orElse(0.0)
                  : 0;
        }
      }
    }

    private static double area(Size size) {
      return (double) size.w().toNanometres() * size.h().toNanometres();
    }
  }
}
