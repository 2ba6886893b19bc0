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
    try (ListSheet sheet = new ListSheet("Prints to order", "An album")) {
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
  void a_name_that_is_too_long_or_in_another_script_does_no_harm() throws IOException {
    try (PDDocument document = sheet(1, "凧 " + "very-long-name-".repeat(30))) {
      assertThat(text(document)).contains("? very-long-name", "…");
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
