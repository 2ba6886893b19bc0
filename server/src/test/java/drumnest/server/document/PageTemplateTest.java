package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Size;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PageTemplateTest {

  private static PageTemplate.Sheet sheet(String title, int w, int h, Outline outline) {
    PageTemplate.Place place =
        new PageTemplate.Place(Box.of(Size.ofInches(2, 4)), outline, "1 · 2 × 4");
    return new PageTemplate.Sheet(title, Size.ofInches(w, h), List.of(place));
  }

  private static PDDocument template(PageTemplate.Paper paper, int w, int h) throws IOException {
    return template(paper, w, h, Outline.STRAIGHT);
  }

  private static PDDocument template(PageTemplate.Paper paper, int w, int h, Outline outline)
      throws IOException {
    List<PageTemplate.Sheet> sheets =
        List.of(sheet("front", w, h, outline), sheet("back", w, h, outline));
    return Loader.loadPDF(PageTemplate.of("Leaf 1", sheets, paper));
  }

  @Test
  void one_sheet_a_side_says_what_it_is_and_how_to_check_it() throws IOException {
    try (PDDocument document = template(PageTemplate.Paper.WHOLE, 12, 12)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
      String text = new PDFTextStripper().getText(document);
      assertThat(text)
          .contains("Leaf 1", "front · 12 × 12", "back · 12 × 12", "Print at 100 %", "1 · 2 × 4");
    }
  }

  /** Tells what is drawn is measured in the picture of the page: 144 dots are one inch. */
  @Test
  void a_pocket_of_2_in_is_2_in_wide_on_paper() throws IOException {
    try (PDDocument document = template(PageTemplate.Paper.WHOLE, 6, 6)) {
      BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, 144);
      int row = 144 / 2 + 144 + 72;
      int left = firstDark(picture, 0, row);
      int next = firstDark(picture, left + 20, row);
      assertThat(left).isCloseTo(72, within(2));
      assertThat(next - left).isCloseTo(288, within(2));
    }
  }

  /** One inch down, an oval of 2 × 4 in is √3 in wide: 2·√(1 − 1/4). */
  @Test
  void an_oval_is_drawn_as_it_is_cut() throws IOException {
    try (PDDocument document = template(PageTemplate.Paper.WHOLE, 6, 6, Outline.OVAL)) {
      BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, 144);
      int row = 144 / 2 + 144;
      int left = firstDark(picture, 80, row);
      int next = firstDark(picture, left + 20, row);
      assertThat(next - left).isCloseTo((int) Math.round(144 * Math.sqrt(3)), within(3));
    }
  }

  private static int firstDark(BufferedImage picture, int from, int row) {
    for (int x = from; x < picture.getWidth(); x++) {
      if ((picture.getRGB(x, row) & 0xff) < 0xa0) {
        return x;
      }
    }
    return -1;
  }

  @ParameterizedTest
  @CsvSource({
    "LETTER, 12, 12, 4",
    "A4, 12, 12, 4",
    "LETTER, 6, 8, 1",
    "A4, 5, 9, 1",
    "LETTER, 4, 12, 2"
  })
  void on_small_paper_it_comes_in_tiles(PageTemplate.Paper paper, int w, int h, int tiles)
      throws IOException {
    try (PDDocument document = template(paper, w, h)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2 * tiles);
      PDRectangle page = document.getPage(0).getMediaBox();
      PDRectangle expected = paper == PageTemplate.Paper.A4 ? PDRectangle.A4 : PDRectangle.LETTER;
      assertThat(page.getWidth()).isCloseTo(expected.getWidth(), within(0.1f));
      assertThat(page.getHeight()).isCloseTo(expected.getHeight(), within(0.1f));
      String text = new PDFTextStripper().getText(document);
      assertThat(text.contains("row 1, column 1")).isEqualTo(tiles > 1);
    }
  }
}
