package drumnest.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application, or another program of its class path, as a process of its own. */
final class ServerProcess implements AutoCloseable {

  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private final Process process;
  private final BufferedReader out;
  private final Queue<String> logged = new ConcurrentLinkedQueue<>();
  private String address = "";

  private ServerProcess(Process process) {
    this.process = process;
    this.out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
  }

  private static ProcessBuilder program(List<String> options, String name, String... arguments) {
    List<String> command =
        new ArrayList<>(
            List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
    command.addAll(options);
    command.addAll(List.of("-cp", System.getProperty("java.class.path"), name));
    command.addAll(List.of(arguments));
    return new ProcessBuilder(command).redirectErrorStream(true);
  }

  private static String[] arguments(Path home, String... more) {
    return Stream.concat(Stream.of("--server.port=0", "--drumnest.home=" + home), Stream.of(more))
        .toArray(String[]::new);
  }

  /** Begins to run a program with its arguments. */
  static ServerProcess run(String name, String... arguments) throws IOException {
    return new ServerProcess(program(List.of("-XX:TieredStopAtLevel=1"), name, arguments).start());
  }

  /** Begins to start the application on a data folder. */
  static ServerProcess begin(Path home, String... more) throws IOException {
    return run(DrumNest.class.getName(), arguments(home, more));
  }

  /**
   * Begins to start the application with the options that its start script gives it, except for
   * those that want a packed application.
   */
  static ServerProcess beginAsInstalled(Path home) throws IOException {
    String script = Files.readString(Path.of("../drumnest"));
    Matcher jvm = Pattern.compile("\\njvm=\\(([^)]*)\\)").matcher(script);
    Matcher exports = Pattern.compile("\\n *export (MALLOC.*)").matcher(script);
    if (!jvm.find() || !exports.find()) {
      throw new IllegalStateException("The start script has changed.");
    }
    List<String> options =
        Arrays.stream(jvm.group(1).strip().split("\\s+"))
            .filter(option -> !option.contains("$work") && !option.contains("aot"))
            .toList();
    ProcessBuilder program = program(options, DrumNest.class.getName(), arguments(home));
    for (String setting : exports.group(1).strip().split(" ")) {
      program.environment().put(setting.split("=")[0], setting.split("=")[1]);
    }
    return new ServerProcess(program.start());
  }

  /** Waits until the application has said where its page is. */
  ServerProcess greeted() throws IOException {
    String said = said();
    if (!isOpen()) {
      throw new IllegalStateException("It did not start: " + said);
    }
    // Output that nobody reads fills the pipe, and the process would wait.
    Thread reader = new Thread(() -> out.lines().forEach(logged::add), "log-of-" + pid());
    reader.setDaemon(true);
    reader.start();
    return this;
  }

  /** Tells what it has said since its greeting. */
  List<String> logged() {
    return List.copyOf(logged);
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

  /** Tells what it ended with. */
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
