package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import drumnest.server.TestPictures;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ListSheetTest {

  @TempDir Path folder;

  private PDDocument sheet(int lines, String name) throws IOException {
    Path picture = Files.write(folder.resolve("p.jpg"), TestPictures.jpeg(300, 200, 1, null, 1));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ListSheet sheet = new ListSheet("Prints to order", "An album", PDRectangle.A4)) {
      for (int i = 0; i < lines; i++) {
        sheet.line(
            picture,
            new ListSheet.Window(new PixelBox(10, 10, 100, 100), new Pixels(300, 200)),
            "6 × 4 in",
            "line number " + i,
            name);
      }
      sheet.emptyIfNone("Nothing to order.");
      sheet.save(out);
    }
    return Loader.loadPDF(out.toByteArray());
  }

  private static String text(PDDocument document) throws IOException {
    return new PDFTextStripper().getText(document);
  }

  @Test
  void a_long_list_goes_on_over_pages_of_a4_and_loses_no_line() throws IOException {
    try (PDDocument document = sheet(47, "p.jpg")) {
      assertThat(document.getNumberOfPages()).isEqualTo(5);
      document
          .getPages()
          .forEach(
              page ->
                  assertThat(page.getMediaBox().getWidth()).isEqualTo(PDRectangle.A4.getWidth()));
      String text = text(document);
      for (int i = 0; i < 47; i++) {
        assertThat(text).containsPattern("line number " + i + "\\R");
      }
      assertThat(text).contains("page 5");
    }
  }

  @Test
  void a_name_that_is_too_long_is_cut() throws IOException {
    try (PDDocument document = sheet(1, "very-long-name-".repeat(30))) {
      assertThat(text(document)).contains("very-long-name", "…");
    }
  }

  @Test
  void other_scripts_and_small_pictures_are_printed_as_they_are() throws IOException {
    try (PDDocument document = sheet(1, "凧の日 风筝 🪁 ok")) {
      assertThat(text(document)).contains("凧の日 风筝", "🪁", "ok").doesNotContain("?");
    }
  }

  @Test
  void a_sign_that_no_font_has_is_named() throws IOException {
    try (PDDocument document = sheet(1, "a\u1200b")) {
      assertThat(text(document)).contains("a?b", "ethiopic syllable ha (U+1200)");
    }
  }

  @Test
  void a_list_is_printed_on_letter_paper_too() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ListSheet sheet = new ListSheet("Prints to order", "An album", PDRectangle.LETTER)) {
      sheet.emptyIfNone("Nothing to order.");
      sheet.save(out);
    }
    try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
      assertThat(document.getPage(0).getMediaBox().getWidth())
          .isEqualTo(PDRectangle.LETTER.getWidth());
    }
  }

  @Test
  void an_empty_list_says_so() throws IOException {
    try (PDDocument document = sheet(0, "")) {
      assertThat(text(document)).contains("Nothing to order.");
      assertThat(document.getNumberOfPages()).isEqualTo(1);
    }
  }
}
