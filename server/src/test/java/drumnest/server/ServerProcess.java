package drumnest.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application, or another program of its class path, as a process of its own. */
final class ServerProcess implements AutoCloseable {

  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private final Process process;
  private final BufferedReader out;
  private String address = "";

  private ServerProcess(Process process) {
    this.process = process;
    this.out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
  }

  /** Begins to run a program with its arguments. */
  static ServerProcess run(String program, String... arguments) throws IOException {
    List<String> command =
        Stream.concat(
                Stream.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1",
                    "-cp",
                    System.getProperty("java.class.path"),
                    program),
                Stream.of(arguments))
            .toList();
    return new ServerProcess(new ProcessBuilder(command).redirectErrorStream(true).start());
  }

  /** Begins to start the application on a data folder. */
  static ServerProcess begin(Path home, String... more) throws IOException {
    return run(
        DrumNest.class.getName(),
        Stream.concat(Stream.of("--server.port=0", "--drumnest.home=" + home), Stream.of(more))
            .toArray(String[]::new));
  }

  /** Waits until the application has said where its page is. */
  ServerProcess greeted() throws IOException {
    String said = said();
    if (!isOpen()) {
      throw new IllegalStateException("It did not start: " + said);
    }
    return this;
  }

  /** Waits until it has said where its page is, or has ended; what it has said until then. */
  String said() throws IOException {
    StringBuilder said = new StringBuilder();
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.append(line).append('\n');
      if (line.contains("open at http://")) {
        address = line.substring(line.indexOf("http://"), line.length() - 1);
        break;
      }
    }
    return said.toString();
  }

  /** Whether it has said where its page is. */
  boolean isOpen() {
    return !address.isEmpty();
  }

  /** What it ended with. */
  int exitCode() throws InterruptedException {
    return process.waitFor();
  }

  boolean hasEnded(long milliseconds) throws InterruptedException {
    return process.waitFor(milliseconds, TimeUnit.MILLISECONDS);
  }

  long pid() {
    return process.pid();
  }

  String address() {
    return address;
  }

  HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
    return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  JsonNode get(String path) throws IOException, InterruptedException {
    return new JsonMapper()
        .readTree(send(HttpRequest.newBuilder(URI.create(address + path))).body());
  }

  /** Takes a step on the first album. */
  HttpResponse<String> step(String path, String body) throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(URI.create(address + "/api/albums/1/" + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  /** Ends it without a word. */
  void kill() throws InterruptedException {
    process.destroyForcibly();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      throw new IllegalStateException("It does not end.");
    }
  }

  @Override
  public void close() {
    process.destroyForcibly();
  }
}
