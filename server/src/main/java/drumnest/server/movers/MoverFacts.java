package drumnest.server.movers;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.MoverKind;
import drumnest.core.album.flap.Panorama;
import drumnest.core.album.leaf.PageSide;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.Accordion;
import drumnest.core.mover.DoorLeaves;
import drumnest.core.mover.FoldOut;
import drumnest.core.mover.MirrorPiece;
import drumnest.core.mover.MoverParts;
import drumnest.core.mover.PullOutPocket;
import drumnest.core.mover.SleeveChain;
import drumnest.core.mover.TuckSpot;
import drumnest.core.mover.Waterfall;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.MoverNames;
import drumnest.server.frame.Words;
import drumnest.server.stock.RuleText;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The facts that are worked out of a mover, as its ticket says it. */
final class MoverFacts {

  /** A measure by its name. */
  record Fact(String name, String value) {}

  /**
   * A mover of the spread.
   *
   * @param id its first part, by which it is asked for
   * @param name such as “Accordion 3”
   * @param kind such as “accordion”
   * @param part what one of its parts is called
   * @param facts what is worked out of it
   * @param steps how it is made
   * @param mirrors whether it may be put, mirrored, on the facing page too
   */
  record MoverState(
      String id,
      String name,
      MoverKind kind,
      String part,
      MoverForm form,
      List<Fact> facts,
      List<MakingSteps.Step> steps,
      boolean mirrors) {}

  private final Mover mover;
  private final HouseRules rules;
  private final List<Fact> facts = new ArrayList<>();

  private MoverFacts(Mover mover, HouseRules rules) {
    this.mover = mover;
    this.rules = rules;
  }

  static MoverState of(AlbumModel album, SpreadPlans.PlacedMover placed) {
    Mover mover = placed.mover();
    return new MoverState(
        placed.id(),
        Words.capital(MoverNames.of(mover)),
        mover.mechanism().kind(),
        MoverNames.part(mover.mechanism().kind()),
        MoverForm.of(mover, NextPlan.plan(placed.page())),
        new MoverFacts(mover, album.rules()).facts(album, placed.page()),
        MakingSteps.of(mover, placed.flaps(), album.rules()),
        mirrors(album, placed.page(), mover));
  }

  /** A band beyond a leaf has its other half on that leaf, and one across the gutter needs one. */
  static boolean mirrors(AlbumModel album, PageSide page, Mover mover) {
    return !(mover.mechanism() instanceof Band.Beyond)
        && MirrorPiece.of(MoverStep.spread(album, page), page, mover)
            .flatMap(MirrorPiece::there)
            .isEmpty();
  }

  private void add(String name, String value) {
    facts.add(new Fact(name, value));
  }

  private List<Fact> facts(AlbumModel album, PageSide page) {
    ofItsKind().run();
    if (mover.mechanism() instanceof Band) {
      String where =
          mover.mechanism().kind() == MoverKind.GUTTER_BAND
              ? "on the facing page"
              : "on the other side of this leaf";
      boolean there =
          MirrorPiece.of(MoverStep.spread(album, page), page, mover)
              .flatMap(MirrorPiece::there)
              .isPresent();
      long over =
          page.leaf().slots(page.side(), 0).stream()
              .filter(slot -> slot.kind().isOfPage() && slot.box().overlaps(mover.at()))
              .count();
      if (over > 0) {
        add("Lies over", "a part of " + Words.counted(over, "place", "places"));
      }
      add("Other half", there ? where + ": trim one, trim the other" : "missing " + where);
    }
    return List.copyOf(facts);
  }

  private Runnable ofItsKind() {
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public Runnable chain(Mechanism.Chain chain) {
                return () -> MoverFacts.this.chain(chain);
              }

              @Override
              public Runnable booklet(Mechanism.Booklet booklet) {
                return () -> {
                  add("Sleeves", booklet.parts() + " for " + text(mover.at().size()));
                  add("Fix", "the lowest first, each strip beside the one below");
                };
              }

              @Override
              public Runnable waterfall(Mechanism.Waterfall waterfall) {
                return () -> MoverFacts.this.waterfall(waterfall);
              }

              @Override
              public Runnable accordion(Mechanism.Accordion accordion) {
                return () -> {
                  MoverFacts.this.accordion(
                      MoverParts.cutting(mover, accordion), accordion.printed());
                  Panorama.of(mover).ifPresent(MoverFacts.this::panorama);
                };
              }

              @Override
              public Runnable foldOut(Mechanism.FoldOut foldOut) {
                return () -> MoverFacts.this.foldOut(foldOut);
              }

              @Override
              public Runnable door(Mechanism.Door door) {
                return () -> MoverFacts.this.door(door);
              }

              @Override
              public Runnable tuckSpot(Mechanism.TuckSpot tuck) {
                return () -> MoverFacts.this.tuckSpot(MoverParts.measured(mover, tuck, rules));
              }

              @Override
              public Runnable edgeTuck(Mechanism.EdgeTuck tuck) {
                return () -> {
                  add(
                      "Free of glue",
                      text(tuck.depth()) + " along the " + Words.edge(mover.edge()));
                  add("Card", text(tuck.card()));
                };
              }

              @Override
              public Runnable pullOut(Mechanism.PullOut pullOut) {
                return () -> MoverFacts.this.pullOut(pullOut);
              }

              @Override
              public Runnable divided(Mechanism.Divided divided) {
                return () -> {
                  add("Prints", "two of " + text(mover.at().size().half()));
                  add("Card", text(mover.at().size()) + ", both prints stuck on it");
                };
              }

              @Override
              public Runnable gutterBand(Band.Gutter band) {
                return () -> {
                  add(
                      "Cut",
                      "two of " + text(mover.at().size()) + ", equal in height, one for each page");
                  add("At the gutter", "plain edges: no stitching, no decorative edge");
                };
              }

              @Override
              public Runnable edgeBand(Band.Beyond band) {
                return () -> {
                  add(
                      "Cut",
                      "two of " + text(mover.at().size()) + ", one for each side of the leaf");
                  add("Beyond the leaf", text(band.beyond(mover.at())) + ", back to back");
                };
              }
            });
  }

  private void chain(Mechanism.Chain chain) {
    Size sleeve = mover.at().inset(rules.length(HouseRule.SLEEVE_SEAL).negated()).size();
    add("Sleeves", chain.sleeves() + " for " + text(mover.at().size()));
    add("Pulled out", text(new SleeveChain(sleeve, chain.sleeves(), mover.edge()).reach()));
    add("Join", "all of them before the first is fixed; strips behind the free edges");
  }

  private void waterfall(Mechanism.Waterfall cards) {
    Waterfall waterfall = new Waterfall(mover.at().size(), cards.step(), cards.cards());
    add("Cards", cards.cards() + " of " + text(mover.at().size()));
    add("Run", text(mover.edge().depth(mover.at()).plus(cards.step().times(cards.cards() - 1L))));
    add("Shows of each", text(waterfall.visible().get(0)));
    add("Fix", "the lowest first, so that each strip lies under the card above");
  }

  private void accordion(Accordion cut, boolean printed) {
    add("Panel", text(cut.panel()));
    add("Faces", cut.faces() + " on " + cut.panels() + " panels");
    add("From", Words.counted(cut.sheets(), "sheet", "sheets") + " " + text(cut.sheet()));
    add("Strips", Words.counted(cut.strips(), "strip", "strips") + " of " + text(cut.strip()));
    add(
        "Scores",
        cut.scores().get(0).stream().map(UnitsInUse::text).collect(Collectors.joining(" and ")));
    Length join = cut.joinTab();
    if (join != null) {
      add("Glue tab", text(join) + ", under the photo of the next strip’s first panel");
    }
    add("Anchor tab", text(cut.anchorTab()) + ", under the photo beside the stack");
    add("Pulled out", text(cut.pulledOut()));
    Length print = printed ? Length.ZERO : rules.length(HouseRule.MOVER_PRINT);
    Length folded = cut.thickness(rules.length(HouseRule.PULLOUT_CARD), print);
    Length most = rules.length(HouseRule.MOVER_THICKNESS);
    add(
        "Folded",
        RuleText.thickness(folded)
            + (folded.isMoreThan(most)
                ? ", thicker than " + RuleText.thickness(most) + ": it fights its page"
                : ""));
    add(
        "Left over",
        text(cut.offcut()) + (cut.besideMat().fits() ? ", enough for the mat beside" : ""));
    Length clear = rules.length(HouseRule.WINDOW_CLEARANCE);
    add("Window in the film", text(cut.panel().grown(clear.times(2))) + ", cut on three sides");
  }

  private void panorama(Panorama panorama) {
    add("Panorama", text(panorama.print()) + ", in " + panorama.panels() + " pieces");
  }

  private void foldOut(Mechanism.FoldOut folded) {
    FoldOut cut = MoverParts.cutting(mover, folded, rules);
    add("Opened", text(cut.opened()));
    add("Score", text(cut.score()) + " from the outer edge");
    Size extension = cut.extension();
    if (extension == null) {
      add("Cut", "page and flap in one piece, " + text(new Size(cut.opened(), cut.page().h())));
    } else {
      add("Base part", text(cut.basePart()) + ", short by " + text(cut.shortBy()));
      add(
          "Extension",
          text(extension) + (cut.isExtensionFromOffcut() ? ", from the off-cut, turned" : ""));
    }
  }

  private void door(Mechanism.Door door) {
    Size leaf = door.pair() ? DoorLeaves.pair(mover.at()).get(0).size() : mover.at().size();
    add(door.pair() ? "Each leaf" : "Leaf", text(leaf));
    Length strip = rules.length(HouseRule.ADHESIVE_STRIP);
    add(
        "Hinge",
        "a strip "
            + text(strip.times(2))
            + " wide, folded in half: half on the door, half on the page");
    add("Below it", "flat things only, no foam, nor under its hinge");
  }

  private void tuckSpot(TuckSpot tuck) {
    add("Rails", text(tuck.rail()) + " wide, " + tuck.layers() + " layers of tape");
    add("Stop", text(tuck.stopBelowTop()) + " below the photo’s edge");
  }

  private void pullOut(Mechanism.PullOut pullOut) {
    PullOutPocket pocket =
        new PullOutPocket(
            pullOut.card(),
            1,
            rules.length(HouseRule.PULLOUT_CARD),
            rules.length(HouseRule.PULLOUT_PLAY));
    add("Pocket, inside", text(pocket.flatWidth()) + " flat");
    add("Largest card", text(MoverParts.mostInPocket(mover, rules)));
    add("Glue", "three sides, after the card is in");
  }

  private static String text(Length length) {
    return UnitsInUse.text(length);
  }

  private static String text(Size size) {
    return UnitsInUse.text(size);
  }
}
