package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Files that the page decodes; made with heif-enc of Debian's package libheif-examples. */
class HeicTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @TempDir Path folder;

  private byte[] heic(byte[] jpeg) throws IOException, InterruptedException {
    Path from = Files.write(folder.resolve("shot.jpg"), jpeg);
    Path to = folder.resolve("shot.heic");
    Process encoder =
        new ProcessBuilder("heif-enc", "-o", to.toString(), from.toString())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("said").toFile())
            .start();
    assertThat(encoder.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(encoder.exitValue()).as(Files.readString(folder.resolve("said"))).isZero();
    return Files.readAllBytes(to);
  }

  private static JsonNode onLine(String photo) {
    return SERVER.line().stream()
        .filter(each -> each.get("id").stringValue().equals(photo))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void comes_in_with_the_picture_that_the_page_made_and_what_its_file_says()
      throws IOException, InterruptedException {
    byte[] file = heic(TestPictures.jpeg(600, 400, 1, NOON, 40));
    byte[] picture = TestPictures.jpeg(600, 400, 1, null, 40);
    String photo =
        SERVER.take("IMG_1.HEIC", file, picture).is(200).json().get("photo").stringValue();
    JsonNode shown = onLine(photo);
    assertThat(shown.at("/pixels/w").intValue()).isEqualTo(600);
    assertThat(shown.at("/taken/at").stringValue()).startsWith("2021-06-14T12:00");
    Path original =
        SERVER.home().resolve("photos/" + photo.substring(0, 2) + "/" + photo + ".heic");
    assertThat(original).hasBinaryContent(file);
    var whole = SERVER.get("/api/photos/" + photo + "/whole").is(200);
    assertThat(whole.bytes()).isEqualTo(picture);
    assertThat(
            SERVER
                .take("again.heic", file, picture)
                .is(200)
                .json()
                .get("hadAlready")
                .booleanValue())
        .isTrue();
  }

  @Test
  void its_smaller_pictures_are_made_again_when_they_were_deleted()
      throws IOException, InterruptedException {
    byte[] picture = TestPictures.jpeg(601, 400, 1, null, 50);
    String photo =
        SERVER
            .take("IMG_2.HEIC", heic(TestPictures.jpeg(601, 400, 1, NOON, 50)), picture)
            .is(200)
            .json()
            .get("photo")
            .stringValue();
    Path small =
        SERVER.home().resolve("derived/" + photo.substring(0, 2) + "/" + photo + "-small.jpg");
    Files.delete(small);
    SERVER.get("/api/photos/" + photo + "/small").is(200);
    assertThat(small).exists();
  }

  @Test
  void without_its_picture_or_with_a_wrong_one_it_is_refused_and_leaves_nothing()
      throws IOException, InterruptedException {
    byte[] file = heic(TestPictures.jpeg(602, 400, 1, NOON, 60));
    int before = SERVER.line().size();
    assertThat(SERVER.take("alone.heic", file).is(422).text()).contains("decoded by the page");
    SERVER.take("odd.heic", file, "no picture at all".getBytes()).is(422);
    byte[] jpeg = TestPictures.jpeg(602, 400, 1, null, 60);
    SERVER.take("short.heic", file, java.util.Arrays.copyOf(jpeg, jpeg.length / 2)).is(422);
    assertThat(SERVER.line()).hasSize(before);
    try (var left = Files.list(SERVER.home().resolve("incoming"))) {
      assertThat(left).isEmpty();
    }
  }

  @Test
  void a_picture_as_long_as_all_that_comes_is_refused() {
    byte[] jpeg = TestPictures.jpeg(603, 400, 1, NOON, 70);
    JsonNode problem = SERVER.take("x.heic", new byte[0], jpeg).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo("rendition");
  }
}
