package drumnest.browser;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/**
 * The packed application as it is started: unpacked once, and started once to make the demo and to
 * keep the classes it loads in an archive, as the start script does.
 */
final class Packed {

  private static final List<String> JVM =
      List.of(
          "-Dspring.aot.enabled=true",
          "-XX:TieredStopAtLevel=1",
          "-XX:+UseSerialGC",
          "-Xmx320m",
          "-Xlog:disable");
  private static final Packed ONCE = new Packed();

  private final Path jar;
  private final Path archive;
  private final Path demo;

  private Packed() {
    try {
      Path packed = Path.of(System.getProperty("drumnest.jar"));
      Path folder = TemporaryFolder.create();
      archive = folder.resolve("app.jsa");
      demo = folder.resolve("demo");
      jar = folder.resolve("app").resolve(packed.getFileName());
      end(
          new ProcessBuilder(
                  java(),
                  "-Djarmode=tools",
                  "-jar",
                  packed.toString(),
                  "extract",
                  "--destination",
                  jar.getParent().toString())
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start());
      Process training =
          start(
              List.of("-XX:ArchiveClassesAtExit=" + archive),
              List.of("--server.port=0", "--drumnest.demo=true", "--drumnest.home=" + demo));
      port(training);
      training.destroy();
      end(training);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts it with these arguments. */
  static Process start(List<String> arguments) throws IOException {
    return ONCE.start(List.of("-XX:SharedArchiveFile=" + ONCE.archive), arguments);
  }

  /** Copies what the demo keeps into an empty folder: making it takes longer than a start. */
  static void copyDemoTo(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(ONCE.demo)) {
      for (Path file : (Iterable<Path>) files::iterator) {
        Path copy = folder.resolve(ONCE.demo.relativize(file));
        if (Files.isDirectory(file)) {
          Files.createDirectories(copy);
        } else {
          Files.copy(file, copy);
        }
      }
    }
  }

  private Process start(List<String> more, List<String> arguments) throws IOException {
    List<String> command = new ArrayList<>();
    command.add(java());
    command.addAll(JVM);
    command.addAll(more);
    Collections.addAll(command, "-jar", jar.toString());
    command.addAll(arguments);
    return new ProcessBuilder(command).redirectErrorStream(true).start();
  }

  /** Waits until a started one says where it is open, and gives its port. */
  static int port(Process process) throws IOException {
    BufferedReader out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    List<String> said = new ArrayList<>();
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.add(line);
      if (line.contains("open at http://")) {
        return Integer.parseInt(line.replaceAll(".*:(\\d+)/.*", "$1"));
      }
    }
    throw new IllegalStateException("It did not start: " + said);
  }

  static void end(Process process) {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
  }
}
