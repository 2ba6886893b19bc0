package drumnest.server.movers;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.FlapNames;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Spread;
import drumnest.server.frame.MoverNames;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** All that is planned on both pages of a spread, with flaps under their names in the album. */
final class SpreadPlans {

  /** A mover and the page it is on. */
  record PlacedMover(PageSide page, Mover mover) {

    /** Tells what a flap of its page is called in the album. */
    String name(String flap) {
      return FlapNames.of(page.leaf(), page.side(), flap);
    }

    /** The names of its parts in the album. */
    List<String> parts() {
      return mover.parts().stream().map(this::name).toList();
    }

    /** Its flaps, as they are on the page. */
    List<Flap> flaps() {
      PagePlan plan = plan(page);
      return mover.parts().stream().map(part -> plan.flap(part).orElseThrow()).toList();
    }

    /** By which it is asked for. */
    String id() {
      return parts().get(0);
    }
  }

  private final List<PageSide> pages = new ArrayList<>();

  SpreadPlans(Spread spread) {
    for (Side side : List.of(Side.BACK, Side.FRONT)) {
      Leaf leaf = spread.top(side);
      if (leaf != null) {
        pages.add(new PageSide(leaf, side));
      }
    }
  }

  private static PagePlan plan(PageSide page) {
    return page.leaf().plan(page.leaf().face(page.side()));
  }

  /** All movers, those of the left page first. */
  List<PlacedMover> movers() {
    return pages.stream()
        .flatMap(page -> plan(page).movers().stream().map(mover -> new PlacedMover(page, mover)))
        .toList();
  }

  Optional<PlacedMover> moverOf(String flap) {
    return movers().stream().filter(mover -> mover.parts().contains(flap)).findFirst();
  }

  /** The mover whose last part this is. */
  Optional<PlacedMover> moverEndingWith(String flap) {
    return moverOf(flap).filter(mover -> mover.parts().get(mover.parts().size() - 1).equals(flap));
  }

  /** Whether both are parts of one mover. */
  boolean areParts(String one, String other) {
    return moverOf(one).filter(mover -> mover.parts().contains(other)).isPresent();
  }

  /** Whether a flap moves though nothing says so. */
  boolean isUnmarked(Flap flap) {
    PagePlan plan = plan(page(flap.id()).orElseThrow());
    return plan.isUnmarked(plan.flap(FlapNames.number(flap.id())).orElseThrow());
  }

  /** The page that a flap is on. */
  Optional<PageSide> page(String flap) {
    return pages.stream()
        .filter(page -> flap.startsWith(FlapNames.of(page.leaf(), page.side(), "")))
        .findFirst();
  }

  /**
   * Tells what a flap is called, such as {@code panel 3}; and on which page, where both have one.
   */
  String called(String flap) {
    String number = FlapNames.number(flap);
    return page(flap)
        .map(page -> onPage(MoverNames.flap(plan(page), number), page))
        .orElse("flap " + number);
  }

  /** Tells what a mover is called, such as {@code accordion 1}, in the same way. */
  String called(PlacedMover mover) {
    return onPage(MoverNames.of(plan(mover.page()), mover.mover()), mover.page());
  }

  private String onPage(String name, PageSide page) {
    Set<String> facing =
        pages.stream()
            .filter(other -> other.side() != page.side())
            .flatMap(other -> MoverNames.all(plan(other)).stream())
            .collect(Collectors.toSet());
    return MoverNames.onSpread(name, page.side(), facing);
  }
}
