package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import drumnest.server.demo.PhotoWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * Movers as they are painted: photos of one colour each lie in them, and of each state the colours
 * are looked up in the picture of the settled page.
 */
class LayersIT {

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  private static final int PHOTOS = 16;

  /**
   * Every kind of which something turns or is stuck down, with the place at which it is put. What
   * is drawn out is in the hand: it hides nothing, and both of its faces are shown.
   */
  private static final Map<String, String> PLACES =
      Map.of(
          "chain", "2-front-6",
          "booklet", "2-front-6",
          "waterfall", "2-front-6",
          "accordion", "2-front-5",
          "door", "2-front-6",
          "double-door", "2-front-6",
          "fold-out", "2-front-6",
          "divided-place", "2-front-6");

  /** At how many points along its middle it is looked for a colour. */
  private static final int POINTS = 12;

  /** From how far on two colours are not alike, in red, green and blue together. */
  private static final int FAR_APART = 60;

  /** In milliseconds: what nothing lies over is taken hold of at once. */
  private static final int SOON = 20_000;

  @TempDir Path files;
  private Page page;
  private final Map<String, Color> colours = new HashMap<>();
  private int fillings;

  @BeforeEach
  void open() {
    page = ALBUM.page();
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    List<Path> photos = new ArrayList<>();
    for (int i = 0; i < PHOTOS; i++) {
      photos.add(write(files.resolve(String.format("colour-%02d.jpg", i)), colour(i), i));
    }
    ALBUM.bring(photos.toArray(Path[]::new));
    assertThat(page.locator("[data-tile]")).hasCount(PHOTOS);
    page.navigate(ALBUM.app().address() + "/albums/1/place?spread=1");
  }

  /** Colours that are far apart, and from those of paper, film and page. */
  private static Color colour(int number) {
    return Color.getHSBColor(number % 12 / 12f, 1, number < 12 ? 1 : 0.5f);
  }

  private static Path write(Path file, Color colour, int number) {
    BufferedImage picture = new BufferedImage(600, 600, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, 600, 600);
    g.dispose();
    LocalDateTime at = LocalDateTime.of(2021, 6, 14, 9, 0).plusMinutes(7L * number);
    try {
      PhotoWriter.writeJpeg(picture, 1, PhotoWriter.Said.at(at), file);
      return file;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private JsonObject get(String path) {
    return JsonParser.parseString(
            page.request().get(ALBUM.app().address() + "/api/albums/1" + path).text())
        .getAsJsonObject();
  }

  private void step(String path, Map<String, Object> what) {
    Map<String, Object> body = new HashMap<>(what);
    body.put("version", get("?spread=1").get("version").getAsLong());
    int status =
        page.request()
            .post(
                ALBUM.app().address() + "/api/albums/1/" + path,
                RequestOptions.create().setData(body))
            .status();
    assertThat(status).as("%s %s", path, what).isEqualTo(200);
  }

  private JsonObject motion(List<String> open) {
    return get("/spreads/1/motion?open=" + String.join(",", open));
  }

  @Test
  void of_movers_of_every_kind_what_is_seen_in_each_state_is_what_is_painted() {
    for (Map.Entry<String, String> kind : PLACES.entrySet()) {
      add(kind.getValue(), kind.getKey());
      assertIsPaintedAsSeen(kind.getKey());
      step("flaps/remove", Map.of("flap", "2-front-m1"));
    }
  }

  @Test
  void what_opens_over_the_facing_page_lies_over_what_is_closed_there() {
    add("2-front-5", "chain");
    add("1-back-6", "booklet");
    assertIsPaintedAsSeen("chain over a booklet");
  }

  @Test
  void what_is_on_the_inside_of_a_door_lies_on_it_once_that_is_open() {
    add("2-front-6", "door");
    add("2-front-m1.2", "waterfall");
    assertIsPaintedAsSeen("waterfall in a door");
  }

  @Test
  void four_on_each_others_insides_are_opened_one_after_the_other() {
    add("2-front-6", "door");
    for (int carrier = 1; carrier <= 3; carrier++) {
      step("flaps/add", Map.of("slot", "2-front-m" + carrier + ".2"));
    }
    assertIsPaintedAsSeen("three flaps in a door");
  }

  @Test
  void a_folded_strip_comes_out_of_its_pocket_with_its_card_and_is_leafed_there() {
    page.setDefaultTimeout(SOON);
    add("2-front-6", "pull-out");
    add("2-front-m1.1", "accordion");
    fill();
    page.reload();
    assertThat(painted()).contains("2-front-1").doesNotContain("2-front-m1.1", "2-front-m2.1");
    page.locator("[data-grip='2-front-m1']").click();
    assertThat(page.locator("[data-flap][data-open]")).hasCount(1);
    assertThat(painted()).contains("2-front-m2.1").doesNotContain("2-front-m1.1", "2-front-m2.2");
    page.locator("[data-grip='2-front-m2']").click();
    assertThat(page.locator("[data-flap][data-open]")).hasCount(2);
    assertThat(painted()).contains("2-front-m2.2", "2-front-m3.1").doesNotContain("2-front-m2.1");
  }

  /** A card that is drawn out is in the hand: a place that it lies over still counts as seen. */
  @Test
  void a_card_that_is_drawn_out_lies_over_its_neighbours_and_slides_from_behind_its_front() {
    page.setDefaultTimeout(SOON);
    for (String kind : List.of("pull-out", "tuck-spot", "edge-tuck")) {
      add("2-front-6", kind);
      fill();
      page.reload();
      page.locator("[data-grip='2-front-m1']").click();
      assertThat(page.locator("[data-flap][data-open]")).hasCount(1);
      assertThat(painted()).as(kind).contains("2-front-m1.1", "2-front-6");
      page.locator("[data-grip='2-front-m1']").click();
      assertThat(page.locator("[data-flap][data-open]")).hasCount(0);
      assertThat(painted()).as(kind + " closed").contains("2-front-5", "2-front-6");
      step("flaps/remove", Map.of("flap", "2-front-m1"));
    }
  }

  private void add(String slot, String kind) {
    step("movers/add", Map.of("slot", slot, "kind", kind));
  }

  /** A photo of a colour of its own into each place of the open spread. */
  private void fill() {
    colours.clear();
    List<String> photos = new ArrayList<>();
    for (JsonElement chapter : get("/line").getAsJsonArray("chapters")) {
      for (JsonElement photo : chapter.getAsJsonObject().getAsJsonArray("photos")) {
        photos.add(photo.getAsJsonObject().get("id").getAsString());
      }
    }
    JsonObject album = get("?spread=1");
    List<String> slots = new ArrayList<>();
    for (String side : List.of("left", "right")) {
      JsonObject shown = album.getAsJsonObject("spread").getAsJsonObject(side);
      shown.getAsJsonArray("flaps").forEach(flap -> slots.addAll(faces(flap.getAsJsonObject())));
      shown
          .getAsJsonArray("slots")
          .forEach(slot -> slots.add(slot.getAsJsonObject().get("id").getAsString()));
    }
    fillings++;
    for (int i = 0; i < Math.min(PHOTOS, slots.size()); i++) {
      // Another than the one that may lie there already.
      int photo = (i + fillings) % PHOTOS;
      step("put", Map.of("photo", photos.get(photo), "slot", slots.get(i)));
      colours.put(slots.get(i), colour(photo));
    }
  }

  private static List<String> faces(JsonObject flap) {
    List<String> faces = new ArrayList<>();
    faces.add(flap.getAsJsonObject("outside").get("id").getAsString());
    JsonObject motion = flap.getAsJsonObject("motion");
    if (motion.has("inside")) {
      faces.add(motion.getAsJsonObject("inside").get("id").getAsString());
    }
    return faces;
  }

  private void assertIsPaintedAsSeen(String what) {
    fill();
    page.reload();
    JsonArray states = motion(List.of()).getAsJsonArray("states");
    assertThat(states.size()).as(what).isPositive();
    for (JsonElement each : states) {
      JsonObject state = each.getAsJsonObject();
      String name = state.get("name").getAsString();
      List<String> open = texts(state.getAsJsonArray("open"));
      if (states.size() > 1) {
        page.locator("[aria-label='Leaf through the spread'] button")
            .nth(index(states, state))
            .click();
      }
      assertThat(page.locator("[data-flap][data-open]")).hasCount(open.size());
      Set<String> seen = new HashSet<>(texts(motion(open).getAsJsonArray("seen")));
      seen.retainAll(colours.keySet());
      assertThat(painted()).as("%s, %s", what, name).isEqualTo(seen);
    }
  }

  private static int index(JsonArray states, JsonObject state) {
    for (int i = 0; i < states.size(); i++) {
      if (states.get(i) == state) {
        return i;
      }
    }
    throw new AssertionError(state);
  }

  private static List<String> texts(JsonArray array) {
    return StreamSupport.stream(array.spliterator(), false).map(JsonElement::getAsString).toList();
  }

  /** The places along the middle of which their colour is found, in the settled picture. */
  private Set<String> painted() {
    Map<String, Map<String, Number>> boxes = boxes();
    BufferedImage picture = picture();
    for (Map<String, Map<String, Number>> now = boxes(); !now.equals(boxes); now = boxes()) {
      boxes = now;
      picture = picture();
    }
    Set<String> painted = new HashSet<>();
    for (Map.Entry<String, Color> place : colours.entrySet()) {
      // The reverse of a card that is tucked is nowhere.
      Map<String, Number> box = boxes.get(place.getKey());
      if (box != null && isPainted(picture, box, place.getValue())) {
        painted.add(place.getKey());
      }
    }
    return painted;
  }

  /** Where all places are on the page, once nothing of it moves and all pictures are there. */
  private Map<String, Map<String, Number>> boxes() {
    page.waitForFunction(
        """
        async () => {
          const pictures = [...document.querySelectorAll('[data-slot] img')];
          // One that is complete may still not be painted before it is decoded.
          await Promise.all(pictures.map(each => each.decode().catch(() => null)));
          return pictures.length > 0 && pictures.every(each => each.complete)
            && document.getAnimations().length === 0;
        }""");
    @SuppressWarnings("unchecked")
    Map<String, Map<String, Number>> boxes =
        (Map<String, Map<String, Number>>)
            page.evaluate(
                """
                () => Object.fromEntries([...document.querySelectorAll('[data-slot]')]
                  .map(each => [each.dataset.slot, each.getBoundingClientRect().toJSON()]))""");
    return boxes;
  }

  private BufferedImage picture() {
    try {
      return ImageIO.read(new ByteArrayInputStream(page.screenshot()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean isPainted(BufferedImage picture, Map<String, Number> box, Color colour) {
    double x = box.get("x").doubleValue();
    double y = box.get("y").doubleValue();
    double w = box.get("width").doubleValue();
    double h = box.get("height").doubleValue();
    double half = Math.min(w, h) / 2;
    for (int i = 0; i <= POINTS; i++) {
      double along = half + (Math.max(w, h) - 2 * half) * i / POINTS;
      int px = (int) Math.round(w >= h ? x + along : x + half);
      int py = (int) Math.round(w >= h ? y + half : y + along);
      if (isLike(picture, px, py, colour)) {
        return true;
      }
    }
    return false;
  }

  private static boolean isLike(BufferedImage picture, int x, int y, Color colour) {
    if (x < 0 || y < 0 || x >= picture.getWidth() || y >= picture.getHeight()) {
      return false;
    }
    Color found = new Color(picture.getRGB(x, y));
    int apart =
        Math.abs(found.getRed() - colour.getRed())
            + Math.abs(found.getGreen() - colour.getGreen())
            + Math.abs(found.getBlue() - colour.getBlue());
    return apart < FAR_APART;
  }
}
