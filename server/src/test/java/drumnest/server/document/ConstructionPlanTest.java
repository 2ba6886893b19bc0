package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.measure.Size;
import drumnest.core.mover.kind.Constructing;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.core.mover.kind.MoverParts;
import drumnest.core.stock.HouseRules;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The plans of movers of every kind, read back from the PDF. */
class ConstructionPlanTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Length MAT = Length.parse("1/8");
  private static final Size SHEET = Size.ofInches(12, 12);
  private static final double HUNDRED_MILLIMETRES = 100 / 25.4 * 72;
  private static final double NEAR = 0.05;

  /** Letters of neighbouring words may touch by that. */
  private static final double TOUCH = 0.4;

  private static Construction made(Box at, Edge edge, Mechanism mechanism) {
    Mover mover = new Mover(1, at, edge, null, mechanism, Grip.TAB);
    return Constructing.of(mover, MoverParts.of(mover, null, RULES), RULES);
  }

  private static Box box(String x, String y, String w, String h) {
    return new Box(Length.parse(x), Length.parse(y), Length.parse(w), Length.parse(h));
  }

  static Stream<Arguments> plans() {
    Box at = box("2", "2", "4", "6");
    Box small = box("2", "2", "1 1/2", "2");
    Length inch = Length.ofInches(1);
    Flap slit =
        Flap.sleeve(
            "1", at, Edge.TOP, new Attachment.ThroughSlit(Length.parse("1/2")), Support.PAGE);
    return Stream.of(
            made(at, Edge.LEFT, new Mechanism.Chain(4)),
            made(at, Edge.TOP, new Mechanism.Booklet(3)),
            made(small, Edge.TOP, new Mechanism.Waterfall(5, Length.parse("1/2"))),
            made(
                at,
                Edge.LEFT,
                new Mechanism.Accordion(6, MAT, SHEET, Length.parse("1/2"), true, false)),
            made(
                box("2", "2", "4", "2 1/4"),
                Edge.TOP,
                new Mechanism.Accordion(6, MAT, SHEET, Length.parse("1/2"))),
            made(box("8", "2", "4", "5"), Edge.RIGHT, new Mechanism.FoldOut(SHEET, MAT, SHEET)),
            made(at, Edge.TOP, new Mechanism.Door(true, MAT)),
            made(small, Edge.LEFT, new Mechanism.Door(false, MAT)),
            made(at, Edge.TOP, new Mechanism.TuckSpot(Size.ofInches(3, 4), inch)),
            made(at, Edge.RIGHT, new Mechanism.EdgeTuck(Size.ofInches(2, 3), inch)),
            made(at, Edge.BOTTOM, new Mechanism.PullOut(Size.ofInches(3, 5))),
            made(at, Edge.LEFT, new Mechanism.Divided()),
            made(box("0", "10", "12", "1 1/2"), Edge.LEFT, new Band.Gutter(SHEET)),
            made(box("0", "0", "2", "12"), Edge.LEFT, new Band.Beyond(SHEET, inch)),
            Constructing.of(slit, List.of(slit), RULES))
        .flatMap(
            made -> Stream.of(PageTemplate.Paper.values()).map(paper -> Arguments.of(made, paper)));
  }

  private static PDDocument plan(Construction made, PageTemplate.Paper paper) throws IOException {
    String title = "Accordion 12, leaf 10 front, of an album with quite a long name";
    return Loader.loadPDF(ConstructionPlan.of(title, List.of("1. Fold it."), made, paper));
  }

  @ParameterizedTest
  @MethodSource("plans")
  void no_words_leave_their_page_or_lie_over_others_and_every_sheet_has_its_ruler(
      Construction made, PageTemplate.Paper paper) throws IOException {
    try (PDDocument document = plan(made, paper)) {
      for (int i = 1; i < document.getNumberOfPages(); i++) {
        PDPage page = document.getPage(i);
        PDRectangle size = page.getMediaBox();
        Rectangle2D sheet = new Rectangle2D.Double(0, 0, size.getWidth(), size.getHeight());
        List<DrawnPage.Letter> letters = DrawnPage.letters(document, i);
        assertThat(letters).allMatch(letter -> sheet.contains(letter.box()));
        for (int a = 0; a < letters.size(); a++) {
          for (int b = a + 1; b < letters.size(); b++) {
            Rectangle2D both = letters.get(a).box().createIntersection(letters.get(b).box());
            boolean apart = both.getWidth() < TOUCH || both.getHeight() < TOUCH;
            assertThat(apart).as("%s over %s", letters.get(a), letters.get(b)).isTrue();
          }
        }
        List<DrawnPage.Line> lines = DrawnPage.lines(page);
        assertThat(lines)
            .filteredOn(line -> Math.abs(line.length() - HUNDRED_MILLIMETRES) < NEAR)
            .anyMatch(line -> line.x() > 0 && line.toX() < size.getWidth());
      }
    }
  }

  /** The lines of a page, whichever way they go, from the corner of what they belong to. */
  private static boolean isDrawn(List<DrawnPage.Line> lines, Segment edge) {
    double length = SheetDrawing.points(edge.length());
    return lines.stream()
        .filter(line -> edge.level() == Math.abs(line.y() - line.toY()) < NEAR)
        .anyMatch(line -> Math.abs(line.length() - length) < NEAR);
  }

  @ParameterizedTest
  @MethodSource("plans")
  void every_piece_that_goes_on_the_paper_is_drawn_at_its_true_size(
      Construction made, PageTemplate.Paper paper) throws IOException {
    try (PDDocument document = plan(made, paper)) {
      List<DrawnPage.Line> lines =
          Stream.iterate(1, i -> i < document.getNumberOfPages(), i -> i + 1)
              .flatMap(i -> lines(document.getPage(i)).stream())
              .toList();
      for (Piece piece : made.pieces()) {
        boolean fits = piece.size().w().isLessThan(Length.ofInches(7));
        if (paper == PageTemplate.Paper.WHOLE || fits) {
          assertThat(piece.outline()).allMatch(edge -> isDrawn(lines, edge));
        }
        assertThat(piece.slits()).allMatch(slit -> isDrawn(lines, slit));
      }
    }
  }

  private static List<DrawnPage.Line> lines(PDPage page) {
    try {
      return DrawnPage.lines(page);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  /** Nine sheets it was, one for each piece. */
  @Test
  void the_pieces_of_a_double_door_lie_together() throws IOException {
    Construction doors = made(box("2", "2", "4", "6"), Edge.TOP, new Mechanism.Door(true, MAT));
    try (PDDocument document = plan(doors, PageTemplate.Paper.LETTER)) {
      assertThat(doors.pieces()).hasSize(8);
      assertThat(document.getNumberOfPages() - 1).isLessThanOrEqualTo(2);
    }
  }
}
