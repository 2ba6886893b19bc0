package drumnest.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The first album of a running Drum Nest, asked and changed as its page does. */
final class RunningAlbum {

  private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");
  private static final Pattern REVISION = Pattern.compile("\"revision\":\"([^\"]+)\"");

  private final HttpClient http = HttpClient.newHttpClient();
  private final String album;
  private String version = "";
  private String revision = "";

  private final ProcessHandle server;

  /**
   * @param arguments the address, and the number of the server's process
   */
  RunningAlbum(String[] arguments) {
    this.album = arguments[0] + "/api/albums/1";
    this.server = ProcessHandle.of(Long.parseLong(arguments[1])).orElseThrow();
  }

  String get(String path) throws Exception {
    return send(HttpRequest.newBuilder(URI.create(album + path)));
  }

  String post(String path, String body) throws Exception {
    return send(
        HttpRequest.newBuilder(URI.create(album + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  void bring(String name, byte[] photo) throws Exception {
    send(
        HttpRequest.newBuilder(URI.create(album + "/photos?name=" + name))
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(photo)));
  }

  /** A step on the newest version, which every answer tells. */
  void step(String path, String fields) throws Exception {
    if (version.isEmpty()) {
      see(get(""));
    }
    see(post("/" + path + "?since=" + revision, "{\"version\":" + version + fields + "}"));
  }

  private void see(String answer) {
    version = found(VERSION, answer);
    revision = revisionIn(answer);
  }

  static String revisionIn(String answer) {
    return found(REVISION, answer);
  }

  static String found(Pattern pattern, String answer) {
    Matcher found = pattern.matcher(answer);
    if (!found.find()) {
      throw new IllegalStateException("No " + pattern + " in the answer.");
    }
    return found.group(1);
  }

  private String send(HttpRequest.Builder request) throws Exception {
    HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(answer.statusCode() + " " + answer.body());
    }
    return answer.body();
  }

  /** Something that is timed. */
  interface Asking {
    void ask() throws Exception;
  }

  /**
   * Says how long something took, of so many times, and how much of the processors the server took
   * for it, which says more where other work goes on.
   */
  void say(String name, int rounds, Asking asking) throws Exception {
    List<Long> took = new ArrayList<>();
    long before = processorTime();
    for (int round = 0; round < rounds; round++) {
      long start = System.nanoTime();
      asking.ask();
      took.add(System.nanoTime() - start);
    }
    long processors = processorTime() - before;
    took.sort(null);
    System.out.printf(
        Locale.ROOT,
        "%-32s processors %5.0f ms, median %5.0f ms, 95 %% %5.0f ms, most %5.0f ms%n",
        name,
        processors / 1e6 / rounds,
        took.get(rounds / 2) / 1e6,
        took.get((int) (rounds * 0.95)) / 1e6,
        took.get(rounds - 1) / 1e6);
  }

  private long processorTime() {
    return server.info().totalCpuDuration().orElseThrow().toNanos();
  }
}
