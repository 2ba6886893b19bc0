package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class IntakeTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  private static String taken(String name, byte[] file) {
    return SERVER.take(name, file).is(200).json().get("photo").stringValue();
  }

  private static JsonNode onLine(String photo) {
    return SERVER.line().stream()
        .filter(each -> each.get("id").stringValue().equals(photo))
        .findFirst()
        .orElseThrow();
  }

  private static BufferedImage picture(String photo, String size) throws IOException {
    return ImageIO.read(
        new ByteArrayInputStream(SERVER.get("/api/photos/" + photo + "/" + size).is(200).bytes()));
  }

  /** CIPA DC-008: eight ways in which a camera stores what was upright in front of it. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void every_orientation_is_turned_upright(int orientation) throws IOException {
    String photo =
        taken("o" + orientation, TestPictures.jpeg(900, 600, orientation, NOON, orientation));
    assertThat(onLine(photo).at("/pixels/w").intValue()).isEqualTo(900);
    assertThat(onLine(photo).at("/pixels/h").intValue()).isEqualTo(600);
    for (String size : List.of("small", "large")) {
      BufferedImage shown = picture(photo, size);
      assertThat(shown.getWidth()).isGreaterThan(shown.getHeight());
      assertColour(shown, 0.1, 0.1, Color.RED);
      assertColour(shown, 0.9, 0.1, Color.GREEN);
      assertColour(shown, 0.1, 0.9, Color.BLUE);
      assertColour(shown, 0.9, 0.9, Color.WHITE);
    }
  }

  private static void assertColour(BufferedImage picture, double x, double y, Color expected) {
    Color found =
        new Color(picture.getRGB((int) (x * picture.getWidth()), (int) (y * picture.getHeight())));
    assertThat(
            Math.abs(found.getRed() - expected.getRed())
                + Math.abs(found.getGreen() - expected.getGreen())
                + Math.abs(found.getBlue() - expected.getBlue()))
        .as("%s at %s, %s", found, x, y)
        .isLessThan(40);
  }

  @Test
  void the_original_is_kept_unchanged_under_its_sum_and_twice_is_one() throws IOException {
    byte[] file = TestPictures.jpeg(640, 480, 6, NOON.plusHours(1), 77);
    String photo = taken("first.jpg", file);
    JsonNode again = SERVER.take("second.jpg", file).is(200).json();
    assertThat(again.get("hadAlready").booleanValue()).isTrue();
    assertThat(again.get("photo").stringValue()).isEqualTo(photo);
    Path kept = SERVER.home().resolve("photos/" + photo.substring(0, 2) + "/" + photo + ".jpg");
    assertThat(Files.readAllBytes(kept)).isEqualTo(file);
    assertThat(onLine(photo).get("name").stringValue()).isEqualTo("first.jpg");
    assertThat(onLine(photo).at("/taken/at").stringValue()).isEqualTo("2021-06-14T13:00");
  }

  @Test
  void derived_pictures_that_were_deleted_are_made_again() throws IOException {
    String photo = taken("derived.jpg", TestPictures.jpeg(2400, 1600, 1, NOON, 5));
    assertThat(picture(photo, "small").getWidth()).isEqualTo(400);
    assertThat(picture(photo, "large").getWidth()).isEqualTo(1600);
    Path derived = SERVER.home().resolve("derived");
    RunningServer.delete(derived);
    assertThat(picture(photo, "small").getWidth()).isEqualTo(400);
  }

  @Test
  void pngs_come_in_see_through_ones_on_white() throws IOException {
    BufferedImage clear = new BufferedImage(500, 400, BufferedImage.TYPE_INT_ARGB);
    String photo = taken("clear.png", TestPictures.png(clear));
    assertColour(picture(photo, "small"), 0.5, 0.5, Color.WHITE);
    BufferedImage grey = new BufferedImage(500, 400, BufferedImage.TYPE_BYTE_GRAY);
    assertColour(
        picture(taken("grey.png", TestPictures.png(grey)), "small"), 0.5, 0.5, Color.BLACK);
  }

  @Test
  void a_very_large_png_comes_in_too() throws IOException {
    BufferedImage large = new BufferedImage(6200, 4200, BufferedImage.TYPE_BYTE_GRAY);
    String photo = taken("large.png", TestPictures.png(large));
    assertThat(onLine(photo).at("/pixels/w").intValue()).isEqualTo(6200);
    assertThat(picture(photo, "large").getWidth()).isEqualTo(1600);
  }

  @Test
  void what_is_no_usable_photo_is_refused_with_the_reason_and_leaves_nothing() throws IOException {
    byte[] good = TestPictures.jpeg(1200, 900, 1, NOON, 9);
    long before = files();
    int photos = SERVER.line().size();
    refused("empty.jpg", new byte[0], "empty");
    refused("notes.txt", "dear diary".getBytes(StandardCharsets.UTF_8), "JPEG, PNG");
    refused("half.jpg", Arrays.copyOf(good, good.length / 2), "damaged");
    refused("head.jpg", Arrays.copyOf(good, 40), "damaged");
    refused("huge.png", hugeHeader(), "megapixels");
    byte[] png = TestPictures.png(TestPictures.upright(300, 200, 1));
    refused("half.png", Arrays.copyOf(png, png.length / 2), "damaged");
    assertThat(SERVER.line()).hasSize(photos);
    assertThat(files()).isEqualTo(before);
    assertThat(SERVER.take("good.jpg", good).is(200).json().get("hadAlready").booleanValue())
        .isFalse();
  }

  private static void refused(String name, byte[] file, String reason) {
    JsonNode problem = SERVER.take(name, file).is(422).json();
    assertThat(problem.get("field").stringValue()).isEqualTo("file");
    assertThat(problem.get("detail").stringValue()).contains(reason);
  }

  /** A PNG that claims 60 000 × 60 000 pixels. */
  private static byte[] hugeHeader() {
    byte[] png = TestPictures.png(TestPictures.upright(20, 20, 1));
    ByteBuffer.wrap(png).putInt(16, 60_000).putInt(20, 60_000);
    CRC32 sum = new CRC32();
    sum.update(png, 12, 17);
    ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
    return png;
  }

  private static long files() throws IOException {
    long count = 0;
    for (String folder : List.of("photos", "incoming", "derived")) {
      Path path = SERVER.home().resolve(folder);
      if (Files.exists(path)) {
        try (Stream<Path> files = Files.walk(path)) {
          count += files.filter(Files::isRegularFile).count();
        }
      }
    }
    return count;
  }

  @Test
  void a_photo_without_a_date_stands_last_until_it_is_given_one() {
    String photo = taken("undated.jpg", TestPictures.jpeg(610, 407, 1, null, 21));
    List<JsonNode> line = SERVER.line();
    assertThat(onLine(photo).has("taken")).isFalse();
    assertThat(line.subList(line.size() - 1, line.size())).allMatch(p -> !p.has("taken"));
    SERVER.step("date", Map.of("photo", photo, "takenAt", "1999-01-02T03:04")).is(200);
    assertThat(SERVER.line().get(0).get("id").stringValue()).isEqualTo(photo);
    assertThat(onLine(photo).at("/taken/byMaker").booleanValue()).isTrue();
    JsonNode problem =
        SERVER.step("date", Map.of("photo", photo, "takenAt", "yesterday")).is(400).json();
    assertThat(problem.get("field").stringValue()).isEqualTo("takenAt");
  }

  @Test
  void shots_of_one_moment_are_seen_to_be_alike_and_a_blurred_one_to_be_blurred() {
    String one = taken("a.jpg", TestPictures.jpeg(800, 600, 1, NOON.plusDays(1), 0));
    String two = taken("b.jpg", TestPictures.jpeg(800, 601, 1, NOON.plusDays(1).plusSeconds(3), 0));
    assertThat(onLine(one).get("lookalike")).isEqualTo(onLine(two).get("lookalike"));
    assertThat(onLine(one).has("lookalike")).isTrue();
    assertThat(onLine(one).get("weakness")).isNull();
    BufferedImage mist = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 900; x++) {
      for (int y = 0; y < 600; y++) {
        mist.setRGB(x, y, new Color(x / 5, y / 4, 120).getRGB());
      }
    }
    assertThat(onLine(taken("mist.png", TestPictures.png(mist))).get("weakness").stringValue())
        .isEqualTo("blurred");
  }

  @Test
  void chapters_say_their_day_and_its_year_where_the_story_has_several() {
    LocalDateTime dawn = LocalDateTime.of(2023, 3, 4, 5, 30);
    for (int hours : new int[] {0, 3}) {
      taken("dawn", TestPictures.jpeg(300, 201, 1, dawn.plusHours(hours), hours + 40));
    }
    SERVER.step("chapters", java.util.Map.of("count", 50)).is(200);
    assertThat(
            SERVER
                .get("/api/albums/1/line")
                .json()
                .get("chapters")
                .valueStream()
                .map(chapter -> chapter.get("title").stringValue()))
        .contains("Saturday 4 March 2023, morning", "Saturday 4 March 2023, later in the morning");
  }
}
