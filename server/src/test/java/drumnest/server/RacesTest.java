package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Of several who change one version of an album at once, one is let and the others are told. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class RacesTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final int AT_ONCE = 3;

  private static int step(CyclicBarrier together, String path, Map<String, ?> body) {
    try {
      together.await();
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
    return SERVER.post("/api/albums/1/" + path, body).status();
  }

  @Test
  void of_simultaneous_steps_in_each_others_way_one_is_done_and_the_others_are_told() {
    ExecutorService makers = Executors.newFixedThreadPool(AT_ONCE);
    try {
      for (int round = 0; round < 60; round++) {
        long version = SERVER.album().get("version").longValue();
        CyclicBarrier together = new CyclicBarrier(AT_ONCE);
        boolean leaves = round % 3 == 0;
        boolean back = round % 3 == 1;
        List<CompletableFuture<Integer>> answers =
            IntStream.range(0, AT_ONCE)
                .mapToObj(
                    each ->
                        CompletableFuture.supplyAsync(
                            () ->
                                leaves
                                    ? step(
                                        together,
                                        "leaves/add",
                                        Map.of(
                                            "version", version, "type", "12x12-six-6x4", "at", 1))
                                    : back && each == 0
                                        ? step(together, "undo", Map.of("version", version))
                                        : step(
                                            together,
                                            "title",
                                            Map.of("version", version, "title", "Title " + each)),
                            makers))
                .toList();
        List<Integer> told = answers.stream().map(CompletableFuture::join).toList();
        // An undo that comes first is in no title's way.
        assertThat(told.stream().skip(back ? 1 : 0).sorted().toList())
            .as("round %d", round)
            .isEqualTo(back ? List.of(200, 409) : List.of(200, 409, 409));
        assertThat(SERVER.album().get("version").longValue() - version)
            .as("round %d", round)
            .isEqualTo(told.stream().filter(status -> status == 200).count());
      }
    } finally {
      makers.shutdown();
    }
  }

  @Test
  void bodies_that_never_end_hold_up_no_one_elses_album() throws IOException {
    byte[] file = TestPictures.jpeg(300, 200, 1, LocalDateTime.of(2021, 6, 14, 12, 0), 5);
    SERVER.take("stalled.jpg", file).is(200);
    Wire wire = new Wire(SERVER);
    List<Socket> stalled = new ArrayList<>();
    try {
      for (int i = 0; i < 16; i++) {
        Socket socket = wire.connect("127.0.0.1", "127.0.0.1");
        stalled.add(socket);
        String path = "/api/albums/1/" + (i % 2 == 0 ? "sidecars?name=stalled.xmp" : "title");
        String head =
            Wire.head("POST", path, "127.0.0.1", "Content-Length: 1000", "Expect: 100-continue");
        Wire.send(socket, head + "<");
        // It has begun to wait for the rest when it asks for it.
        assertThat(Wire.status(socket)).isEqualTo(100);
      }
      SERVER.get("/api/albums/1").is(200);
      SERVER.step("title", Map.of("title", "Meanwhile")).is(200);
    } finally {
      for (Socket socket : stalled) {
        socket.close();
      }
    }
  }
}
