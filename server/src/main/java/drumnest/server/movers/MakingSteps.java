package drumnest.server.movers;

import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Panorama;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.mover.Accordion;
import drumnest.core.mover.MoverParts;
import drumnest.core.mover.TuckSpot;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.frame.Words;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** How a mover is made, step by step. */
final class MakingSteps {

  private static final String BLADE =
      "A sharp blade cuts fingers as it cuts paper: a fresh one, away from the hand, on a mat.";
  private static final String GLUE =
      "Follow the label of your glue, and try it on a scrap; never on an only original.";

  /**
   * A step.
   *
   * @param text what is done
   * @param noReturn whether it cannot be undone
   */
  record Step(String text, boolean noReturn) {

    /** The step as one line of a printed plan. */
    String line(int number) {
      return number + ". " + text + (noReturn ? " (No way back after this.)" : "");
    }
  }

  private final HouseRules rules;
  private final List<Step> steps = new ArrayList<>();

  private MakingSteps(HouseRules rules) {
    this.rules = rules;
  }

  static List<Step> of(Flap flap, HouseRules rules) {
    MakingSteps making = new MakingSteps(rules);
    making.hinged(List.of(flap), "the flap");
    making.grip(flap.grip());
    return making.steps;
  }

  static List<Step> of(Mover mover, List<Flap> parts, HouseRules rules) {
    MakingSteps making = new MakingSteps(rules);
    boolean seen = mover.mechanism().isSeenToOpen() || !mover.mechanism().opens();
    boolean needsNone = seen && mover.grip() == Grip.NONE;
    Grip grip = needsNone ? null : mover.grip();
    // Once its pocket is closed, the free end of a pull-out is hard to come by.
    boolean first = mover.mechanism() instanceof Mechanism.PullOut;
    if (first) {
      making.grip(grip);
    }
    making.made(mover, parts).run();
    if (!first) {
      making.grip(grip);
    }
    return making.steps;
  }

  private void step(String text) {
    steps.add(new Step(text, false));
  }

  private void last(String text) {
    steps.add(new Step(text, true));
  }

  private Runnable made(Mover mover, List<Flap> parts) {
    return mover
        .mechanism()
        .accept(
            new Mechanism.Visitor<>() {
              @Override
              public Runnable chain(Mechanism.Chain chain) {
                return MakingSteps.this::chain;
              }

              @Override
              public Runnable booklet(Mechanism.Booklet booklet) {
                return () -> lowestFirst(parts);
              }

              @Override
              public Runnable waterfall(Mechanism.Waterfall waterfall) {
                return () -> lowestFirst(parts);
              }

              @Override
              public Runnable accordion(Mechanism.Accordion accordion) {
                return () -> {
                  if (accordion.printed()) {
                    printed();
                  }
                  MakingSteps.this.accordion(
                      mover, MoverParts.cutting(mover, accordion), parts, accordion.printed());
                };
              }

              @Override
              public Runnable foldOut(Mechanism.FoldOut foldOut) {
                return () -> MakingSteps.this.foldOut(mover, foldOut);
              }

              @Override
              public Runnable door(Mechanism.Door door) {
                return () -> doors(parts);
              }

              @Override
              public Runnable tuckSpot(Mechanism.TuckSpot tuck) {
                return () ->
                    MakingSteps.this.tuckSpot(mover, MoverParts.measured(mover, tuck, rules));
              }

              @Override
              public Runnable edgeTuck(Mechanism.EdgeTuck tuck) {
                return () -> MakingSteps.this.edgeTuck(mover, tuck);
              }

              @Override
              public Runnable pullOut(Mechanism.PullOut pullOut) {
                return () -> MakingSteps.this.pullOut(mover);
              }

              @Override
              public Runnable divided(Mechanism.Divided divided) {
                return () -> MakingSteps.this.divided(mover);
              }

              @Override
              public Runnable gutterBand(Band.Gutter band) {
                return () -> MakingSteps.this.gutterBand(mover);
              }

              @Override
              public Runnable edgeBand(Band.Beyond band) {
                return () -> MakingSteps.this.edgeBand(mover, band);
              }
            });
  }

  private void chain() {
    step("Fill the sleeves, so that every picture stands upright.");
    last(
        "Join them, the strip of each behind the free edge of the one below, before the lowest"
            + " is fixed.");
    step("Fold them to and fro and check that the chain opens both ways.");
    last("Fix the lowest at its hinge: align with the backing on, then press.");
  }

  private void lowestFirst(List<Flap> parts) {
    List<Flap> lowestFirst = new ArrayList<>(parts);
    Collections.reverse(lowestFirst);
    hinged(lowestFirst, "each, the lowest first, so that every strip lies under the one above");
  }

  /**
   * @param grip null for one that needs none
   */
  private void grip(@Nullable Grip grip) {
    if (grip == Grip.TAB) {
      last(
          "Cut the tab twice, one of them mirrored, and stick them together over the free edge, not"
              + " over a fold. "
              + GLUE);
    } else if (grip == Grip.STRING) {
      last("Stick a string behind the free edge, not into a fold. " + GLUE);
    } else if (grip != null) {
      step("Nothing says yet that it opens: give it a tab or a string.");
    }
  }

  private void hinged(List<Flap> flaps, String what) {
    Flap flap = flaps.get(0);
    if (flap.body() == Flap.Body.CARD) {
      step("Cut the cards with their strips. " + BLADE);
      step("Score along the hinge, fold, and burnish the fold.");
      last("Stick the pictures on both sides, inside ones the way up they are read. " + GLUE);
    } else {
      step("Put the pictures in, the inside one the way up in which it is read.");
    }
    if (flap.isOnFold()) {
      step("Lay it over its leaf, their inner edges together.");
      last("Bind both at that edge: punch it like the leaf, or fold a strip around the two.");
      return;
    }
    if (flap.slit() != null) {
      step("Slip a board into the protector, so that only one ply is cut.");
      step(
          "Mark the two ends of the sleeve at the hinge and punch a hole of "
              + UnitsInUse.text(rules.length(HouseRule.SLIT_HOLE))
              + " at each.");
      last("Cut from hole to hole, then feed the sleeve through. " + BLADE);
    }
    step("Lay it paper to paper over what is below, with the backing on.");
    last("Take the backing off and press " + what + ".");
  }

  private void printed() {
    step(
        "Print one strip on scrap, both sides, turned over like the leaf of a book, and hold it"
            + " against the light: the pictures lie behind each other.");
    last("Print the strips on card at true size, both sides, and let them dry.");
  }

  private void accordion(Mover mover, Accordion cut, List<Flap> parts, boolean printed) {
    String sheets = Words.counted(cut.sheets(), "sheet", "sheets");
    last(
        "Cut "
            + Words.counted(cut.strips(), "strip", "strips")
            + " "
            + UnitsInUse.text(mover.edge().isAtSide() ? mover.at().h() : mover.at().w())
            + " wide from "
            + sheets
            + ". "
            + BLADE);
    step(
        "Score each at "
            + cut.scores().get(0).stream().map(UnitsInUse::text).collect(Collectors.joining(", "))
            + " from its free end, and fold to and fro as the plan shows. The last score stays"
            + " flat.");
    if (cut.strips() > 1) {
      last("Glue the tab of each strip over the first panel of the next, edges flush. " + GLUE);
    }
    step(
        "Fold it dry: panels are equal within "
            + UnitsInUse.text(rules.length(HouseRule.PANEL_TOLERANCE))
            + ", and the stack lies square.");
    if (!printed) {
      Panorama.of(mover).ifPresent(this::panorama);
      last(
          "Stick the pictures on, "
              + UnitsInUse.text(rules.length(HouseRule.ACCORDION_MAT))
              + " off each fold"
              + (mover.edge().isAtSide() ? "." : "; those behind stand on their head."));
    }
    last(
        "Stick the last panel to the page, its tab under the mat of the photo at the "
            + Words.edge(mover.edge())
            + ". Its own back is never seen.");
    Edge hinge = parts.get(0).hinge();
    step(
        "Slip a board into the protector. Draw the window "
            + UnitsInUse.text(rules.length(HouseRule.WINDOW_CLEARANCE))
            + " outside the stack.");
    last(
        "Cut three sides of it; the one at the "
            + Words.edge(hinge)
            + " stays and is its hinge. "
            + BLADE);
  }

  private void panorama(Panorama panorama) {
    Outline.Pieces pieces = panorama.outline();
    last(
        "Cut the wide print into "
            + panorama.panels()
            + " pieces of "
            + UnitsInUse.text(pieces.piece(panorama.print()))
            + ", with "
            + UnitsInUse.text(pieces.between())
            + " left out between every two, and number their backs. "
            + BLADE);
  }

  private void foldOut(Mover mover, Mechanism.FoldOut folded) {
    boolean one = MoverParts.cutting(mover, folded, rules).isOnePiece();
    last((one ? "Cut page and flap in one piece. " : "Cut base part and extension. ") + BLADE);
    Length flap = mover.edge().depth(mover.at());
    step("Score the flap " + UnitsInUse.text(flap) + " from its outer edge and fold it in.");
    if (!one) {
      last("Glue the extension under the base part; no hole is punched through the joint. " + GLUE);
    }
    step("Check that the closed flap clears the rings.");
    last("Stick the pictures on, borders and all. " + GLUE);
  }

  private void doors(List<Flap> parts) {
    last("Cut " + Words.counted(parts.size(), "door", "doors") + " and the hinge strips. " + BLADE);
    step("Fold each hinge strip in half along its length.");
    last("Back the doors: their reverse is seen. " + GLUE);
    last("Glue half of each strip to the door and half to the page, the fold at its edge.");
    if (parts.size() > 1) {
      step("Check that they meet in the middle without touching.");
    }
  }

  private void tuckSpot(Mover mover, TuckSpot tuck) {
    step("Turn the photo in front over on something soft and clean.");
    last(
        "Lay "
            + tuck.layers()
            + " layers of tape as two rails "
            + UnitsInUse.text(tuck.rail())
            + " wide, and a stop "
            + UnitsInUse.text(tuck.stopBelowTop())
            + " from its "
            + Words.edge(mover.edge())
            + ". "
            + GLUE);
    step("Run the card in and out.");
    last("Press the photo down on its rails; nothing else of it is glued.");
  }

  private void edgeTuck(Mover mover, Mechanism.EdgeTuck tuck) {
    step(
        "Mark "
            + UnitsInUse.text(tuck.depth())
            + " along the "
            + Words.edge(mover.edge())
            + " on the back of what lies in front: that stays free.");
    last("Glue down the rest of it. " + GLUE);
    step("Run the card in and out under the free edge.");
  }

  private void divided(Mover mover) {
    last("Cut a card of " + UnitsInUse.text(mover.at().size()) + ". " + BLADE);
    last(
        "Stick two prints of "
            + UnitsInUse.text(mover.at().size().half())
            + " on it, edge to edge. "
            + GLUE);
    step("Put the card where the single print would be.");
  }

  private void gutterBand(Mover mover) {
    last(
        "Cut two pieces of "
            + UnitsInUse.text(mover.at().size())
            + " at one setting of the trimmer, so that they are equally high; of a directional"
            + " paper or cloth, side by side. "
            + BLADE);
    step(
        "Leave the edges that meet at the gutter plain: no stitching and no decorative edge there."
            + " Stitch the others before anything is stuck.");
    step(
        "Lay both in place and shut the album once. What you trim off the one, trim off the other.");
    last("Stick each with its plain edge along the gutter, and never over the holes. " + GLUE);
  }

  private void edgeBand(Mover mover, Band.Beyond band) {
    last("Cut two strips of " + UnitsInUse.text(mover.at().size()) + ". " + BLADE);
    step(
        "Put nothing thick on both sides at the same place: what lies on the one lies beside what"
            + " lies on the other.");
    last(
        "Stick the first with "
            + UnitsInUse.text(band.overlap())
            + " of its width along the outer edge of the leaf. "
            + GLUE);
    last("Stick the second onto the other side, back to back with the first beyond the leaf.");
    step("Trim both together where they are not even.");
  }

  private void pullOut(Mover mover) {
    step("Try the card in the pocket, with its play.");
    last(
        "Glue the pocket on three sides, with the card in it; the "
            + Words.edge(mover.edge())
            + " stays open. "
            + GLUE);
  }
}
