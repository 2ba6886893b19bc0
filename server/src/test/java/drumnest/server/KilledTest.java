package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was confirmed is there after the process was killed without a word. */
class KilledTest {

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  @TempDir Path home;
  private final HttpClient http = HttpClient.newHttpClient();

  /** The application as a process of its own. */
  private record Running(Process process, String address) {}

  private Running start() throws IOException {
    return greeted(begin(false));
  }

  private Process begin(boolean demo) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-cp",
            System.getProperty("java.class.path"),
            DrumNest.class.getName(),
            "--server.port=0",
            "--drumnest.demo=" + demo,
            "--drumnest.home=" + home)
        .redirectErrorStream(true)
        .start();
  }

  private static Running greeted(Process process) throws IOException {
    BufferedReader out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    List<String> said = new ArrayList<>();
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.add(line);
      if (line.contains("open at http://")) {
        return new Running(process, line.substring(line.indexOf("http://"), line.length() - 1));
      }
    }
    throw new IllegalStateException("It did not start: " + said);
  }

  private HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
    return http.send(request, HttpResponse.BodyHandlers.ofString());
  }

  private JsonNode get(Running server, String path) throws IOException, InterruptedException {
    return new JsonMapper()
        .readTree(send(HttpRequest.newBuilder(URI.create(server.address() + path)).build()).body());
  }

  private HttpResponse<String> take(Running server, int number)
      throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(
                URI.create(server.address() + "/api/albums/1/photos?name=p" + number))
            .POST(
                HttpRequest.BodyPublishers.ofByteArray(
                    TestPictures.jpeg(1500, 1000, 1, NOON.plusMinutes(number), number)))
            .build());
  }

  private HttpResponse<String> step(Running server, String path, String body)
      throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(URI.create(server.address() + "/api/albums/1/" + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build());
  }

  private static void kill(Running server) throws InterruptedException {
    server.process().destroyForcibly();
    assertThat(server.process().waitFor(20, TimeUnit.SECONDS)).isTrue();
  }

  @Test
  void what_was_confirmed_is_there_after_a_kill_in_the_middle_of_intake_and_edits()
      throws Exception {
    Running server = start();
    Set<String> confirmed = ConcurrentHashMap.newKeySet();
    CountDownLatch enough = new CountDownLatch(12);
    Thread makers =
        new Thread(
            () ->
                IntStream.range(0, 60)
                    .parallel()
                    .forEach(number -> takeWhileAlive(server, number, confirmed, enough)));
    makers.start();
    JsonNode album = get(server, "/api/albums/1");
    int most = 2_000;
    for (int i = 0; i < 40 || enough.getCount() > 0; i++) {
      assertThat(i).as("steps while 12 photos come in").isLessThan(most);
      String path = i % 3 == 2 ? "undo" : "title";
      String body = "{\"version\":" + album.get("version");
      body += path.equals("title") ? ",\"title\":\"Title " + i + "\"}" : "}";
      HttpResponse<String> answer = step(server, path, body);
      assertThat(answer.statusCode()).as(answer::body).isEqualTo(200);
      album = new JsonMapper().readTree(answer.body());
    }
    server.process().destroyForcibly();
    makers.join();
    assertThat(server.process().waitFor(20, TimeUnit.SECONDS)).isTrue();

    Running again = start();
    try {
      JsonNode now = get(again, "/api/albums/1");
      assertThat(now.get("title")).isEqualTo(album.get("title"));
      assertThat(now.get("version")).isEqualTo(album.get("version"));
      assertThat(now.get("undo")).isEqualTo(album.get("undo"));
      List<String> line =
          get(again, "/api/albums/1/line")
              .get("chapters")
              .valueStream()
              .flatMap(chapter -> chapter.get("photos").valueStream())
              .map(photo -> photo.get("id").stringValue())
              .toList();
      assertThat(line).hasSizeGreaterThanOrEqualTo(12).containsAll(confirmed);
      for (String photo : line) {
        URI small = URI.create(again.address() + "/api/photos/" + photo + "/small");
        assertThat(send(HttpRequest.newBuilder(small).build()).statusCode()).isEqualTo(200);
      }
    } finally {
      again.process().destroyForcibly();
    }
  }

  private void takeWhileAlive(
      Running server, int number, Set<String> confirmed, CountDownLatch enough) {
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
    Process first = begin(true);
    while (photos() < 20) {
      assertThat(first.waitFor(10, TimeUnit.MILLISECONDS)).isFalse();
    }
    first.destroyForcibly();
    assertThat(first.waitFor(20, TimeUnit.SECONDS)).isTrue();

    Running again = greeted(begin(true));
    try {
      JsonNode albums = get(again, "/api/albums");
      assertThat(albums).hasSize(1);
      JsonNode album = get(again, "/api/albums/" + albums.get(0).get("id"));
      assertThat(album.get("leaves")).hasSize(7);
      assertThat(album.at("/counts/onLine").intValue()).isGreaterThan(60);
      assertThat(photos()).isEqualTo(87);
    } finally {
      again.process().destroyForcibly();
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
