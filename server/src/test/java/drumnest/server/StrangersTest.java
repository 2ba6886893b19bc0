package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Strangers at the shared door cost nothing: no memory, no threads, no time of the others. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class StrangersTest {

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--drumnest.share.addresses=127.0.0.2");

  private static final Wire WIRE = new Wire(SERVER);
  private static final String STRANGER = "127.0.0.9";
  private static final long NINETY_MEGABYTES = 90L << 20;

  @BeforeEach
  void share() {
    SERVER.post("/api/sharing", Map.of("on", true)).is(200);
  }

  @Test
  void a_code_of_ninety_megabytes_is_refused_unread() throws IOException {
    try (Socket socket = WIRE.connect(Wire.SHARED, STRANGER)) {
      Wire.send(
          socket,
          Wire.head("POST", "/api/pair", Wire.SHARED, "Content-Length: " + NINETY_MEGABYTES));
      Wire.send(socket, "{\"code\":\"");
      assertThat(Wire.status(socket)).isEqualTo(413);
    }
  }

  @Test
  void a_body_that_does_not_say_how_long_it_is_is_refused_when_it_has_come_so_far()
      throws IOException {
    try (Socket socket = WIRE.connect(Wire.SHARED, STRANGER)) {
      Wire.send(socket, Wire.head("POST", "/api/pair", Wire.SHARED, "Transfer-Encoding: chunked"));
      Wire.send(socket, "500\r\n{\"code\":\"" + "1".repeat(0x500 - 9) + "\r\n");
      assertThat(Wire.status(socket)).isEqualTo(413);
    }
  }

  @Test
  void other_bodies_have_their_limit_too_on_the_first_screen_as_well() throws IOException {
    for (String path : List.of("/api/albums/1/title", "/api/sums/row")) {
      try (Socket socket = WIRE.connect("127.0.0.1", "127.0.0.1")) {
        Wire.send(
            socket, Wire.head("POST", path, "127.0.0.1", "Content-Length: " + NINETY_MEGABYTES));
        Wire.send(socket, "{");
        socket.shutdownOutput();
        assertThat(Wire.status(socket)).as(path).isEqualTo(413);
      }
    }
  }

  /** Each sends a byte now and then and never comes to an end. */
  @Test
  void those_who_send_slowly_hold_up_nobody_and_are_cut_off() throws IOException {
    List<Socket> slow = new ArrayList<>();
    ScheduledExecutorService drip = Executors.newSingleThreadScheduledExecutor();
    try {
      for (int i = 0; i < 32; i++) {
        Socket socket = WIRE.connect(Wire.SHARED, "127.0.0." + (10 + i % 4));
        slow.add(socket);
        String body = Wire.head("POST", "/api/pair", Wire.SHARED, "Content-Length: 1000");
        Wire.send(socket, i % 2 == 0 ? body + "{" : body.substring(0, 30));
      }
      drip.scheduleWithFixedDelay(() -> drip(slow), 100, 100, TimeUnit.MILLISECONDS);
      assertThat(WIRE.ask(Wire.SHARED, "127.0.0.20", "GET", "/mark.svg", null)).isEqualTo(200);
      assertThat(WIRE.ask(Wire.SHARED, "127.0.0.20", "GET", "/api/albums", null)).isEqualTo(401);
      SERVER.get("/api/albums").is(200);
      for (Socket socket : slow) {
        assertEnds(socket);
      }
    } finally {
      drip.shutdownNow();
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  private static void drip(List<Socket> sockets) {
    for (Socket socket : sockets) {
      try {
        Wire.send(socket, " ");
      } catch (IOException cutOff) {
        // That is what is waited for.
      }
    }
  }

  private static void assertEnds(Socket socket) {
    try {
      socket.getInputStream().readAllBytes();
    } catch (IOException reset) {
      assertThat(reset).isNotInstanceOf(java.net.SocketTimeoutException.class);
    }
  }

  @Test
  void one_stranger_has_a_few_requests_at_a_time() throws IOException {
    List<Socket> open = new ArrayList<>();
    try {
      for (int i = 0; i < 6; i++) {
        Socket socket = WIRE.connect(Wire.SHARED, "127.0.0.30");
        open.add(socket);
        Wire.send(
            socket,
            Wire.head(
                    "POST",
                    "/api/pair",
                    Wire.SHARED,
                    "Content-Length: 1000",
                    "Expect: 100-continue")
                + "{");
        assertThat(Wire.status(socket)).isEqualTo(100);
      }
      // The server asks them to go on a moment before it has counted them.
      int status = 0;
      for (int tries = 0; tries < 500 && status != 429; tries++) {
        status = WIRE.ask(Wire.SHARED, "127.0.0.30", "GET", "/mark.svg", null);
      }
      assertThat(status).isEqualTo(429);
      assertThat(WIRE.ask(Wire.SHARED, "127.0.0.31", "GET", "/mark.svg", null)).isEqualTo(200);
    } finally {
      for (Socket socket : open) {
        socket.close();
      }
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/?a=%FF", "/?a=%zz", "/?%", "/api/pair?a=%C3%28", "/api/albums/1?spread=%zz"})
  void a_query_that_cannot_be_read_is_refused_on_both_doors(String target) {
    assertThat(WIRE.ask(Wire.SHARED, STRANGER, "GET", target, null)).isEqualTo(400);
    assertThat(WIRE.ask("127.0.0.1", "127.0.0.1", "GET", target, null)).isEqualTo(400);
  }

  @Test
  void a_form_is_refused_unread() throws IOException {
    String form = "Content-Type: application/x-www-form-urlencoded";
    for (String length : List.of("Content-Length: 3000000", "Transfer-Encoding: chunked")) {
      try (Socket socket = WIRE.connect(Wire.SHARED, STRANGER)) {
        Wire.send(
            socket,
            Wire.head("POST", "/api/pair", Wire.SHARED, length)
                .replaceFirst("Content-Type: [^\r]+", form));
        assertThat(Wire.status(socket)).as(length).isIn(400, 413);
      }
    }
  }
}
