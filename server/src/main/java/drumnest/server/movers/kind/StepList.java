package drumnest.server.movers.kind;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.mover.kind.SharedSlit;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.HouseRules;
import drumnest.server.stock.UnitsInUse;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Steps of making, as they are written one after the other, with those that many kinds share. */
final class StepList {

  static final String BLADE =
      "A sharp blade cuts fingers as it cuts paper: a fresh one, away from the hand, on a mat.";
  static final String GLUE =
      "Follow the label of your glue, and try it on a scrap; never on an only original.";

  private final HouseRules rules;
  private final List<MakingStep> steps = new ArrayList<>();

  StepList(HouseRules rules) {
    this.rules = rules;
  }

  List<MakingStep> all() {
    return List.copyOf(steps);
  }

  /** A step that can be undone. */
  void step(String text) {
    steps.add(new MakingStep(text, false));
  }

  /** A step after which there is no way back. */
  void last(String text) {
    steps.add(new MakingStep(text, true));
  }

  /**
   * @param grip null for one that needs none
   */
  void grip(@Nullable Grip grip) {
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

  /**
   * Flaps that each hang by a strip.
   *
   * @param flaps in the order in which they are fixed
   * @param what is pressed, such as “the flap”
   */
  void hang(List<Flap> flaps, String what) {
    hang(flaps, List.of(flaps.get(0)), what);
  }

  /**
   * Flaps that each hang by a strip, of which the slit may be that of a row.
   *
   * @param all the flaps of their page
   */
  void hang(List<Flap> flaps, List<Flap> all, String what) {
    Flap flap = flaps.get(0);
    String one = flap.body() == Flap.Body.CARD ? "card" : "sleeve";
    if (flap.body() == Flap.Body.CARD) {
      step("Cut the cards with their strips. " + BLADE);
      step("Score along the hinge, fold, and burnish the fold.");
      last("Stick the pictures on both sides, inside ones the way up they are read. " + GLUE);
    } else {
      step("Put the pictures in, the inside one the way up in which it is read.");
    }
    SharedSlit slit = SharedSlit.of(flap, all, rules).orElse(null);
    if (flap.isOnFold()) {
      step("Lay it over its leaf, their inner edges together.");
      last("Bind both at that edge: punch it like the leaf, or fold a strip around the two.");
    } else if (slit != null) {
      throughSlit(slit, one);
    } else {
      if (flap.fixedTo() == null) {
        step("Slide the page into its protector: what hangs on the film comes after.");
      }
      step("Lay it paper to paper over what is below, with the backing on.");
      last("Take the backing off and press " + what + ", one end first, and roll it down.");
    }
  }

  /** Before the page is in its protector. */
  private void throughSlit(SharedSlit slit, String one) {
    boolean row = slit.isShared();
    String all = row ? one + "s" : one;
    step(
        "Take the page out of its protector. Lay the "
            + (row ? slit.flaps().size() + " " + all + " of the row" : one)
            + " paper to paper over what "
            + (row ? "they cover" : "it covers")
            + ", and mark the two ends of the "
            + (row ? "row" : one)
            + " at the hinge on the film: those of the "
            + all
            + ", not of the photo"
            + (row ? "s." : "."));
    step(
        "Slip a board into the protector, so that only one ply is cut, and punch a hole of "
            + UnitsInUse.text(rules.length(HouseRule.SLIT_HOLE))
            + " at each mark.");
    last(
        "Cut from the middle of one hole to the middle of the other, "
            + UnitsInUse.text(slit.line().length())
            + (row ? ", one slit for all of them. " : ". ")
            + BLADE);
    last(
        (row ? "Stick each strip" : "Stick the strip")
            + " to the page, inside the hinge, and put the photo back over it. The "
            + all
            + (row ? " hang free." : " hangs free."));
    step("Feed the " + all + " through the slit while you slide the page in.");
  }
}
