package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Constructing;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.Construction.Stuff;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.HouseRules;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PaperModelTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length MAT = Length.parse("1/8");
  private static final Size SHEET = Size.ofInches(12, 12);
  private static final double NEAR = 0.05;

  static Stream<Arguments> models() {
    Box at = Box.of(Length.ofInches(2), Length.ofInches(2), Size.ofInches(4, 6));
    Box outer = Edge.RIGHT.along(Box.of(SHEET), Length.ofInches(8));
    return Stream.of(
            made(at, Edge.LEFT, new Mechanism.Chain(4)),
            made(at, Edge.LEFT, new Mechanism.Accordion(9, MAT, SHEET, Length.parse("1/2"))),
            made(at, Edge.TOP, new Mechanism.Door(true, MAT)),
            // 20 in with its flap: doubled it goes on no sheet.
            made(outer, Edge.RIGHT, new Mechanism.FoldOut(SHEET, MAT, Size.ofInches(24, 12))))
        .flatMap(
            made ->
                Stream.of(PDRectangle.LETTER, PDRectangle.A4)
                    .map(paper -> Arguments.of(made, paper)));
  }

  private static Construction made(Box at, Edge edge, Mechanism mechanism) {
    Mover mover = new Mover(1, at, edge, null, mechanism);
    return Constructing.of(mover, MoverParts.of(mover, null, RULES), RULES);
  }

  /** One came at 38 %. */
  @ParameterizedTest
  @MethodSource("models")
  void every_score_and_every_edge_is_half_as_long_on_paper(Construction made, PDRectangle paper)
      throws IOException {
    byte[] pdf = PaperModel.of("Model", made, paper, (part, outside) -> Optional.empty());
    try (PDDocument document = Loader.loadPDF(pdf)) {
      List<DrawnPage.Line> lines = new ArrayList<>();
      for (PDPage page : document.getPages()) {
        assertThat(List.of(page.getMediaBox().getWidth(), page.getMediaBox().getHeight()))
            .containsExactlyInAnyOrder(paper.getWidth(), paper.getHeight());
        lines.addAll(DrawnPage.lines(page));
      }
      for (Piece piece : made.pieces()) {
        if (piece.stuff() != Stuff.FILM) {
          Length longer = piece.size().w().max(piece.size().h());
          assertThat(lines).anyMatch(line -> isHalf(line, longer));
          assertThat(piece.scores())
              .allMatch(
                  score -> lines.stream().anyMatch(line -> isHalf(line, score.line().length())));
        }
      }
    }
  }

  private static boolean isHalf(DrawnPage.Line line, Length length) {
    return Math.abs(line.length() - SheetDrawing.points(length) / 2) < NEAR;
  }
}
