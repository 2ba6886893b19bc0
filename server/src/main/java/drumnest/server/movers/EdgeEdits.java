package drumnest.server.movers;

import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Slot;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.stock.HouseRule;
import drumnest.server.UnprocessableException;
import drumnest.server.album.SeenAlbum;
import org.springframework.stereotype.Service;

/** Moving single edges of flaps and movers from ruler mark to ruler mark. */
@Service
class EdgeEdits {

  private final MoverStep step;
  private final FlapEdits flaps;
  private final MoverEdits movers;

  EdgeEdits(MoverStep step, FlapEdits flaps, MoverEdits movers) {
    this.step = step;
    this.flaps = flaps;
    this.movers = movers;
  }

  /**
   * Moves an edge of what goes into a flap, or of the mover that it is a part of; the others stay.
   *
   * @param edge as it is seen when that is reached
   * @param marks how many marks to the right or down, as that is seen, or back where less than
   *     nothing
   */
  void move(long albumId, long version, String id, Edge edge, int marks) {
    SeenAlbum seen = step.seen(albumId, version);
    Slot side = MoverStep.side(seen.album(), id);
    PagePlan plan = MoverStep.plan(side);
    Flap flap = plan.flap(String.valueOf(side.number())).orElseThrow();
    if (!plan.movableEdges(flap).contains(edge)) {
      throw new UnprocessableException("edge", "This edge is changed by its measures.");
    }
    Mover mover = plan.moverOf(flap.id()).map(plan::seen).orElse(null);
    Flap there = plan.seen(flap);
    Box before = mover == null ? there.held() : mover.at();
    Box after =
        edge.moved(
            before,
            edge.of(before).byMarks(marks, seen.album().rules().length(HouseRule.TRIMMER_MARK)));
    if (!after.size().tighter().isPositive()) {
      throw new UnprocessableException(
          "marks", "Nothing of it would be left. Leave its edges a mark apart at least.");
    }
    if (mover == null) {
      MoverRequests.FlapForm form =
          MoverRequests.FlapForm.of(there.withClosed(after.inset(flap.border().negated())));
      flaps.change(albumId, version, id, form);
    } else {
      movers.change(albumId, version, id, MoverForm.of(mover.lying(after)));
    }
  }
}
