package drumnest.server.document;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Segment;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.server.stock.UnitsInUse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** The pieces of a mover at true size, as PDF, after how it is made. */
public final class ConstructionPlan {

  private ConstructionPlan() {}

  /**
   * @param steps how it is made, a line each
   */
  public static byte[] of(
      String title, List<String> steps, Construction construction, PageTemplate.Paper paper)
      throws IOException {
    List<PageTemplate.Sheet> sheets =
        construction.pieces().stream().map(ConstructionPlan::sheet).toList();
    return PageTemplate.of(title, steps, sheets, paper);
  }

  private static PageTemplate.Sheet sheet(Piece piece) {
    List<PageTemplate.Hatching> hatchings =
        piece.areas().stream()
            .map(
                area ->
                    new PageTemplate.Hatching(
                        area.box(), area.use() == Construction.Use.STRIP, words(area)))
            .toList();
    List<PageTemplate.Stroke> lines = new ArrayList<>();
    for (Construction.Score score : piece.scores()) {
      PageTemplate.Style style =
          switch (score.fold()) {
            case VALLEY -> PageTemplate.Style.VALLEY;
            case MOUNTAIN -> PageTemplate.Style.MOUNTAIN;
            case FLAT, UNCUT -> PageTemplate.Style.SCORE;
          };
      lines.add(new PageTemplate.Stroke(score.line(), style, words(score)));
    }
    for (Segment slit : piece.slits()) {
      lines.add(new PageTemplate.Stroke(slit, PageTemplate.Style.CUT, "cut"));
    }
    List<PageTemplate.Place> places =
        piece.panels().stream()
            .map(
                panel ->
                    new PageTemplate.Place(
                        panel.box().inset(panel.inset()), Outline.STRAIGHT, "part " + panel.part()))
            .toList();
    List<PageTemplate.Hole> holes =
        piece.holes().stream()
            .map(hole -> new PageTemplate.Hole(hole.x(), hole.y(), hole.wide()))
            .toList();
    return new PageTemplate.Sheet(
        PieceNames.of(piece) + punched(piece),
        piece.size(),
        piece.outline(),
        places,
        lines,
        hatchings,
        holes);
  }

  private static String punched(Piece piece) {
    return piece.holes().isEmpty()
        ? ""
        : ", a hole of " + UnitsInUse.text(piece.holes().get(0).wide()) + " at each end";
  }

  /** Tells what is done there, and how large it is. */
  static String words(Construction.Area area) {
    String what =
        switch (area.use()) {
          case GLUE -> "glue";
          case GLUE_BEHIND -> "glue on the back";
          case STRIP -> "strip";
        };
    return what + ", " + UnitsInUse.text(area.box().size());
  }

  /** How it is folded, and where it is by the ruler: from the left, or from the top. */
  static String words(Construction.Score score) {
    if (score.fold() == Construction.Fold.UNCUT) {
      return "not cut: its hinge";
    }
    String at =
        UnitsInUse.text(score.line().at())
            + (score.line().level() ? " from the top" : " from the left");
    String fold =
        switch (score.fold()) {
          case VALLEY -> "valley, ";
          case MOUNTAIN -> "mountain, ";
          case FLAT, UNCUT -> "stays flat, ";
        };
    return fold + at;
  }
}
