package drumnest.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/**
 * How long the requests of a large album take: brings small pictures and leaves into the first
 * album of a running Drum Nest, fills it, and asks again and again for what the page asks for.
 *
 * <p>Needs nothing but the JDK: {@code java RequestsBench.java ADDRESS [PHOTOS] [LEAVES]}.
 */
public final class RequestsBench {

  private static final int ROUNDS = 60;
  private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");

  private final HttpClient http = HttpClient.newHttpClient();
  private final String album;

  private RequestsBench(String address) {
    this.album = address + "/api/albums/1";
  }

  public static void main(String[] arguments) throws Exception {
    int photos = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 5_000;
    int leaves = arguments.length > 2 ? Integer.parseInt(arguments[2]) : 200;
    RequestsBench bench = new RequestsBench(arguments[0]);
    bench.bringIn(photos);
    bench.addLeaves(leaves);
    int middle = leaves / 2;
    bench.say(
        "fill it with room to breathe",
        1,
        () -> bench.step("place-again", ",\"breathing\":\"full\""));
    bench.say("fill the album", 1, () -> bench.step("place-again", ""));
    bench.say("album", ROUNDS, () -> bench.get("?spread=" + middle));
    bench.say("line", ROUNDS, () -> bench.get("/line"));
    bench.say("budget", ROUNDS, () -> bench.get("/budget"));
    String photo = bench.firstPhoto();
    String[] choices = {"maybe"};
    bench.say("photo", ROUNDS, () -> bench.get("/photos/" + photo));
    bench.say(
        "keep one",
        ROUNDS,
        () -> {
          choices[0] = choices[0].equals("keep") ? "maybe" : "keep";
          bench.step("choose", ",\"photos\":[\"" + photo + "\"],\"choice\":\"" + choices[0] + "\"");
        });
    bench.say("leaf", ROUNDS, () -> bench.get("/leaves/2"));
    bench.say("ticket", ROUNDS, () -> bench.get("/tickets/1-back-1"));
    bench.say("ticket held over", ROUNDS, () -> bench.held(photo));
    bench.say("why", ROUNDS, () -> bench.get("/why/1-back-1"));
    bench.say("account", ROUNDS, () -> bench.get("/account?spread=" + middle + "&breathing=full"));
    bench.say("late", ROUNDS, () -> bench.get("/late"));
    bench.say("lists", ROUNDS, () -> bench.get("/lists"));
    bench.say(
        "swap two", ROUNDS, () -> bench.step("swap", ",\"from\":\"1-back-1\",\"to\":\"1-back-2\""));
    bench.say(
        "lock one", ROUNDS, () -> bench.step("lock", ",\"slot\":\"1-back-1\",\"locked\":true"));
    int[] to = {2};
    bench.say(
        "move a leaf",
        ROUNDS,
        () -> {
          to[0] = 3 - to[0];
          bench.step("leaves/move", ",\"leaf\":2,\"to\":" + to[0]);
        });
    bench.say("undo", ROUNDS, () -> bench.step("undo", ""));
  }

  private String firstPhoto() throws Exception {
    Matcher id = Pattern.compile("\"photos\":\\[\\{\"id\":\"([0-9a-f]{64})").matcher(get("/line"));
    if (!id.find()) {
      throw new IllegalStateException("There is no photo on the line.");
    }
    return id.group(1);
  }

  private interface Asking {
    void ask() throws Exception;
  }

  private void say(String name, int rounds, Asking asking) throws Exception {
    List<Long> took = new ArrayList<>();
    for (int round = 0; round < rounds; round++) {
      long start = System.nanoTime();
      asking.ask();
      took.add(System.nanoTime() - start);
    }
    took.sort(null);
    System.out.printf(
        Locale.ROOT,
        "%-28s median %5.0f ms, 95 %% %5.0f ms, most %5.0f ms%n",
        name,
        took.get(rounds / 2) / 1e6,
        took.get((int) (rounds * 0.95)) / 1e6,
        took.get(rounds - 1) / 1e6);
  }

  private String get(String path) throws Exception {
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(URI.create(album + path)).build(),
            HttpResponse.BodyHandlers.ofString());
    return checked(answer);
  }

  private static String checked(HttpResponse<String> answer) {
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(answer.statusCode() + " " + answer.body());
    }
    return answer.body();
  }

  private String version = "";

  /** A step on the newest version, which every answer tells. */
  private void step(String path, String fields) throws Exception {
    if (version.isEmpty()) {
      version = versionIn(get(""));
    }
    String body = "{\"version\":" + version + fields + "}";
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(URI.create(album + "/" + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    version = versionIn(checked(answer));
  }

  /** What the page asks while a photo is dragged over a pocket. */
  private void held(String photo) throws Exception {
    String body = "{\"slot\":\"1-back-2\",\"photo\":\"" + photo + "\"}";
    checked(
        http.send(
            HttpRequest.newBuilder(URI.create(album + "/tickets/preview"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build(),
            HttpResponse.BodyHandlers.ofString()));
  }

  private static String versionIn(String body) {
    Matcher matcher = VERSION.matcher(body);
    if (!matcher.find()) {
      throw new IllegalStateException("No version in the answer.");
    }
    return matcher.group(1);
  }

  private void addLeaves(int leaves) throws Exception {
    String[] kinds = {"12x12-six-6x4", "12x12-nine-4x4", "6x12-six-3x4", "12x12-sixteen-3x3"};
    for (int leaf = 2; leaf < leaves; leaf++) {
      step("leaves/add", ",\"type\":\"" + kinds[leaf % kinds.length] + "\",\"at\":" + (leaf + 1));
    }
  }

  private void bringIn(int photos) throws Exception {
    for (int photo = 0; photo < photos; photo++) {
      checked(
          http.send(
              HttpRequest.newBuilder(URI.create(album + "/photos?name=small-" + photo + ".jpg"))
                  .header("Content-Type", "application/octet-stream")
                  .POST(HttpRequest.BodyPublishers.ofByteArray(picture(photo)))
                  .build(),
              HttpResponse.BodyHandlers.ofString()));
    }
  }

  private static byte[] picture(int number) throws IOException {
    BufferedImage image = new BufferedImage(96, 64, BufferedImage.TYPE_INT_RGB);
    Graphics2D paint = image.createGraphics();
    // No two look alike: of lookalikes only one would be placed.
    Random random = new Random(number);
    for (int cell = 0; cell < 96; cell++) {
      paint.setColor(new Color(random.nextInt(0x1000000)));
      paint.fillRect(cell % 12 * 8, cell / 12 * 8, 8, 8);
    }
    paint.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }
}
