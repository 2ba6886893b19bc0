package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The second address of this machine stands for the local network. */
class SharingTest {

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--drumnest.share.addresses=127.0.0.2");

  private final HttpClient device = HttpClient.newHttpClient();

  @BeforeEach
  void share() {
    SERVER.post("/api/sharing", Map.of("on", true)).is(200);
  }

  @AfterEach
  void stop() {
    SERVER.post("/api/sharing", Map.of("on", false)).is(200);
  }

  private static String shared() {
    return SERVER.address().replace("127.0.0.1", "127.0.0.2");
  }

  private HttpResponse<String> send(String path, @Nullable String body, String... headers)
      throws Exception {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(shared() + path));
    if (body != null) {
      request.header("Content-Type", "application/json");
      request.POST(HttpRequest.BodyPublishers.ofString(body));
    }
    if (headers.length > 0) {
      request.headers(headers);
    }
    return device.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private static String code() {
    return SERVER.post("/api/sharing/code", Map.of()).is(200).json().get("code").stringValue();
  }

  private String pair(String code) throws Exception {
    HttpResponse<String> paired =
        send("/api/pair", "{\"code\":\"" + code + "\",\"name\":\"tablet\"}");
    assertThat(paired.statusCode()).as(paired.body()).isEqualTo(200);
    String cookie = paired.headers().firstValue("Set-Cookie").orElseThrow();
    assertThat(cookie).contains("HttpOnly", "SameSite=Strict");
    return cookie.substring(0, cookie.indexOf(';'));
  }

  private static JsonNode json(HttpResponse<String> response) {
    return new JsonMapper().readTree(response.body());
  }

  @Test
  void a_device_gets_the_page_but_nothing_of_the_albums_until_it_is_paired() throws Exception {
    assertThat(send("/", null).body()).contains("<title>Drum Nest</title>");
    for (String path :
        new String[] {"/api/albums", "/api/albums/1", "/api/rules", "/api/sharing"}) {
      assertThat(send(path, null).statusCode()).as(path).isEqualTo(401);
    }
    assertThat(
            send("/api/albums", null, "Cookie", "drumnest-device=" + "0".repeat(64)).statusCode())
        .isEqualTo(401);
    String cookie = pair(code());
    assertThat(send("/api/albums", null, "Cookie", cookie).statusCode()).isEqualTo(200);
    String row = "{\"span\":6,\"pieces\":3,\"gap\":\"1/8\"}";
    assertThat(json(send("/api/sums/row", row, "Cookie", cookie)).at("/cut/text").stringValue())
        .isEqualTo("1 7/8");
  }

  @Test
  void a_code_works_once() throws Exception {
    String code = code();
    pair(code);
    assertThat(send("/api/pair", "{\"code\":\"" + code + "\",\"name\":\"x\"}").statusCode())
        .isEqualTo(400);
  }

  @Test
  void five_wrong_codes_shut_out_the_one_who_gave_them_and_nobody_else() throws Exception {
    String code = code();
    String wrong = code.equals("000000") ? "000001" : "000000";
    for (int i = 0; i < 5; i++) {
      assertThat(pairFrom("127.0.0.5", wrong)).isEqualTo(400);
    }
    assertThat(pairFrom("127.0.0.5", code)).isEqualTo(429);
    assertThat(pairFrom("127.0.0.5", code())).isEqualTo(429);
    assertThat(pairFrom("127.0.0.6", wrong)).isEqualTo(400);
    pair(code());
  }

  private static int pairFrom(String address, String code) {
    return new Wire(SERVER)
        .ask(
            Wire.SHARED,
            address,
            "POST",
            "/api/pair",
            null,
            "{\"code\":\"" + code + "\",\"name\":\"x\"}");
  }

  @Test
  void a_removed_device_is_let_in_no_more() throws Exception {
    String cookie = pair(code());
    assertThat(send("/api/albums", null, "Cookie", cookie).statusCode()).isEqualTo(200);
    JsonNode devices = SERVER.get("/api/sharing").json().get("devices");
    for (JsonNode each : devices) {
      SERVER.post("/api/sharing/devices/" + each.get("id") + "/remove", Map.of()).is(200);
    }
    assertThat(send("/api/albums", null, "Cookie", cookie).statusCode()).isEqualTo(401);
  }

  /** Asking goes on while a device is removed; afterwards no answer may be one for a device. */
  @Test
  void a_device_that_is_removed_while_it_asks_stays_out() throws Exception {
    List<Long> gone = new ArrayList<>();
    for (int round = 0; round < 40; round++) {
      String cookie = pair(code());
      JsonNode device = newest();
      gone.add(device.get("id").longValue());
      Wire wire = new Wire(SERVER);
      CountDownLatch asking = new CountDownLatch(1);
      AtomicBoolean removed = new AtomicBoolean();
      CompletableFuture<Void> load =
          CompletableFuture.runAsync(
              () -> {
                do {
                  wire.ask(Wire.SHARED, "127.0.0.1", "GET", "/api/albums", cookie);
                  asking.countDown();
                } while (!removed.get());
              });
      if (round % 2 == 0) {
        asking.await();
      }
      SERVER.post("/api/sharing/devices/" + device.get("id") + "/remove", Map.of()).is(200);
      assertThat(wire.ask(Wire.SHARED, "127.0.0.1", "GET", "/api/albums", cookie))
          .as("round %d", round)
          .isEqualTo(401);
      removed.set(true);
      load.join();
    }
    assertThat(SERVER.get("/api/sharing").json().get("devices"))
        .extracting(device -> device.get("id").longValue())
        .doesNotContainAnyElementsOf(gone);
  }

  private static JsonNode newest() {
    return SERVER
        .get("/api/sharing")
        .json()
        .get("devices")
        .valueStream()
        .max(Comparator.comparing(device -> device.get("id").longValue()))
        .orElseThrow();
  }

  @Test
  void where_it_may_be_opened_is_named_and_nothing_else_is_opened() {
    JsonNode sharing = SERVER.get("/api/sharing").is(200).json();
    for (JsonNode place : sharing.get("places")) {
      assertThat(place.get("device").stringValue()).isNotEmpty();
      assertThat(place.get("behind").stringValue()).isNotEmpty();
    }
    JsonNode refused =
        SERVER
            .post("/api/sharing", Map.of("on", true, "addresses", List.of("8.8.8.8")))
            .is(400)
            .json();
    assertThat(refused.get("field").stringValue()).isEqualTo("addresses");
    assertThat(SERVER.get("/api/sharing").json().get("on").booleanValue()).isTrue();
  }

  @Test
  void a_paired_device_does_not_change_sharing_nor_see_the_code() throws Exception {
    String cookie = pair(code());
    code();
    JsonNode seen = json(send("/api/sharing", null, "Cookie", cookie));
    assertThat(seen.get("here").booleanValue()).isFalse();
    assertThat(seen.get("code")).isNull();
    assertThat(send("/api/sharing", "{\"on\":false}", "Cookie", cookie).statusCode())
        .isEqualTo(403);
    assertThat(send("/api/sharing/code", "{}", "Cookie", cookie).statusCode()).isEqualTo(403);
  }

  @Test
  void pages_of_elsewhere_are_not_let_in_by_the_shared_door_either() throws Exception {
    String cookie = pair(code());
    assertThat(
            send("/api/albums", null, "Cookie", cookie, "Origin", "http://elsewhere.example")
                .statusCode())
        .isEqualTo(403);
  }

  @Test
  void when_sharing_stops_nobody_is_answered_and_paired_devices_come_back_with_it()
      throws Exception {
    String cookie = pair(code());
    SERVER.post("/api/sharing", Map.of("on", false)).is(200);
    assertThat(SERVER.get("/api/sharing").json().get("addresses")).isEmpty();
    assertThatExceptionOfType(ConnectException.class).isThrownBy(() -> send("/", null));
    SERVER.post("/api/sharing/code", Map.of()).is(422);
    share();
    assertThat(send("/api/albums", null, "Cookie", cookie).statusCode()).isEqualTo(200);
  }
}
