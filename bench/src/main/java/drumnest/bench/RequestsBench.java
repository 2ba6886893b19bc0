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
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
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
 * <p>The pictures are those of two cameras that have been on the way for sixty outings. Every fifth
 * was taken a second after another and looks like it, and every twentieth has a caption.
 *
 * <p>Needs nothing but the JDK: {@code java RequestsBench.java ADDRESS [PHOTOS] [LEAVES]}.
 */
public final class RequestsBench {

  private static final int ROUNDS = 60;
  private static final int OUTINGS = 60;
  private static final int BURST = 5;
  private static final int CAPTIONED = 20;
  private static final DateTimeFormatter EXIF_TIME =
      DateTimeFormatter.ofPattern("yyyy:MM:dd HH:mm:ss", Locale.ROOT);
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
    bench.step("chapters", ",\"count\":" + OUTINGS);
    bench.addLeaves(leaves);
    bench.writeCaptions();
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
    String[] shown = {revisionIn(bench.get("/line"))};
    bench.say(
        "keep one, and the line after it",
        ROUNDS,
        () -> {
          choices[0] = choices[0].equals("keep") ? "maybe" : "keep";
          bench.step("choose", ",\"photos\":[\"" + photo + "\"],\"choice\":\"" + choices[0] + "\"");
          shown[0] = revisionIn(bench.get("/line/changes?since=" + shown[0]));
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
  private String revision = "";

  /** A step on the newest version, which every answer tells. */
  private void step(String path, String fields) throws Exception {
    if (version.isEmpty()) {
      String seen = get("");
      version = versionIn(seen);
      revision = revisionIn(seen);
    }
    String body = "{\"version\":" + version + fields + "}";
    HttpResponse<String> answer =
        http.send(
            HttpRequest.newBuilder(URI.create(album + "/" + path + "?since=" + revision))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    version = versionIn(checked(answer));
    revision = revisionIn(answer.body());
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

  private static String revisionIn(String body) {
    Matcher matcher = Pattern.compile("\"revision\":\"([^\"]+)\"").matcher(body);
    if (!matcher.find()) {
      throw new IllegalStateException("No revision in the answer.");
    }
    return matcher.group(1);
  }

  private void addLeaves(int leaves) throws Exception {
    String[] kinds = {"12x12-six-6x4", "12x12-nine-4x4", "6x12-six-3x4", "12x12-sixteen-3x3"};
    for (int leaf = 2; leaf < leaves; leaf++) {
      step("leaves/add", ",\"type\":\"" + kinds[leaf % kinds.length] + "\",\"at\":" + (leaf + 1));
    }
  }

  private void writeCaptions() throws Exception {
    Matcher id = Pattern.compile("\"id\":\"([0-9a-f]{64})\",\"name\"").matcher(get("/line"));
    for (int photo = 0; id.find(); photo++) {
      if (photo % CAPTIONED == 0) {
        step(
            "caption",
            ",\"photo\":\"" + id.group(1) + "\",\"caption\":\"The wind at " + photo + "\"");
      }
    }
  }

  private void bringIn(int photos) throws Exception {
    int outing = Math.max(1, photos / OUTINGS);
    LocalDateTime start = LocalDateTime.of(2021, 4, 5, 9, 0);
    for (int photo = 0; photo < photos; photo++) {
      boolean again = photo % BURST == BURST - 1;
      LocalDateTime taken =
          start
              .plusDays(3L * (photo / outing))
              .plusMinutes(4L * (photo % outing) - (again ? 4 : 0))
              .plusSeconds(again ? 1 : 0);
      byte[] file = withExif(picture(again ? photo - 1 : photo, photo), taken, photo / 3 % 2);
      checked(
          http.send(
              HttpRequest.newBuilder(URI.create(album + "/photos?name=small-" + photo + ".jpg"))
                  .header("Content-Type", "application/octet-stream")
                  .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                  .build(),
              HttpResponse.BodyHandlers.ofString()));
    }
  }

  /**
   * A picture that looks like no other, but for those of the same look; of enough pixels for a
   * small print, for others are placed last.
   */
  private static byte[] picture(int look, int number) throws IOException {
    boolean upright = look % 3 == 0;
    int w = upright ? 320 : 480;
    BufferedImage image = new BufferedImage(w, 800 - w, BufferedImage.TYPE_INT_RGB);
    Graphics2D paint = image.createGraphics();
    Random random = new Random(look);
    for (int cell = 0; cell < 96; cell++) {
      paint.setColor(new Color(random.nextInt(0x1000000)));
      paint.fillRect(cell % (w / 40) * 40, cell / (w / 40) * 40, 40, 40);
    }
    paint.setColor(new Color(number % 0x100, 0, 0));
    paint.fillRect(0, 0, 1, 1);
    paint.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  /** The same file with its time and its camera, as Exif has them (source: CIPA DC-008). */
  private static byte[] withExif(byte[] jpeg, LocalDateTime taken, int camera) {
    byte[] maker = "Spare part works\0".getBytes(StandardCharsets.US_ASCII);
    byte[] model = ("Box " + (camera + 1) + "\0").getBytes(StandardCharsets.US_ASCII);
    byte[] time = (EXIF_TIME.format(taken) + "\0").getBytes(StandardCharsets.US_ASCII);
    int texts = 8 + 2 + 3 * 12 + 4 + 2 + 12 + 4;
    ByteBuffer tiff =
        ByteBuffer.allocate(texts + maker.length + model.length + time.length)
            .order(ByteOrder.LITTLE_ENDIAN);
    tiff.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
    tiff.putShort((short) 3);
    entry(tiff, 0x010F, 2, maker.length, texts);
    entry(tiff, 0x0110, 2, model.length, texts + maker.length);
    entry(tiff, 0x8769, 4, 1, 8 + 2 + 3 * 12 + 4);
    tiff.putInt(0);
    tiff.putShort((short) 1);
    entry(tiff, 0x9003, 2, time.length, texts + maker.length + model.length);
    tiff.putInt(0);
    tiff.put(maker).put(model).put(time);
    ByteBuffer file = ByteBuffer.allocate(jpeg.length + tiff.capacity() + 10);
    file.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) 0xE1);
    file.putShort((short) (tiff.capacity() + 8));
    file.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(tiff.array());
    file.put(jpeg, 2, jpeg.length - 2);
    return file.array();
  }

  private static void entry(ByteBuffer tiff, int tag, int type, int count, int value) {
    tiff.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
  }
}
