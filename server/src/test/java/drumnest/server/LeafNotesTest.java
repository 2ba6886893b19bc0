package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What is said of a leaf beside its numbers: an inset of 6 × 8 between larger pages. */
class LeafNotesTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static int inset;

  @BeforeAll
  static void an_inset_between_two_pages() {
    JsonNode leaves =
        SERVER
            .step("leaves/add", Map.of("type", "6x8-four-3x4", "at", 2))
            .is(200)
            .json()
            .get("leaves");
    inset = leaves.get(1).get("key").intValue();
  }

  private static String notes(int leaf) {
    return SERVER.get("/api/albums/1/leaves/" + leaf).is(200).json().get("notes").toString();
  }

  @Test
  void it_says_what_it_leaves_visible_on_both_sides_and_follows_its_drop() {
    assertThat(notes(inset))
        .contains("Behind its front, leaf 3 stays visible: 6 at the outer side, 4 below.")
        .contains("Behind its back, leaf 1 stays visible: 6 at the outer side, 4 below.");
    SERVER.step("leaves/drop", Map.of("leaf", inset, "drop", "1 1/2")).is(200);
    assertThat(notes(inset)).contains("6 at the outer side, 1 1/2 above, 2 1/2 below.");
    assertThat(notes(1)).doesNotContain("visible");
    SERVER.step("undo", Map.of()).is(200);
    assertThat(notes(inset)).contains("4 below.");
  }

  @Test
  void a_drop_is_a_length_of_0_or_more() {
    for (String wrong : new String[] {"-1/2", "low", "101"}) {
      JsonNode refused =
          SERVER.step("leaves/drop", Map.of("leaf", inset, "drop", wrong)).is(400).json();
      assertThat(refused.get("field").stringValue()).isEqualTo("drop");
    }
  }

  @Test
  void a_leaf_that_is_larger_than_the_album_is_warned_of() {
    SERVER.step("format", Map.of("format", "format-8x8")).is(200);
    JsonNode large = SERVER.get("/api/albums/1/leaves/1").json();
    assertThat(large.get("warning").stringValue()).startsWith("Wider than the album, which is 8");
    JsonNode small = SERVER.get("/api/albums/1/leaves/" + inset).json();
    assertThat(small.get("warning")).isNull();
    SERVER.step("undo", Map.of()).is(200);
  }

  @Test
  void shared_pockets_hold_two_cards_back_to_back() {
    assertThat(notes(1)).contains("back to back");
  }
}
