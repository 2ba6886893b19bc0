package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The memory of the whole process, with the options it is started with and four clients at a time:
 * the most it ever took, as the system tells (source: Linux, proc(5), VmHWM).
 */
@EnabledOnOs(OS.LINUX)
class MemoryTest {

  private static final int CLIENTS = 4;
  private static final long MOST_MEGABYTES = 512;
  private static final int MUTATED = 400;

  @TempDir Path home;

  private final AtomicInteger number = new AtomicInteger();

  private HttpResponse<String> take(ServerProcess server, byte[] file)
      throws IOException, InterruptedException {
    String path = "/api/albums/1/photos?name=p" + number.incrementAndGet();
    return server.send(
        HttpRequest.newBuilder(URI.create(server.address() + path))
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  /** Sends files, four at a time, and gives the answers in their order. */
  private List<HttpResponse<String>> take(ServerProcess server, List<Supplier<byte[]>> files)
      throws Exception {
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    try {
      List<Future<HttpResponse<String>>> answers = new ArrayList<>();
      for (Supplier<byte[]> file : files) {
        answers.add(clients.submit(() -> take(server, file.get())));
      }
      List<HttpResponse<String>> all = new ArrayList<>();
      for (Future<HttpResponse<String>> answer : answers) {
        all.add(answer.get());
      }
      return all;
    } finally {
      clients.shutdownNow();
    }
  }

  private static long peakMegabytes(ServerProcess server) throws IOException {
    return Files.readAllLines(Path.of("/proc/" + server.pid() + "/status")).stream()
        .filter(line -> line.startsWith("VmHWM:"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) >> 10)
        .findFirst()
        .orElseThrow();
  }

  private static void assertModest(ServerProcess server, String after) throws IOException {
    assertThat(peakMegabytes(server)).as("megabytes after " + after).isLessThan(MOST_MEGABYTES);
  }

  private static byte[] file(String name) {
    try (var in = MemoryTest.class.getResourceAsStream("/photos/" + name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void stays_modest_whatever_comes_in() throws Exception {
    try (ServerProcess server = ServerProcess.beginAsInstalled(home).greeted()) {
      Map<String, Supplier<byte[]>> hostile = new LinkedHashMap<>();
      hostile.put("a TIFF of two sizes", () -> HostilePictures.tiffOfTwoSizes(24_000, 24_000));
      hostile.put(
          "a JPEG behind a marker without length",
          () ->
              HostilePictures.jpegBehindAMarkerWithoutLength(
                  file("progressive.jpg"), 12_000, 12_000));
      hostile.put("a PNG with zTXt", () -> HostilePictures.pngWithText("zTXt", 600L << 20));
      hostile.put("a PNG with iTXt", () -> HostilePictures.pngWithText("iTXt", 600L << 20));
      hostile.put("a PNG with iCCP", () -> HostilePictures.pngWithText("iCCP", 600L << 20));
      hostile.put("a JPEG with deep XMP", () -> HostilePictures.jpegWithXmp(900));
      hostile.put("a PNG with deep XMP", () -> HostilePictures.pngWithXmp(900, false));
      hostile.put("a PNG with packed deep XMP", () -> HostilePictures.pngWithXmp(900, true));
      hostile.put("a JPEG with greedy Exif", () -> HostilePictures.jpegWithExif(1_000));
      hostile.put("a GIF larger than its screen", HostilePictures::gifLargerThanItsScreen);
      for (Map.Entry<String, Supplier<byte[]>> each : hostile.entrySet()) {
        byte[] made = each.getValue().get();
        for (HttpResponse<String> answer :
            take(server, List.of(() -> made, () -> made, () -> made, () -> made))) {
          assertThat(answer.statusCode())
              .as(() -> each.getKey() + answer.body() + String.join("\n", server.logged()))
              .isEqualTo(422);
        }
        assertModest(server, each.getKey());
      }

      byte[] transparent = HostilePictures.transparentPng(5_477, 3_651);
      take(
              server,
              List.of(() -> transparent, () -> transparent, () -> transparent, () -> transparent))
          .forEach(answer -> assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200));
      assertModest(server, "honest PNG files with transparency");

      straighten(server);
      assertModest(server, "straightening eight prints at once");

      List<HttpResponse<String>> mutated = take(server, mutated());
      assertThat(mutated)
          .allMatch(answer -> answer.statusCode() == 200 || answer.statusCode() == 422);
      assertThat(mutated).filteredOn(answer -> answer.statusCode() == 422).hasSizeBetween(40, 360);
      assertModest(server, MUTATED + " mutated pictures");
      assertThat(server.get("/api/albums/1").get("title").stringValue()).isEqualTo("First album");
    }
  }

  /** Eight prints are cut out of snaps of 24 megapixels at once. */
  private void straighten(ServerProcess server) throws Exception {
    String snap =
        new JsonMapper()
            .readTree(take(server, HostilePictures.jpeg(6_000, 4_000, 9)).body())
            .get("photo")
            .stringValue();
    JsonNode album = server.get("/api/albums/1");
    String print =
        "[{\"x\":100,\"y\":100},{\"x\":5900,\"y\":120},{\"x\":5880,\"y\":3900},{\"x\":90,\"y\":3880}]";
    String size = "{\"w\":\"6\",\"h\":\"4\"}";
    String table = "{\"version\":%s,\"photo\":\"%s\",\"size\":%s}";
    assertThat(
            server.step("on-table", table.formatted(album.get("version"), snap, size)).statusCode())
        .isEqualTo(200);
    String version = server.get("/api/albums/1").get("version").toString();
    String body =
        "{\"version\":%s,\"photo\":\"%s\",\"print\":%s,\"size\":%s}"
            .formatted(version, snap, print, size);
    ExecutorService clients = Executors.newFixedThreadPool(8);
    try {
      List<Future<HttpResponse<String>>> answers = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        answers.add(clients.submit(() -> server.step("straighten", body)));
      }
      int done = 0;
      for (Future<HttpResponse<String>> answer : answers) {
        int status = answer.get().statusCode();
        // One takes the place of the snap; for the others it is gone then.
        assertThat(status).as(answer.get().body()).isIn(200, 404, 409, 422);
        done += status == 200 ? 1 : 0;
      }
      assertThat(done).isPositive();
    } finally {
      clients.shutdownNow();
    }
  }

  /** Photos of every format, each damaged in some bytes, most of them where its header is. */
  private static List<Supplier<byte[]>> mutated() {
    List<byte[]> sound = new ArrayList<>();
    for (String name :
        List.of(
            "grey.jpg",
            "jpeg-inside.tif",
            "lossless.webp",
            "picture.gif",
            "picture.tif",
            "picture.webp",
            "print-colours.jpg",
            "progressive.jpg",
            "sixteen-bit.png",
            "sixteen-bit.tif")) {
      sound.add(file(name));
    }
    List<Supplier<byte[]>> mutated = new ArrayList<>();
    for (int seed = 0; seed < MUTATED; seed++) {
      Random random = new Random(seed);
      byte[] file = sound.get(seed % sound.size()).clone();
      int reach = random.nextBoolean() ? Math.min(file.length, 400) : file.length;
      for (int i = 1 + random.nextInt(6); i > 0; i--) {
        file[random.nextInt(reach)] = (byte) random.nextInt();
      }
      mutated.add(() -> file);
    }
    return mutated;
  }
}
