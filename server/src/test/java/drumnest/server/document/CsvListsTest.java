package drumnest.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.photo.PhotoFile;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Pixels;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvListsTest {

  private static PrintRow print(String name) {
    return new PrintRow(
        1,
        new PhotoFile("0".repeat(64), "jpg", new Pixels(6000, 4000)),
        false,
        name,
        new Pixels(6000, 4000),
        new Size(Length.parse("2 7/8"), Length.parse("1/8")),
        "none",
        2,
        new PixelBox(1, 2, 3, 4),
        List.of("pocket 1, leaf 1 back", "pocket 2, leaf 2 front"),
        List.of("1-back-1", "2-front-2"));
  }

  private static List<CSVRecord> read(String csv) throws IOException {
    return CSVFormat.RFC4180
        .builder()
        .setHeader()
        .setSkipHeaderRecord(true)
        .get()
        .parse(new StringReader(csv))
        .getRecords();
  }

  @Test
  void every_value_comes_back_as_it_was() throws IOException {
    CSVRecord line = read(CsvLists.prints(List.of(print("a \"b\", c\nd.jpg")))).get(0);
    assertThat(line.get("file")).isEqualTo("a \"b\", c\nd.jpg");
    assertThat(line.get("count")).isEqualTo("2");
    assertThat(line.get("crop x")).isEqualTo("1");
    assertThat(line.get("crop h")).isEqualTo("4");
    assertThat(line.get("picture w")).isEqualTo("6000");
    assertThat(line.get("for")).isEqualTo("pocket 1, leaf 1 back; pocket 2, leaf 2 front");
  }

  @Test
  void no_measure_can_be_taken_for_a_date() throws IOException {
    assertThat(read(CsvLists.prints(List.of(print("a.jpg")))).get(0).get("size"))
        .isEqualTo("2 7/8 x 1/8 in");
  }

  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "+1", "-1", "@sum", "\tx"})
  void no_name_is_taken_for_a_formula(String name) throws IOException {
    assertThat(read(CsvLists.prints(List.of(print(name)))).get(0).get("file"))
        .isEqualTo("'" + name);
  }

  /** Some spreadsheets split lists at semicolons: then each part is a cell of its own. */
  @ParameterizedTest
  @ValueSource(strings = {"a;=1+1", "a; +1", "a;-1", "a,@sum", "a\t=1", "a;\"=1", "a;＝1", " =1"})
  void no_part_of_a_name_is_taken_for_a_formula_either(String name) throws IOException {
    String cell = read(CsvLists.prints(List.of(print(name)))).get(0).get("file");
    for (String part : cell.split("[;,\t]")) {
      assertThat(part.replaceAll("[\\s\"]", "")).doesNotMatch("[=+\\-@＝＋－＠].*");
    }
    assertThat(cell.replace("'", "")).isEqualTo(name);
  }

  @ParameterizedTest
  @ValueSource(strings = {"a-1.jpg", "a+b=c;d.jpg", "ann@home.jpg"})
  void other_names_stay_as_they_are(String name) throws IOException {
    assertThat(read(CsvLists.prints(List.of(print(name)))).get(0).get("file")).isEqualTo(name);
  }

  @Test
  void an_empty_list_has_its_head_only() {
    assertThat(CsvLists.trims(List.of()).lines())
        .containsExactly("line,file,from,to,take off,for,print");
  }

  /** However a list is split and whatever is left out of its parts: no part begins a formula. */
  @ParameterizedTest(name = "seed {0}")
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void no_part_of_any_text_is_taken_for_a_formula(int seed) {
    Random random = new Random(seed);
    String signs = "=+-@＝a1;,\t\r\n| \"'";
    for (int round = 0; round < 2_000; round++) {
      String text =
          random
              .ints(random.nextInt(12), 0, signs.length())
              .mapToObj(at -> signs.substring(at, at + 1))
              .collect(Collectors.joining());
      String plain = CsvLists.plain(text);
      assertThat(plain.replace("'", "")).isEqualTo(text.replace("'", ""));
      for (String part : plain.split("[;,\t\r\n|]")) {
        assertThat(part.replaceAll("^[\\s\"]+", "")).as(text).doesNotMatch("(?s)[=+\\-@＝].*");
      }
    }
  }

  @Test
  void a_text_of_nothing_but_lines_is_written_at_once() {
    String lines = "\n\t".repeat(1_000_000);
    assertThat(CsvLists.plain(lines)).isEqualTo("'" + lines);
  }
}
