package drumnest.server.frame;

import drumnest.core.album.flap.Panorama;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How the pieces of a picture are drawn that runs over all panels of an accordion. */
public final class PieceDrawing {

  private PieceDrawing() {}

  /**
   * Tells what of a drawing is on a piece, with what covers it there.
   *
   * @param piece which one, from 0
   */
  public static Views.DrawingView of(Views.DrawingView whole, Panorama panorama, int piece) {
    Outline.Pieces pieces = panorama.outline();
    Size print = panorama.print();
    Size one = pieces.piece(print);
    boolean sideways = pieces.sideways();
    double length = nanometres(sideways ? print.w() : print.h());
    double share = nanometres(sideways ? one.w() : one.h()) / length;
    double start = piece * (share + nanometres(pieces.between()) / length);
    // Turned to the right, the foot of the picture is at the left.
    double along = sideways && whole.turned() ? 1 - start - share : start;
    return new Views.DrawingView(
        part(whole.shown(), sideways != whole.turned(), along, share),
        new Views.ShareBoxView(0, 0, 1, 1),
        whole.turned(),
        covers(whole, sideways, start, share));
  }

  private static Views.ShareBoxView part(
      Views.ShareBoxView of, boolean across, double start, double share) {
    return across
        ? new Views.ShareBoxView(of.x() + start * of.w(), of.y(), share * of.w(), of.h())
        : new Views.ShareBoxView(of.x(), of.y() + start * of.h(), of.w(), share * of.h());
  }

  /** Of what covers the whole print what lies on a piece, as shares of that. */
  private static @Nullable List<Views.ShareBoxView> covers(
      Views.DrawingView whole, boolean sideways, double start, double share) {
    if (whole.covers() == null) {
      return null;
    }
    List<Views.ShareBoxView> here = new ArrayList<>();
    for (Views.ShareBoxView cover : whole.covers()) {
      double from = Math.max(0, ((sideways ? cover.x() : cover.y()) - start) / share);
      double end = sideways ? cover.x() + cover.w() : cover.y() + cover.h();
      double to = Math.min(1, (end - start) / share);
      if (from < to) {
        here.add(
            sideways
                ? new Views.ShareBoxView(from, cover.y(), to - from, cover.h())
                : new Views.ShareBoxView(cover.x(), from, cover.w(), to - from));
      }
    }
    return here.isEmpty() ? null : here;
  }

  private static double nanometres(Length length) {
    return length.toNanometres();
  }
}
