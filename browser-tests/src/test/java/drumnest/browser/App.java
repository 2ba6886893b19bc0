package drumnest.browser;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The packed application as a process of its own, on a free port and a home of its own. */
final class App implements AutoCloseable {

  private final Path home;
  private final boolean demo;
  private final String jar;
  private Process process;
  private int port;

  private App(boolean demo) {
    try {
      this.home = Files.createTempDirectory("drumnest-browser");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    this.demo = demo;
    this.jar = System.getProperty("drumnest.jar");
    start();
  }

  static App empty() {
    return new App(false);
  }

  static App demo() {
    return new App(true);
  }

  private void start() {
    try {
      process =
          new ProcessBuilder(
                  Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                  "-XX:TieredStopAtLevel=1",
                  "-XX:+UseSerialGC",
                  "-Xmx320m",
                  "-jar",
                  jar,
                  "--server.port=" + port,
                  "--drumnest.demo=" + demo,
                  "--drumnest.home=" + home)
              .redirectErrorStream(true)
              .start();
      BufferedReader out =
          new BufferedReader(
              new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
      List<String> said = new ArrayList<>();
      for (String line = out.readLine(); line != null; line = out.readLine()) {
        said.add(line);
        if (line.contains("open at http://")) {
          port = Integer.parseInt(line.replaceAll(".*:(\\d+)/.*", "$1"));
          return;
        }
      }
      throw new IllegalStateException("It did not start: " + said);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  /** Kills the process without a word and starts it again at the same address. */
  void killAndRestart() {
    end();
    start();
  }

  private void end() {
    process.destroyForcibly();
    try {
      process.waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    end();
    try (Stream<Path> files = Files.walk(home)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
