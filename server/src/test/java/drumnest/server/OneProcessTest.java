package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A data folder is one process's: seen from other processes, after the first has wholly started,
 * which is when closing a file could have given its lock away.
 */
class OneProcessTest {

  private static final String RESTORE = "drumnest.server.data.RestoreDatabase";

  @TempDir Path home;

  private static void confirmTitle(ServerProcess server, String title) throws Exception {
    long version = server.get("/api/albums/1").get("version").longValue();
    String body = "{\"version\":" + version + ",\"title\":\"" + title + "\"}";
    assertThat(server.step("title", body).statusCode()).isEqualTo(200);
  }

  /** All that lies in a folder, with what changes when it is written to. */
  private static Map<String, String> state(Path folder) throws IOException {
    Map<String, String> state = new TreeMap<>();
    try (var files = Files.walk(folder)) {
      for (Path file : files.toList()) {
        state.put(
            folder.relativize(file).toString(),
            Files.isDirectory(file)
                ? "folder"
                : Files.size(file) + " " + Files.getLastModifiedTime(file));
      }
    }
    return state;
  }

  @ParameterizedTest
  @ValueSource(strings = {"start", "demo", "restore"})
  void a_second_one_ends_and_names_the_folder_and_the_first(String second) throws Exception {
    try (ServerProcess first = ServerProcess.begin(home).greeted()) {
      confirmTitle(first, "Before");
      Files.writeString(
          Files.createDirectories(home.resolve("backups"))
              .resolve("drumnest-2020-01-01T120000.zip"),
          "a copy");
      Map<String, String> before = state(home);
      String said;
      int exit;
      try (ServerProcess other = second(second)) {
        said = other.said();
        exit = other.exitCode();
      }
      assertThat(exit).isNotZero();
      assertThat(said)
          .contains(home.toRealPath() + " is in use", "process " + first.pid(), "--data");
      assertThat(state(home)).isEqualTo(before);
      confirmTitle(first, "After");
      first.kill();
    }
    try (ServerProcess again = ServerProcess.begin(home).greeted()) {
      assertThat(again.get("/api/albums/1").get("title").stringValue()).isEqualTo("After");
    }
  }

  private ServerProcess second(String what) throws IOException {
    return switch (what) {
      case "start" -> ServerProcess.begin(home);
      case "demo" ->
          ServerProcess.begin(home, "--drumnest.demo=true", "--drumnest.ready-demo=" + home);
      default -> ServerProcess.run(RESTORE, home.toString());
    };
  }

  @Test
  void of_several_that_start_at_once_one_runs_and_the_others_name_it() throws Exception {
    List<ServerProcess> all = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      all.add(ServerProcess.begin(home));
    }
    try {
      List<String> refused = new ArrayList<>();
      for (ServerProcess each : all) {
        String said = each.said();
        if (!each.isOpen()) {
          refused.add(said);
        }
      }
      assertThat(refused).hasSize(2).allMatch(said -> said.contains("is in use"));
    } finally {
      all.forEach(ServerProcess::close);
    }
  }
}
