package drumnest.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packed application as a process of its own, on a free port and a home of its own. */
final class App implements AutoCloseable {

  private final Path home;
  private final boolean demo;
  private final String[] more;
  private Process process;
  private int port;

  private App(boolean demo, String... more) {
    try {
      this.home = TemporaryFolder.create();
      if (demo) {
        Packed.copyDemoTo(home);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    this.demo = demo;
    this.more = more;
    start();
  }

  /**
   * @param more what it is told besides its port and its home
   */
  static App empty(String... more) {
    return new App(false, more);
  }

  static App demo() {
    return new App(true);
  }

  private void start() {
    List<String> arguments =
        new ArrayList<>(
            List.of("--server.port=" + port, "--drumnest.demo=" + demo, "--drumnest.home=" + home));
    Collections.addAll(arguments, more);
    try {
      process = Packed.start(arguments);
      port = Packed.port(process);
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
    TemporaryFolder.delete(home);
  }
}
