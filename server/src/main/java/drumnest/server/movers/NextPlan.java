package drumnest.server.movers;

import drumnest.core.album.flap.CarriedAlong;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverProblemException;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.mover.MoverChoices;
import drumnest.core.stock.HouseRules;
import drumnest.server.UnprocessableException;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A page with other flaps.
 *
 * @param page the page as it is
 * @param plan what is to be planned on it
 * @param renamed the numbers that flaps get instead of others; what they held stays in them
 */
record NextPlan(PageSide page, PagePlan plan, Map<String, String> renamed) {

  NextPlan {
    renamed = Map.copyOf(renamed);
  }

  NextPlan(PageSide page, PagePlan plan) {
    this(page, plan, Map.of());
  }

  /** Tells what is planned on a page now. */
  static PagePlan plan(PageSide page) {
    return page.leaf().plan(page.leaf().face(page.side()));
  }

  /** The leaf with it, but for what it has on its other side. */
  Leaf leaf() {
    return page.leaf().withPlan(page.leaf().face(page.side()), plan);
  }

  /** A page with one more flap. */
  static NextPlan with(PageSide page, Flap flap) {
    return new NextPlan(page, plan(page).with(flap));
  }

  /** A page with one more mover. */
  static NextPlan with(PageSide page, MoverChoices.Choice choice) {
    return new NextPlan(page, plan(page).with(choice.mover(), choice.flaps()));
  }

  /** A page with a flap that has other measures. */
  static NextPlan changed(PageSide page, Flap before, Flap after) {
    PagePlan plan = plan(page);
    List<Flap> flaps = plan.flaps().stream().map(flap -> flap == before ? after : flap).toList();
    CarriedAlong carried = new CarriedAlong(plan.flaps(), flaps, Set.of(after.id()));
    requireCarried(carried, plan);
    return new NextPlan(
        page,
        plan.withMovers(carried.flaps(), plan.movers().stream().map(carried::placed).toList()));
  }

  private static void requireCarried(CarriedAlong carried, PagePlan plan) {
    carried
        .beyondItsCarrier()
        .ifPresent(
            flap -> {
              throw new UnprocessableException(
                  "flap",
                  Words.capital(MoverNames.whole(plan, flap.id()))
                      + ", which is stuck to it, would reach past it. Make that smaller or take it"
                      + " off first.");
            });
  }

  /**
   * A page with a mover that has other measures.
   *
   * @throws MoverProblemException if it cannot be made so
   */
  static NextPlan changed(PageSide page, Mover before, Mover next, HouseRules rules) {
    PagePlan plan = plan(page);
    Mover after = renumbered(next, before, plan);
    Set<String> gone = gone(plan, before, after);
    PagePlan rest = rest(plan, before, gone);
    List<Flap> flaps = new ArrayList<>(rest.flaps());
    flaps.addAll(MoverChoices.choice(after, rest, page.leaf(), page.side(), rules).flaps());
    CarriedAlong carried = new CarriedAlong(plan.flaps(), flaps, Set.copyOf(after.parts()));
    requireCarried(carried, plan);
    List<Mover> movers =
        plan.movers().stream()
            .filter(mover -> mover == before || rest.movers().contains(mover))
            .map(mover -> mover == before ? after : carried.placed(mover))
            .toList();
    Map<String, String> renamed = new HashMap<>();
    for (int part = 0; part < Math.min(before.parts().size(), after.parts().size()); part++) {
      renamed.put(before.parts().get(part), after.parts().get(part));
    }
    Panorama.of(before)
        .ifPresent(
            wide -> Panorama.of(after).ifPresent(last -> renamed.put(wide.last(), last.last())));
    return new NextPlan(page, plan.withMovers(carried.flaps(), movers), renamed);
  }

  /**
   * With more parts than before, its numbers may run into those of others: then it gets new ones.
   */
  private static Mover renumbered(Mover after, Mover before, PagePlan plan) {
    Set<String> taken = new HashSet<>();
    plan.flaps().forEach(flap -> taken.add(flap.id()));
    taken.removeAll(before.parts());
    return after.parts().stream().noneMatch(taken::contains)
        ? after
        : after.numbered(plan.nextNumber());
  }

  /** The parts that a mover has no more, with what is stuck to them. */
  private static Set<String> gone(PagePlan plan, Mover before, Mover after) {
    Set<String> gone = new HashSet<>(before.parts());
    gone.removeAll(after.parts());
    boolean more = true;
    while (more) {
      more = false;
      for (Flap flap : plan.flaps()) {
        boolean loose = !before.parts().contains(flap.id()) && gone.contains(flap.fixedTo());
        more |= loose && gone.addAll(plan.goingWith(flap.id()));
      }
    }
    return gone;
  }

  /** The plan without a mover and what is gone; what lay on that is freed from it. */
  private static PagePlan rest(PagePlan plan, Mover before, Set<String> gone) {
    return plan.withMovers(
        plan.flaps().stream()
            .filter(flap -> !before.parts().contains(flap.id()) && !gone.contains(flap.id()))
            .map(flap -> gone.contains(flap.on()) ? flap.over(null) : flap)
            .toList(),
        plan.movers().stream()
            .filter(mover -> mover != before && mover.parts().stream().noneMatch(gone::contains))
            .toList());
  }
}
