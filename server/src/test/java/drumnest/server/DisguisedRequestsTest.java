package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * However a route is spelled, nobody who is not paired gets through the shared door to it: neither
 * a stranger nor a device that was removed. The second address of this machine stands for the local
 * network.
 */
class DisguisedRequestsTest {

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--drumnest.share.addresses=127.0.0.2");

  private static final Wire WIRE = new Wire(SERVER);
  private static final List<String> HIDDEN =
      List.of(
          "GET /v3/api-docs",
          "GET /v3/api-docs.yaml",
          "GET /actuator",
          "GET /actuator/health",
          "GET /error",
          "POST /error",
          "POST /api/sums/row",
          "GET /api/albums/1/chosen.zip",
          "GET /api/albums/1/chosen.csv",
          "GET /api/albums/1/prints.csv",
          "GET /api/albums/1/prints.pdf",
          "GET /api/albums/1/trims.csv",
          "GET /api/albums/1/trims.pdf",
          "GET /api/photos/" + "0".repeat(64) + "/whole");

  private static final List<String> ROUTES = new ArrayList<>();
  private static String removed;

  @BeforeAll
  static void routes() throws Exception {
    SERVER.post("/api/sharing", Map.of("on", true)).is(200);
    removed = removedDevice();
    JsonNode paths = SERVER.get("/v3/api-docs").is(200).json().get("paths");
    for (String path : paths.propertyNames()) {
      for (String method : paths.get(path).propertyNames()) {
        String plain = path.replaceAll("\\{[^}]+}", "1");
        if (!plain.equals("/api/pair")) {
          ROUTES.add(method.toUpperCase(Locale.ROOT) + " " + plain);
        }
      }
    }
    ROUTES.addAll(HIDDEN);
    assertThat(ROUTES).hasSizeGreaterThan(80);
  }

  private static String removedDevice() throws IOException, InterruptedException {
    String code =
        SERVER.post("/api/sharing/code", Map.of()).is(200).json().get("code").stringValue();
    HttpResponse<String> paired =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(
                        URI.create(
                            SERVER.address().replace("127.0.0.1", Wire.SHARED) + "/api/pair"))
                    .header("Content-Type", "application/json")
                    .POST(
                        HttpRequest.BodyPublishers.ofString(
                            "{\"code\":\"" + code + "\",\"name\":\"lost tablet\"}"))
                    .build(),
                HttpResponse.BodyHandlers.ofString());
    String cookie = paired.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
    assertThat(ask("GET", "/api/albums", cookie)).isEqualTo(200);
    for (JsonNode device : SERVER.get("/api/sharing").json().get("devices")) {
      SERVER.post("/api/sharing/devices/" + device.get("id") + "/remove", Map.of()).is(200);
    }
    return cookie;
  }

  @Test
  void a_stranger_is_let_through_to_no_route_however_it_is_spelled() {
    assertThat(letThrough(null)).isEmpty();
  }

  @Test
  void a_removed_device_is_let_through_to_no_route_however_it_is_spelled() {
    assertThat(letThrough(removed)).isEmpty();
  }

  @Test
  void the_files_of_the_page_are_for_everybody() {
    for (String path : List.of("/", "/mark.svg", "/albums/1/place", "/sums", "/sums/row")) {
      assertThat(ask("GET", path, null)).as(path).isEqualTo(200);
    }
    assertThat(ask("GET", "/anything", null)).isEqualTo(401);
    assertThat(ask("POST", "/", null)).isEqualTo(401);
  }

  @Test
  void odd_methods_and_the_error_page_are_answered_quietly_on_the_first_screen_too() {
    SERVER.get("/error").is(404);
    for (String method : List.of("PUT", "DELETE", "PATCH", "TRACE", "BREW")) {
      assertThat(WIRE.ask("127.0.0.1", "127.0.0.1", method, "/api/albums", null))
          .as(method)
          .isBetween(400, 499);
      assertThat(WIRE.ask("127.0.0.1", "127.0.0.1", method, "/error", null))
          .as(method)
          .isBetween(400, 499);
    }
  }

  /** Tells what answered otherwise than with a refusal. */
  private static List<String> letThrough(@Nullable String cookie) {
    List<String> through = new ArrayList<>();
    Random random = new Random(7);
    for (String route : ROUTES) {
      String method = route.substring(0, route.indexOf(' '));
      for (String path : spellings(route.substring(route.indexOf(' ') + 1), random)) {
        int status = ask(method, path, cookie);
        if (status < 400 || status >= 500) {
          through.add(method + " " + path + " " + status);
        }
      }
    }
    return through;
  }

  private static List<String> spellings(String path, Random random) {
    int slash = path.lastIndexOf('/');
    String head = path.substring(0, slash);
    String tail = path.substring(slash + 1);
    int letter = 1 + random.nextInt(path.length() - 1);
    int second = 1 + path.substring(1).indexOf('/') + 1;
    return Stream.of(
            path,
            encoded(path, 1, "%%%02x"),
            encoded(path, 2, "%%%02X"),
            encoded(path, letter, "%%%02x"),
            encoded(path, letter, "%%%02X"),
            encoded(path, 1, "%%25%02x"),
            encoded(path, letter, "%%25%02X"),
            encodedWhole(path),
            "/" + path,
            head + "//" + tail,
            "/." + path,
            head + "/./" + tail,
            "/x/.." + path,
            "/assets/.." + path,
            "/assets/%2e%2e" + path,
            "/%2e" + path,
            head + "/x/../" + tail,
            path + ";a=b",
            "/;a=b" + path,
            path.substring(0, second) + ";a=b" + path.substring(second),
            path + "/",
            path + "%20",
            path + "%00",
            path + "%0a",
            path.toUpperCase(Locale.ROOT),
            path.replaceFirst("/", "/%2f"),
            path.replaceFirst("/", "\\\\"),
            path.replaceFirst("/", "/%5c"),
            "http://127.0.0.1" + path,
            "http://" + Wire.SHARED + path,
            "http://" + Wire.SHARED + encoded(path, 1, "%%%02x"))
        .toList();
  }

  private static String encoded(String path, int at, String format) {
    return path.substring(0, at)
        + String.format(format, (int) path.charAt(at))
        + path.substring(at + 1);
  }

  private static String encodedWhole(String path) {
    return path.chars()
        .mapToObj(c -> c == '/' ? "/" : String.format("%%%02x", c))
        .collect(Collectors.joining());
  }

  private static int ask(String method, String target, @Nullable String cookie) {
    return WIRE.ask(Wire.SHARED, "127.0.0.1", method, target, cookie);
  }
}
