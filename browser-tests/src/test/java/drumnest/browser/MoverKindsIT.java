package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** Movers of several parts: chosen, measured, leafed and taken off. */
class MoverKindsIT {

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  /** How far away the eye is from the spread, in pixels, as the page says it. */
  private static final double EYE = 2400;

  /** As a share of a flap's width, where the handle of its right edge is. */
  private static final double AT_THE_HANDLE = 0.98;

  @TempDir Path files;
  private Page page;

  @BeforeEach
  void open() {
    page = ALBUM.page();
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
  }

  private void bring(int count) {
    ALBUM.bring(Pictures.many(files, count, 600).toArray(Path[]::new));
    assertThat(page.locator("[data-tile]")).hasCount(count);
    page.navigate(ALBUM.app().address() + "/albums/1/place?spread=1");
  }

  private Locator slot(String id) {
    return page.locator("[data-slot='" + id + "']");
  }

  private Locator flap(int number) {
    return page.locator("[data-flap='2-front-m" + number + "']");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void choose(String slot, String kind) {
    slot(slot).click();
    // Its ticket, not that of what was looked at before.
    String label =
        String.join(", ", List.of(slot(slot).getAttribute("aria-label").split(", ")).subList(0, 2));
    assertThat(page.locator("[aria-label='Ticket']").first()).containsText(label);
    button("another mover$").click();
    page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Movers that go here"))
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + kind)))
        .click();
    assertThat(flap(1)).isAttached();
  }

  private Locator stateCalled(String name) {
    return page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName("Leaf through the spread"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  private void state(String name) {
    Locator state = stateCalled(name);
    state.click();
    assertThat(state).hasAttribute("aria-pressed", "true");
  }

  /** The faces of the mover that are seen, from left to right. */
  private List<String> seen() {
    @SuppressWarnings("unchecked")
    List<String> seen =
        (List<String>)
            page.evaluate(
                """
                () => [...document.querySelectorAll('[data-flap] [data-slot]')]
                  .map(each => [each, each.getBoundingClientRect()])
                  .filter(([each, box]) => {
                    const top = document.elementFromPoint(
                      box.x + box.width / 2, box.y + box.height / 2);
                    return top !== null && each.contains(top);
                  })
                  .sort(([, a], [, b]) => a.x - b.x)
                  .map(([each]) => each.dataset.slot.replace('2-front-m', ''))""");
    return seen;
  }

  @Test
  void the_seven_faces_of_an_accordion_are_leafed_in_the_order_of_the_table() {
    bring(7);
    choose("2-front-5", "Accordion");
    page.getByLabel("Panel, width").fill("4 1/4");
    page.getByLabel("Panel, height").fill("6 1/4");
    page.getByLabel("Anchored at the").selectOption("left");
    Locator ticket =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Panel 1"));
    assertThat(ticket).containsText("7 on 4 panels");
    assertThat(ticket).containsText("2 sheets 12 × 12");
    assertThat(ticket).containsText("4 1/4 and 8 1/2");
    Locator waiting = page.locator("[data-waiting]");
    List<String> photos =
        waiting.all().stream().map(each -> each.getAttribute("data-waiting")).toList();

    // Laid in time order on the faces as they are leafed: 1D | 2U 1U | 2D 3D | 4U 3U.
    Map<String, List<String>> table = new LinkedHashMap<>();
    table.put("at rest", List.of("1.1"));
    table.put("panel 1", List.of("2.1", "1.2"));
    table.put("panel 2", List.of("2.2", "3.1"));
    table.put("panel 3", List.of("4.1", "3.2"));
    List<String> laid = new ArrayList<>();
    table.forEach(
        (name, faces) -> {
          state(name);
          page.waitForCondition(() -> seen().equals(faces));
          for (String face : faces) {
            Mouse.drag(page, waiting.first(), slot("2-front-m" + face));
            assertThat(slot("2-front-m" + face)).hasAttribute("data-photo", Pattern.compile(".+"));
            laid.add(slot("2-front-m" + face).getAttribute("data-photo"));
          }
        });
    assertThat(laid).isEqualTo(photos);
    state("accordion 1, open");
    page.waitForCondition(() -> seen().equals(List.of("4.1", "3.2", "2.1", "1.2")));

    button("take accordion 1 off$").click();
    assertThat(page.locator("[data-flap]")).hasCount(0);
    assertThat(page.getByText("take accordion 1, leaf 2 front off with 7 pictures in it"))
        .isVisible();
    page.keyboard().press("z");
    assertThat(page.locator("[data-flap] [data-photo]")).hasCount(7);
  }

  @Test
  void one_picture_runs_over_all_panels_and_is_whole_when_they_are_pulled_out() throws Exception {
    bring(2);
    choose("2-front-6", "Accordion");
    page.getByLabel("Pulled out it shows").selectOption("across");
    state("accordion 1, open");
    Locator wide = slot("2-front-m4.1");
    assertThat(wide).hasCount(4);
    page.waitForCondition(() -> seen().equals(List.of("4.1", "4.1", "4.1", "4.1")));
    Mouse.drag(page, page.locator("[data-waiting]").first(), wide.first());
    assertThat(page.locator("[data-slot='2-front-m4.1'][data-photo]")).hasCount(4);
    assertThat(page.locator("[aria-label='Ticket']").first())
        .containsText(Pattern.compile("[Cc]ut it into 4 pieces"));
    page.waitForCondition(() -> seen().equals(List.of("4.1", "4.1", "4.1", "4.1")));

    page.getByLabel("Pictures are").selectOption("printed");
    Download strips =
        page.waitForDownload(() -> page.getByText("strips to print, both sides").click());
    assertThat(Files.size(strips.path())).isGreaterThan(800);
    assertThat(page.locator("[aria-label='Ticket']").first()).containsText("Printed on its strip");
  }

  @Test
  void a_flap_on_the_inside_of_a_door_is_opened_after_it_and_closed_before() {
    bring(1);
    choose("2-front-6", "Door");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open door 1")).click();
    assertThat(flap(1)).hasAttribute("data-open", "");
    button("a flap on it$").click();
    assertThat(flap(2)).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open flap 1")).click();
    assertThat(flap(2)).hasAttribute("data-open", "");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Close door 1"))
        .dispatchEvent("click");
    assertThat(page.getByText("Close flap 1 first.").first()).isVisible();
    button("Close all").click();
    assertThat(flap(1)).not().hasAttribute("data-open", "");
    assertThat(flap(2)).not().isVisible();
  }

  @Test
  void how_it_is_made_is_told_and_its_plans_are_taken_away() throws Exception {
    bring(1);
    choose("2-front-6", "Waterfall");
    page.getByText("How it is made").click();
    assertThat(page.getByText("No way back after this.").first()).isVisible();
    for (String link : List.of("plan at true size", "half-size model to fold", "plan as SVG")) {
      Download download = page.waitForDownload(() -> page.getByText(link).click());
      assertThat(Files.size(download.path())).isGreaterThan(800);
    }
    page.getByLabel("Set off by").fill("1/4");
    button("^Save$").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("the least that works is 1/2");
    assertThat(page.getByLabel("Set off by")).hasValue("1/4");
  }

  @Test
  void movers_are_suggested_for_what_is_left_over() {
    bring(9);
    button("^Movers for them").click();
    Locator found =
        page.getByRole(
            AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Movers for what is left over"));
    assertThat(found).containsText("that wait, none in another's way");
    found
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it there"))
        .first()
        .click();
    assertThat(page.locator("[data-flap]").first()).isAttached();
    Axe.assertNothingSerious(page);
  }

  /** A point in space, in pixels from the top left of the spread; towards the eye is up. */
  private record Point(double x, double y, double z) {}

  @Test
  void half_open_its_corners_are_drawn_where_they_are_in_space() {
    bring(1);
    choose("2-front-6", "Door");
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
    JsonObject closed = area(List.of());
    JsonObject open = area(List.of("2-front-m1"));
    // The spread makes room for its states before it is measured.
    assertThat(stateCalled("at rest")).isVisible();
    double inch = flap(1).boundingBox().width / inches(closed, "w");
    page.locator("[data-grip='2-front-m1']").click();
    page.waitForFunction(
        "() => document.querySelector(\"[data-flap='2-front-m1']\").getAnimations().length > 0");
    for (double share : new double[] {0.25, 0.5, 0.75}) {
      BoundingBox layer = halt(share);
      List<Point> corners = corners(closed, open, inch, share);
      List<Point> drawn = corners.stream().map(corner -> seenFromAbove(corner, layer)).toList();
      BoundingBox box = flap(1).boundingBox();
      double left = drawn.stream().mapToDouble(Point::x).min().orElseThrow();
      double right = drawn.stream().mapToDouble(Point::x).max().orElseThrow();
      double top = drawn.stream().mapToDouble(Point::y).min().orElseThrow();
      double bottom = drawn.stream().mapToDouble(Point::y).max().orElseThrow();
      assertThat(box.x).isCloseTo(layer.x + left, within(2.0));
      assertThat(box.x + box.width).isCloseTo(layer.x + right, within(2.0));
      assertThat(box.y).isCloseTo(layer.y + top, within(2.0));
      assertThat(box.y + box.height).isCloseTo(layer.y + bottom, within(2.0));
    }
  }

  /** Holds the flap where it is so far open, and tells where the layer of the movers lies. */
  private BoundingBox halt(double share) {
    page.evaluate(
        """
        share => {
          const flap = document.querySelector("[data-flap='2-front-m1']");
          const [turning] = flap.getAnimations();
          turning.effect.updateTiming({ easing: 'linear' });
          turning.pause();
          turning.currentTime = share * turning.effect.getComputedTiming().duration;
        }""",
        share);
    return page.locator("[data-movers='over']").boundingBox();
  }

  /** Where the flap lies on the spread in a state, as it is answered. */
  private JsonObject area(List<String> open) {
    String answer =
        page.request()
            .get(
                ALBUM.app().address()
                    + "/api/albums/1/spreads/1/motion?open="
                    + String.join(",", open))
            .text();
    JsonArray areas = JsonParser.parseString(answer).getAsJsonObject().getAsJsonArray("areas");
    for (JsonElement each : areas) {
      if (each.getAsJsonObject().get("flap").getAsString().equals("2-front-m1")) {
        return each.getAsJsonObject().getAsJsonObject("box");
      }
    }
    throw new AssertionError("The flap lies nowhere.");
  }

  private static double inches(JsonObject box, String side) {
    return box.getAsJsonObject(side).get("in").getAsDouble();
  }

  /**
   * The corners on their way: each on half a circle about the hinge, which lies halfway between
   * where it is closed and where it is open.
   */
  private static List<Point> corners(
      JsonObject closed, JsonObject open, double inch, double share) {
    double angle = Math.PI * share;
    boolean upright = inches(closed, "y") == inches(open, "y");
    String along = upright ? "x" : "y";
    String deep = upright ? "w" : "h";
    double hinge = Math.max(inches(closed, along), inches(open, along)) * inch;
    double depth = inches(closed, deep) * inch;
    double side = inches(closed, along) < inches(open, along) ? -1 : 1;
    List<Point> corners = new ArrayList<>();
    for (double reach : new double[] {0, depth}) {
      double at = hinge + side * reach * Math.cos(angle);
      double up = reach * Math.sin(angle);
      String across = upright ? "y" : "x";
      double from = inches(closed, across) * inch;
      double to = from + inches(closed, upright ? "h" : "w") * inch;
      corners.add(upright ? new Point(at, from, up) : new Point(from, at, up));
      corners.add(upright ? new Point(at, to, up) : new Point(to, at, up));
    }
    return corners;
  }

  /** Where a point is drawn, seen from above the middle of the layer. */
  private static Point seenFromAbove(Point point, BoundingBox layer) {
    double near = EYE / (EYE - point.z());
    double middleX = layer.width / 2;
    double middleY = layer.height / 2;
    return new Point(
        middleX + (point.x() - middleX) * near, middleY + (point.y() - middleY) * near, 0);
  }

  @Test
  void an_edge_is_drawn_from_mark_to_mark_and_the_whole_is_mirrored_on_the_facing_page() {
    bring(1);
    choose("2-front-5", "Door");
    Locator width = page.getByLabel("Door, width");
    assertThat(width).hasValue("3");
    Locator right = flap(1).locator("[data-edge=right]");
    right.focus();
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("ArrowLeft");
    assertThat(page.getByText("change door 1, leaf 2 front")).isVisible();
    assertThat(width).hasValue("2 7/8");
    // Back by mouse: two marks of 1/16 in.
    double marks = 0.125 / 2.875;
    Mouse.draw(page, flap(1), AT_THE_HANDLE, 0.25, AT_THE_HANDLE + marks, 0.25);
    assertThat(width).hasValue("3");

    page.getByLabel("Grip").selectOption("string");
    assertThat(flap(1).locator("[data-gripped=string]")).isVisible();
    button("mirror it on the facing page$").click();
    assertThat(page.locator("[data-flap='1-back-m1'] [data-gripped=string]")).isVisible();
    page.keyboard().press("z");
    assertThat(page.locator("[data-flap='1-back-m1']")).hasCount(0);
  }

  @Test
  void a_waterfall_on_the_inside_of_a_door_opens_there_and_its_foot_is_drawn_up() {
    bring(1);
    choose("2-front-6", "Door");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open door 1")).click();
    assertThat(flap(1)).hasAttribute("data-open", "");
    slot("2-front-m1.2").click();
    button("another mover$").click();
    page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Movers that go here"))
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Waterfall")))
        .click();
    assertThat(flap(5)).isVisible();
    state("card 4");
    for (int card = 2; card <= 5; card++) {
      assertThat(flap(card)).hasAttribute("data-open", "");
    }
    state("door 1");
    slot("2-front-m2.1").click();
    flap(2).locator("[data-edge=bottom]").press("ArrowUp");
    assertThat(page.getByText("change waterfall 1, leaf 2 front")).isVisible();
  }

  @Test
  void both_halves_of_a_band_across_the_gutter_are_trimmed_together() {
    bring(1);
    choose("2-front-6", "Gutter band");
    Locator other = page.locator("[data-flap='1-back-m1']");
    assertThat(other).isVisible();
    assertThat(flap(1).locator("[data-edge]")).hasCount(3);
    Locator height = page.getByLabel("Each half, height");
    assertThat(height).hasValue("1");
    flap(1).locator("[data-edge=bottom]").press("ArrowUp");
    assertThat(height).hasValue("15/16");
    org.assertj.core.api.Assertions.assertThat(other.boundingBox().height)
        .isCloseTo(flap(1).boundingBox().height, within(0.5));
    button("take gutter band 1 off$").click();
    assertThat(flap(1)).hasCount(0);
    assertThat(other).hasCount(0);
  }
}
