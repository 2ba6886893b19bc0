package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * A copy of a database that an earlier version wrote opens with all that can be undone and redone.
 */
class KeptCopyTest {

  private static final String COPY = "drumnest-2026-12-01T233209.zip";

  @RegisterExtension
  static final RunningServer SERVER = new RunningServer().on(KeptCopyTest::takeOut);

  private static void takeOut(Path home) throws IOException {
    try (ZipInputStream copy = new ZipInputStream(open(COPY))) {
      String database = copy.getNextEntry().getName();
      Files.copy(copy, home.resolve(database));
    }
  }

  private static InputStream open(String name) {
    return KeptCopyTest.class.getResourceAsStream("/earlier/" + name);
  }

  private static void assertListsAreAsTheyWere() throws IOException {
    for (String list : new String[] {"words.csv", "prints.csv", "trims.csv"}) {
      try (InputStream said = open(list)) {
        assertThat(SERVER.get("/api/albums/1/" + list).is(200).text())
            .as(list)
            .isEqualTo(new String(said.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
  }

  private static int all(String what) {
    int steps = 0;
    for (JsonNode album = SERVER.album(); album.has(what); album = SERVER.album()) {
      SERVER.step(what, Map.of()).is(200);
      steps++;
    }
    return steps;
  }

  @Test
  void every_step_of_it_is_undone_and_done_again() throws IOException {
    assertListsAreAsTheyWere();
    assertThat(SERVER.album().get("title").stringValue()).isEqualTo("A meet written earlier");
    assertThat(all("undo")).isEqualTo(127);
    JsonNode begun = SERVER.album();
    assertThat(begun.get("title").stringValue()).isEqualTo("The kite meet");
    assertThat(begun.at("/counts/placed").intValue()).isZero();
    assertThat(begun.at("/counts/cards").intValue()).isZero();
    assertThat(begun.at("/counts/onLine").intValue()).isEqualTo(89);
    assertThat(all("redo")).isEqualTo(130);
    JsonNode done = SERVER.album();
    assertThat(done.get("undo").stringValue()).isNotEmpty();
    SERVER.restart();
    assertThat(SERVER.album().get("spread")).isEqualTo(done.get("spread"));
    assertThat(SERVER.album().get("counts")).isEqualTo(done.get("counts"));
    for (int i = 0; i < 3; i++) {
      SERVER.step("undo", Map.of()).is(200);
    }
    assertListsAreAsTheyWere();
  }
}
