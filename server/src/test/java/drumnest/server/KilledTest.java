package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was confirmed is there after the process was killed without a word. */
class KilledTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @TempDir Path home;

  private static HttpResponse<String> take(ServerProcess server, int number)
      throws IOException, InterruptedException {
    return server.send(
        HttpRequest.newBuilder(
                URI.create(server.address() + "/api/albums/1/photos?name=p" + number))
            .POST(
                HttpRequest.BodyPublishers.ofByteArray(
                    TestPictures.jpeg(1500, 1000, 1, NOON.plusMinutes(number), number))));
  }

  @Test
  void what_was_confirmed_is_there_after_a_kill_in_the_middle_of_intake_and_edits()
      throws Exception {
    ServerProcess server = ServerProcess.begin(home).greeted();
    Set<String> confirmed = ConcurrentHashMap.newKeySet();
    CountDownLatch enough = new CountDownLatch(12);
    Thread makers =
        new Thread(
            () ->
                IntStream.range(0, 60)
                    .parallel()
                    .forEach(number -> takeWhileAlive(server, number, confirmed, enough)));
    makers.start();
    JsonNode album = server.get("/api/albums/1");
    int most = 2_000;
    for (int i = 0; i < 40 || enough.getCount() > 0; i++) {
      assertThat(i).as("steps while 12 photos come in").isLessThan(most);
      String path = i % 3 == 2 ? "undo" : "title";
      String body = "{\"version\":" + album.get("version");
      body += path.equals("title") ? ",\"title\":\"Title " + i + "\"}" : "}";
      HttpResponse<String> answer = server.step(path, body);
      assertThat(answer.statusCode()).as(answer::body).isEqualTo(200);
      album = new JsonMapper().readTree(answer.body());
    }
    server.kill();
    makers.join();

    try (ServerProcess again = ServerProcess.begin(home).greeted()) {
      JsonNode now = again.get("/api/albums/1");
      assertThat(now.get("title")).isEqualTo(album.get("title"));
      assertThat(now.get("version")).isEqualTo(album.get("version"));
      assertThat(now.get("undo")).isEqualTo(album.get("undo"));
      List<String> line =
          again
              .get("/api/albums/1/line")
              .get("chapters")
              .valueStream()
              .flatMap(chapter -> chapter.get("photos").valueStream())
              .map(photo -> photo.get("id").stringValue())
              .toList();
      assertThat(line).hasSizeGreaterThanOrEqualTo(12).containsAll(confirmed);
      for (String photo : line) {
        URI small = URI.create(again.address() + "/api/photos/" + photo + "/small");
        assertThat(again.send(HttpRequest.newBuilder(small)).statusCode()).isEqualTo(200);
      }
    }
  }

  private void takeWhileAlive(
      ServerProcess server, int number, Set<String> confirmed, CountDownLatch enough) {
    try {
      HttpResponse<String> answer = take(server, number);
      if (answer.statusCode() == 200) {
        confirmed.add(new JsonMapper().readTree(answer.body()).get("photo").stringValue());
        enough.countDown();
      }
    } catch (IOException killed) {
      // From here on nothing is confirmed.
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  void a_demo_that_was_killed_while_it_was_made_is_completed_at_the_next_start() throws Exception {
    ServerProcess first = ServerProcess.begin(home, "--drumnest.demo=true");
    while (photos() < 20) {
      assertThat(first.hasEnded(10)).isFalse();
    }
    first.kill();

    try (ServerProcess again = ServerProcess.begin(home, "--drumnest.demo=true").greeted()) {
      JsonNode albums = again.get("/api/albums");
      assertThat(albums).hasSize(1);
      JsonNode album = again.get("/api/albums/" + albums.get(0).get("id"));
      assertThat(album.get("leaves")).hasSize(7);
      assertThat(album.at("/counts/onLine").intValue()).isGreaterThan(60);
      assertThat(photos()).isEqualTo(87);
    }
  }

  private long photos() throws IOException {
    Path photos = home.resolve("photos");
    if (!Files.isDirectory(photos)) {
      return 0;
    }
    try (var files = Files.walk(photos)) {
      return files.filter(Files::isRegularFile).count();
    } catch (UncheckedIOException movedMeanwhile) {
      return 0;
    }
  }
}
