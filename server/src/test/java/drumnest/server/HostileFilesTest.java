package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class HostileFilesTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  private static JsonNode onLine(String photo) {
    return SERVER.line().stream()
        .filter(each -> each.get("id").stringValue().equals(photo))
        .findFirst()
        .orElseThrow();
  }

  private static String taken(String name, byte[] file) {
    return SERVER.take(name, file).is(200).json().get("photo").stringValue();
  }

  @ParameterizedTest
  @CsvSource({
    "????ftypheic, decoded by the page",
    "????ftypmif1, decoded by the page",
    "????ftypavif, decoded by the page",
    "'????ftypqt  ', film",
    "GIF89a, damaged",
    "BM????????, BMP",
    "%PDF-1.7, PDF",
    "'PK\u0003\u0004', ZIP",
    "<svg onload=alert(1)>, not a photo"
  })
  void what_is_not_read_is_named_with_what_to_do(String begin, String named) {
    byte[] file = (begin + " and some more of it").getBytes(StandardCharsets.ISO_8859_1);
    JsonNode problem = SERVER.take("shot.jpg", file).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains(named);
  }

  @Test
  void a_raw_file_that_looks_like_a_tiff_inside_is_told_by_its_name() throws IOException {
    byte[] tiff = FormatsTest.file("picture.tif");
    JsonNode problem = SERVER.take("dsc_0001.NEF", tiff).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("raw file");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "\uD83E\uDE81 kites \uD83C\uDF0A.jpg",
        "\u202Egpj.\u05D0\u05D1\u05D2.jpg",
        "../../../../etc/passwd",
        "a\\b\\c.jpg",
        "=cmd|calc!A1.jpg",
        "<img src=x onerror=alert(1)>.jpg"
      })
  void a_strange_name_is_only_a_name(String name) {
    int seed = Math.floorMod(name.hashCode(), 200) + 3;
    String photo = taken(name, TestPictures.jpeg(301 + seed, 200, 1, NOON, seed));
    String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
    assertThat(onLine(photo).get("name").stringValue()).isEqualTo(last);
    assertThat(SERVER.home().resolve("photos/" + photo.substring(0, 2) + "/" + photo + ".jpg"))
        .exists();
  }

  @Test
  void a_name_of_255_letters_is_kept_whole() {
    String name = "k".repeat(251) + ".jpg";
    String photo = taken(name, TestPictures.jpeg(303, 200, 1, NOON, 2));
    assertThat(onLine(photo).get("name").stringValue()).isEqualTo(name);
  }

  @Test
  void a_time_that_cannot_be_true_is_doubted_with_the_reason() {
    String unset =
        taken("unset", TestPictures.jpeg(310, 200, 1, LocalDateTime.of(1904, 1, 1, 0, 0), 4));
    assertThat(onLine(unset).has("taken")).isFalse();
    assertThat(doubt(unset)).contains("1 January 1904").contains("nobody has set");
    LocalDateTime coming = LocalDate.now().plusYears(64).atTime(9, 0);
    String future = taken("future", TestPictures.jpeg(311, 200, 1, coming, 5));
    assertThat(onLine(future).has("taken")).isFalse();
    assertThat(doubt(future)).contains("still to come");
    String old =
        taken("old", TestPictures.jpeg(312, 200, 1, LocalDateTime.of(1904, 7, 5, 10, 0), 6));
    assertThat(onLine(old).at("/taken/at").stringValue()).isEqualTo("1904-07-05T10:00");
  }

  private static String doubt(String photo) {
    return SERVER.get("/api/albums/1/photos/" + photo).is(200).json().get("doubt").stringValue();
  }

  @Test
  void the_smallest_and_the_widest_come_in() {
    BufferedImage pixel = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
    String one = taken("pixel.png", TestPictures.png(pixel));
    assertThat(onLine(one).at("/pixels/w").intValue()).isEqualTo(1);
    SERVER.get("/api/photos/" + one + "/small").is(200);
    SERVER.get("/api/albums/1/photos/" + one).is(200);
    String wide = taken("wide.jpg", TestPictures.jpeg(20_000, 400, 1, NOON, 7));
    assertThat(onLine(wide).at("/pixels/w").intValue()).isEqualTo(20_000);
    SERVER.get("/api/albums/1/photos/" + wide).is(200);
  }

  @Test
  void a_picture_that_could_only_be_read_whole_is_refused_before_it_is_read() throws IOException {
    byte[] file = FormatsTest.file("progressive.jpg");
    int at = 0;
    while ((file[at] & 0xff) != 0xff || (file[at + 1] & 0xff) != 0xc2) {
      at++;
    }
    ByteBuffer.wrap(file).putShort(at + 5, (short) 12_000).putShort(at + 7, (short) 12_000);
    JsonNode problem = SERVER.take("bomb.jpg", file).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("144 megapixels").contains("too much");
  }

  @Test
  void what_hangs_behind_a_photo_is_never_served_as_a_page() throws IOException {
    ByteArrayOutputStream both = new ByteArrayOutputStream();
    both.write(TestPictures.jpeg(320, 200, 1, NOON, 8));
    both.write("<html><script>alert(1)</script>".getBytes(StandardCharsets.UTF_8));
    String photo = taken("page.html", both.toByteArray());
    for (String size : new String[] {"small", "large", "whole"}) {
      var headers = SERVER.get("/api/photos/" + photo + "/" + size).is(200).response().headers();
      assertThat(headers.firstValue("Content-Type")).contains("image/jpeg");
      assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
    }
  }

  @Test
  void one_that_is_refused_does_not_stop_the_next() {
    SERVER.take("broken.jpg", new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff}).is(422);
    taken("next.jpg", TestPictures.jpeg(330, 200, 1, NOON, 9));
  }

  @Test
  void a_tiff_that_says_its_size_twice_is_refused_and_one_that_says_other_things_twice_comes_in() {
    JsonNode problem =
        SERVER.take("two.tif", HostilePictures.tiffOfTwoSizes(200, 200)).is(422).json();
    assertThat(problem.get("detail").stringValue()).contains("twice");
    String photo = taken("programs.tif", HostilePictures.tiffOfTwoPrograms());
    assertThat(onLine(photo).at("/pixels/w").intValue()).isEqualTo(90);
  }
}
