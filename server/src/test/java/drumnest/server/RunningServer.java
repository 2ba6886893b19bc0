package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application on a free port, with a real database file in a temporary home. Starts once
 * for a test class, and speaks HTTP with it. It describes its API, too.
 */
public final class RunningServer implements BeforeAllCallback, AfterAllCallback {

  private final String[] more;
  private final JsonMapper json = new JsonMapper();
  private final HttpClient http = HttpClient.newHttpClient();
  private Before before = home -> {};
  private Path home;
  private ConfigurableApplicationContext application;
  private String address;

  /**
   * @param more what the application is told besides its port and its home
   */
  public RunningServer(String... more) {
    this.more = more;
  }

  /** Tells what lies in the home before the application is started on it for the first time. */
  public RunningServer on(Before before) {
    this.before = before;
    return this;
  }

  /** Prepares a home. */
  public interface Before {
    void prepare(Path home) throws Exception;
  }

  @Override
  public void beforeAll(ExtensionContext context) throws Exception {
    home = Files.createTempDirectory("drumnest-test");
    before.prepare(home);
    start();
  }

  @Override
  public void afterAll(ExtensionContext context) throws IOException {
    application.close();
    delete(home);
  }

  private void start() {
    application =
        new SpringApplicationBuilder(DrumNest.class)
            .run(
                Stream.concat(
                        Stream.of(
                            "--server.port=0",
                            "--drumnest.home=" + home,
                            "--springdoc.api-docs.enabled=true"),
                        Stream.of(more))
                    .toArray(String[]::new));
    address = "http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port");
  }

  /** Ends the application and starts it again on the same home. */
  public void restart() {
    application.close();
    start();
  }

  /** A part of the running application. */
  public <T> T part(Class<T> type) {
    return application.getBean(type);
  }

  public Path home() {
    return home;
  }

  public String address() {
    return address;
  }

  static void delete(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
  }

  /** An answer: its status, its body as text, and as JSON. */
  public record Answer(int status, byte[] bytes, HttpResponse<byte[]> response) {
    public String text() {
      return new String(bytes, StandardCharsets.UTF_8);
    }

    public JsonNode json() {
      return new JsonMapper().readTree(bytes);
    }

    public Answer is(int expected) {
      assertThat(status).as(this::text).isEqualTo(expected);
      return this;
    }
  }

  public Answer get(String path) {
    return send(HttpRequest.newBuilder(URI.create(address + path)).build());
  }

  /** Posts a body that is JSON text, or a value to be written as JSON. */
  public Answer post(String path, Object body) {
    String text = body instanceof String written ? written : json.writeValueAsString(body);
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(text))
            .build());
  }

  public Answer take(String name, byte[] file) {
    return take(name, file, "");
  }

  /** A file that the page decodes, with its picture behind it. */
  public Answer take(String name, byte[] file, byte[] picture) {
    byte[] both = Arrays.copyOf(file, file.length + picture.length);
    System.arraycopy(picture, 0, both, file.length, picture.length);
    return take(name, both, "&rendition=" + picture.length);
  }

  private Answer take(String name, byte[] body, String more) {
    return send(
        HttpRequest.newBuilder(
                URI.create(
                    address
                        + "/api/albums/1/photos?name="
                        + URLEncoder.encode(name, StandardCharsets.UTF_8)
                        + more))
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(body))
            .build());
  }

  public Answer send(HttpRequest request) {
    try {
      HttpResponse<byte[]> response = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
      return new Answer(response.statusCode(), response.body(), response);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** Takes a step on the first album, as a page that has seen its newest version. */
  public Answer step(String path, Map<String, ?> body) {
    Map<String, Object> whole = new LinkedHashMap<>(body);
    whole.put("version", album().get("version").longValue());
    return post("/api/albums/1/" + path, whole);
  }

  public JsonNode album() {
    return get("/api/albums/1").is(200).json();
  }

  /** The first album with another spread than the one it opens at. */
  public JsonNode album(int spread) {
    return get("/api/albums/1?spread=" + spread).is(200).json();
  }

  /** The photos on the line in its order. */
  public List<JsonNode> line() {
    return get("/api/albums/1/line")
        .is(200)
        .json()
        .get("chapters")
        .valueStream()
        .flatMap(chapter -> chapter.get("photos").valueStream())
        .toList();
  }

  /** Which photo is in which slot, by the album as it is told. */
  public static Map<String, String> held(JsonNode album) {
    Map<String, String> held = new LinkedHashMap<>();
    for (String side : List.of("left", "right")) {
      JsonNode page = album.get("spread").get(side);
      if (page == null) {
        continue;
      }
      page.get("slots")
          .valueStream()
          .filter(slot -> slot.hasNonNull("seat"))
          .forEach(
              slot ->
                  held.put(
                      slot.get("id").stringValue(), slot.get("seat").get("photo").stringValue()));
    }
    return held;
  }
}
