package drumnest.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.RunningServer;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * Grouping against what the painter of the kite meet knows of its shots: pairs found that are pairs
 * (precision) and pairs that are found (recall), on the real files of the demo.
 */
class LabelledStacksTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer("--drumnest.demo=true");

  /** The labels tell of each camera alone, so its clock is put back to what it said. */
  @BeforeAll
  static void asTheCamerasSaid() {
    String second =
        SERVER.get("/api/albums/1/cameras").json().get("cameras").get(1).get("name").stringValue();
    SERVER.step("clock", Map.of("camera", second, "shift", "0:00")).is(200);
  }

  private static JsonNode line() {
    return SERVER.get("/api/albums/1/line").is(200).json();
  }

  /** The names of all photos by their identity. */
  private static Map<String, String> names(JsonNode line) {
    Map<String, String> names = new LinkedHashMap<>();
    line.get("chapters")
        .valueStream()
        .flatMap(
            chapter ->
                Stream.concat(
                    chapter.get("photos").valueStream(), chapter.get("out").valueStream()))
        .forEach(each -> names.put(each.get("id").stringValue(), each.get("name").stringValue()));
    return names;
  }

  private static Set<String> pairs(List<List<String>> groups) {
    Set<String> pairs = new HashSet<>();
    for (List<String> group : groups) {
      for (String one : group) {
        group.stream()
            .filter(other -> one.compareTo(other) < 0)
            .forEach(o -> pairs.add(one + " " + o));
      }
    }
    return pairs;
  }

  private static List<List<String>> labelled(Function<Shot, String> label) {
    Map<String, List<String>> groups = new LinkedHashMap<>();
    for (Shot shot : KiteMeet.shots()) {
      String name = label.apply(shot);
      if (name != null) {
        groups.computeIfAbsent(name, key -> new java.util.ArrayList<>()).add(shot.file());
      }
    }
    return List.copyOf(groups.values());
  }

  private static void assertAgrees(Set<String> found, Set<String> known, String what) {
    Set<String> right = new HashSet<>(found);
    right.retainAll(known);
    double precision = (double) right.size() / Math.max(1, found.size());
    double recall = (double) right.size() / known.size();
    System.out.printf(
        "%s: precision %.3f, recall %.3f (%d known pairs)%n",
        what, precision, recall, known.size());
    assertThat(precision).as("precision; found %s", found).isGreaterThanOrEqualTo(0.95);
    assertThat(recall).as("recall; known %s, found %s", known, found).isGreaterThanOrEqualTo(0.95);
  }

  @Test
  void stacks_are_the_labelled_bursts() {
    JsonNode line = line();
    Map<String, String> names = names(line);
    List<List<String>> found =
        line.get("stacks")
            .valueStream()
            .map(
                stack ->
                    stack
                        .get("photos")
                        .valueStream()
                        .map(id -> names.get(id.stringValue()))
                        .toList())
            .toList();
    Function<Shot, String> label =
        shot -> {
          String stack = shot.label().stack();
          return stack == null || stack.startsWith("moment") ? "alone " + shot.file() : stack;
        };
    List<List<String>> known = new java.util.ArrayList<>(labelled(label));
    KiteMeet.shots().stream()
        .filter(shot -> shot.label().stack() != null && shot.label().stack().startsWith("copy of "))
        .forEach(
            shot -> known.add(List.of(shot.file(), shot.label().stack().replace("copy of ", ""))));
    assertAgrees(pairs(found), pairs(known), "stacks");
  }

  @Test
  void alternates_are_the_views_with_the_camera_turned() {
    JsonNode line = line();
    Map<String, List<String>> groups = new LinkedHashMap<>();
    line.get("chapters")
        .valueStream()
        .flatMap(
            chapter ->
                Stream.concat(
                    chapter.get("photos").valueStream(), chapter.get("out").valueStream()))
        .filter(photo -> photo.has("alternates"))
        .forEach(
            photo ->
                groups
                    .computeIfAbsent(
                        photo.get("alternates").stringValue(), key -> new java.util.ArrayList<>())
                    .add(photo.get("name").stringValue()));
    assertAgrees(
        pairs(List.copyOf(groups.values())),
        pairs(
            labelled(
                shot -> shot.camera() == Shot.Camera.PEBBLE ? null : shot.label().alternates())),
        "alternates");
  }

  @Test
  void the_slow_clock_of_the_second_camera_is_found() {
    JsonNode second = SERVER.get("/api/albums/1/cameras").is(200).json().get("cameras").get(1);
    assertThat(second.get("suggested").stringValue()).startsWith("+1:0");
    assertThat(second.get("name").stringValue()).contains("Pebble");
  }
}
