package drumnest.server;

import static drumnest.server.RunningServer.held;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class ListsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @BeforeAll
  static void album() {
    for (int i = 0; i < 12; i++) {
      String name = i == 0 ? "=1+1, \"odd\" name.jpg" : "p" + i + ".jpg";
      SERVER.take(name, TestPictures.jpeg(1800, 1200, 1, NOON.plusMinutes(30L * i), i)).is(200);
    }
    SERVER.step("place-again", Map.of("spread", 1)).is(200);
    String onTable = held(SERVER.album()).get("1-back-2");
    SERVER
        .step("on-table", Map.of("photo", onTable, "size", Map.of("w", "6", "h", "4 1/4")))
        .is(200);
    SERVER
        .step(
            "opening", Map.of("slot", "1-back-3", "opening", Map.of("w", "5 15/16", "h", "4 1/16")))
        .is(200);
  }

  private static List<CSVRecord> csv(String path) throws IOException {
    RunningServer.Answer answer = SERVER.get(path).is(200);
    assertThat(answer.response().headers().firstValue("Content-Disposition").orElseThrow())
        .contains("attachment");
    return CSVFormat.RFC4180
        .builder()
        .setHeader()
        .setSkipHeaderRecord(true)
        .get()
        .parse(new StringReader(answer.text()))
        .getRecords();
  }

  @Test
  void the_print_list_has_a_line_for_every_print_to_order() throws IOException {
    List<CSVRecord> lines = csv("/api/albums/1/prints.csv");
    assertThat(lines).hasSize(11);
    CSVRecord first = lines.get(0);
    assertThat(first.get("file")).isEqualTo("'=1+1, \"odd\" name.jpg");
    assertThat(first.get("size")).isEqualTo("6 x 4 in");
    assertThat(first.get("turn")).isEqualTo("none");
    assertThat(first.get("count")).isEqualTo("1");
    assertThat(first.get("crop w")).isEqualTo("1800");
    assertThat(first.get("crop h")).isEqualTo("1200");
    assertThat(first.get("for")).isEqualTo("pocket 1, leaf 1 back");
  }

  @Test
  void the_trim_list_says_from_to_and_off_which_edge() throws IOException {
    List<CSVRecord> lines = csv("/api/albums/1/trims.csv");
    assertThat(lines).hasSize(2);
    CSVRecord table = lines.get(0);
    assertThat(table.get("from")).isEqualTo("6 x 4 1/4 in");
    assertThat(table.get("to")).isEqualTo("6 x 4 in");
    assertThat(table.get("take off")).isEqualTo("1/8 in off the top; 1/8 in off the foot");
    assertThat(table.get("print")).isEqualTo("on the table");
    CSVRecord narrow = lines.get(1);
    assertThat(narrow.get("to")).isEqualTo("5 7/8 x 4 in");
    assertThat(narrow.get("take off")).isEqualTo("1/8 in off the right");
    assertThat(narrow.get("for")).isEqualTo("pocket 3, leaf 1 back");
  }

  @Test
  void the_pdfs_say_the_same_with_a_picture_a_line() throws IOException {
    try (PDDocument prints =
        Loader.loadPDF(SERVER.get("/api/albums/1/prints.pdf").is(200).bytes())) {
      String text = new PDFTextStripper().getText(prints);
      assertThat(text)
          .contains("Prints to order", "First album", "11 prints", "6 × 4 in", "p5.jpg");
      assertThat(pictures(prints)).isEqualTo(11);
    }
    try (PDDocument trims = Loader.loadPDF(SERVER.get("/api/albums/1/trims.pdf").is(200).bytes())) {
      String text = new PDFTextStripper().getText(trims);
      assertThat(text)
          .contains("5 7/8 × 4 in", "1/8 off the right", "fresh blade", "trimming it is final");
      assertThat(pictures(trims)).isEqualTo(2);
    }
  }

  @Test
  void a_private_photo_is_a_blank_sheet_in_what_is_printed() throws IOException {
    assertThat(coloured("/api/albums/1/prints.pdf")).isEqualTo(11);
    String photo = RunningServer.held(SERVER.album()).get("1-back-1");
    SERVER.step("flags", Map.of("photos", List.of(photo), "secret", true)).is(200);
    assertThat(coloured("/api/albums/1/prints.pdf")).isEqualTo(10);
    SERVER.step("undo", Map.of()).is(200);
  }

  /** How many pictures of a list have colour in them. */
  private static int coloured(String path) throws IOException {
    int count = 0;
    try (PDDocument list = Loader.loadPDF(SERVER.get(path).is(200).bytes())) {
      for (PDPage page : list.getPages()) {
        for (COSName name : page.getResources().getXObjectNames()) {
          if (page.getResources().isImageXObject(name)) {
            PDImageXObject image = (PDImageXObject) page.getResources().getXObject(name);
            count += hasColour(image.getImage()) ? 1 : 0;
          }
        }
      }
    }
    return count;
  }

  private static boolean hasColour(BufferedImage image) {
    for (int y = 0; y < image.getHeight(); y += 4) {
      for (int x = 0; x < image.getWidth(); x += 4) {
        Color colour = new Color(image.getRGB(x, y));
        if (Math.abs(colour.getRed() - colour.getBlue()) > 40) {
          return true;
        }
      }
    }
    return false;
  }

  @Test
  void what_is_cut_is_ticked_off_on_both_lists() {
    String slot = "1-back-3";
    SERVER.step("made", Map.of("slot", slot, "made", "cut")).is(200);
    for (String list : List.of("prints", "trims")) {
      List<String> cut = new ArrayList<>();
      SERVER
          .get("/api/albums/1/lists")
          .json()
          .get(list)
          .forEach(
              line -> {
                if (line.get("cut").booleanValue()) {
                  cut.add(line.toString());
                }
              });
      assertThat(cut).as(list).hasSize(1).allMatch(line -> line.contains(slot));
    }
    SERVER.step("undo", Map.of()).is(200);
  }

  private static int pictures(PDDocument document) throws IOException {
    int count = 0;
    for (PDPage page : document.getPages()) {
      for (COSName name : page.getResources().getXObjectNames()) {
        count += page.getResources().isImageXObject(name) ? 1 : 0;
      }
    }
    return count;
  }
}
