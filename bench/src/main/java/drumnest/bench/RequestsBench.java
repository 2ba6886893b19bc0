package drumnest.bench;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * How long the requests of a large album take: brings small pictures and leaves into the first
 * album of a running Drum Nest, unless it has photos, fills it, and asks again and again for what
 * the page asks for.
 *
 * <p>The pictures are those of two cameras that have been on the way for sixty outings. Every fifth
 * was taken a second after another and looks like it, and every twentieth has a caption.
 */
public final class RequestsBench {

  private static final int ROUNDS = 60;

  /** How often it is asked for what takes longer. */
  private static final int FEW = 5;

  private static final int OUTINGS = 60;
  private static final int BURST = 5;
  private static final int CAPTIONED = 20;
  private static final DateTimeFormatter EXIF_TIME =
      DateTimeFormatter.ofPattern("yyyy:MM:dd HH:mm:ss", Locale.ROOT);

  private final RunningAlbum album;

  private RequestsBench(RunningAlbum album) {
    this.album = album;
  }

  public static void main(String[] arguments) throws Exception {
    int photos = arguments.length > 2 ? Integer.parseInt(arguments[2]) : 5_000;
    int leaves = arguments.length > 3 ? Integer.parseInt(arguments[3]) : 200;
    RunningAlbum album = new RunningAlbum(arguments);
    RequestsBench bench = new RequestsBench(album);
    if (!album.get("/line").contains("\"name\"")) {
      bench.bringIn(photos);
      album.step("chapters", ",\"count\":" + OUTINGS);
      bench.addLeaves(leaves);
      bench.writeCaptions();
    }
    int middle = leaves / 2;
    album.say(
        "fill it with room to breathe",
        1,
        () -> album.step("place-again", ",\"breathing\":\"full\""));
    album.say("fill the album", 1, () -> album.step("place-again", ""));
    album.say("leaves for what has no place", FEW, () -> album.post("/plans", leaves(false)));
    album.say("leaves for all of it", 1, () -> album.post("/plans", leaves(true)));
    album.say(
        "lay them", 1, () -> album.step("take-plan", ",\"number\":1,\"request\":" + leaves(true)));
    album.say("take that back", 1, () -> album.step("undo", ""));
    bench.swapSome(leaves);
    album.say("fill it around what was put by hand", 1, () -> album.step("place-again", ""));
    album.say("album", ROUNDS, () -> album.get("?spread=" + middle));
    album.say("line", ROUNDS, () -> album.get("/line"));
    album.say("budget", ROUNDS, () -> album.get("/budget"));
    String photo = bench.firstPhoto();
    String[] choices = {"maybe"};
    album.say("photo", ROUNDS, () -> album.get("/photos/" + photo));
    album.say(
        "keep one",
        ROUNDS,
        () -> {
          choices[0] = choices[0].equals("keep") ? "maybe" : "keep";
          album.step("choose", ",\"photos\":[\"" + photo + "\"],\"choice\":\"" + choices[0] + "\"");
        });
    String[] shown = {RunningAlbum.revisionIn(album.get("/line"))};
    album.say(
        "keep one, and the line after it",
        ROUNDS,
        () -> {
          choices[0] = choices[0].equals("keep") ? "maybe" : "keep";
          album.step("choose", ",\"photos\":[\"" + photo + "\"],\"choice\":\"" + choices[0] + "\"");
          shown[0] = RunningAlbum.revisionIn(album.get("/line/changes?since=" + shown[0]));
        });
    album.say("leaf", ROUNDS, () -> album.get("/leaves/2"));
    album.say("ticket", ROUNDS, () -> album.get("/tickets/1-back-1"));
    album.say("ticket held over", ROUNDS, () -> bench.held(photo));
    album.say("why", ROUNDS, () -> album.get("/why/1-back-1"));
    album.say("account", ROUNDS, () -> album.get("/account?spread=" + middle + "&breathing=full"));
    album.say("late", ROUNDS, () -> album.get("/late"));
    album.say("lists", ROUNDS, () -> album.get("/lists"));
    album.say(
        "swap two", ROUNDS, () -> album.step("swap", ",\"from\":\"1-back-1\",\"to\":\"1-back-2\""));
    album.say(
        "lock one", ROUNDS, () -> album.step("lock", ",\"slot\":\"1-back-1\",\"locked\":true"));
    album.step("lock", ",\"slot\":\"1-back-1\",\"locked\":false");
    int[] to = {2};
    album.say(
        "move a leaf",
        ROUNDS,
        () -> {
          to[0] = 3 - to[0];
          album.step("leaves/move", ",\"leaf\":2,\"to\":" + to[0]);
        });
    album.say("undo", ROUNDS, () -> album.step("undo", ""));
  }

  /**
   * A request for leaves of six kinds.
   *
   * @param all whether all photos are placed anew, or only those without a place get leaves
   */
  private static String leaves(boolean all) {
    String kinds =
        Stream.of("six-6x4", "six-4x6", "twelve-3x4", "nine-4x4", "sixteen-3x3", "thirty-six-2x2")
            .map(kind -> "\"12x12-" + kind + "\"")
            .collect(Collectors.joining(","));
    return "{\"kinds\":["
        + kinds
        + "],\"breathing\":\"full\",\"freshPages\":false,\"undecided\":true,\"anew\":"
        + all
        + ",\"sleeves\":false,\"run\":\"leaves\"}";
  }

  /** Puts two photos of every other leaf in each other's place by hand. */
  private void swapSome(int leaves) throws Exception {
    for (int leaf = 2; leaf < leaves; leaf += 2) {
      album.step("swap", ",\"from\":\"" + leaf + "-front-1\",\"to\":\"" + leaf + "-front-2\"");
    }
  }

  private String firstPhoto() throws Exception {
    Matcher id =
        Pattern.compile("\"photos\":\\[\\{\"id\":\"([0-9a-f]{64})").matcher(album.get("/line"));
    if (!id.find()) {
      throw new IllegalStateException("There is no photo on the line.");
    }
    return id.group(1);
  }

  /** Tells what the page asks while a photo is dragged over a pocket. */
  private void held(String photo) throws Exception {
    album.post("/tickets/preview", "{\"slot\":\"1-back-2\",\"photo\":\"" + photo + "\"}");
  }

  private void addLeaves(int leaves) throws Exception {
    String[] kinds = {"12x12-six-6x4", "12x12-nine-4x4", "6x12-six-3x4", "12x12-sixteen-3x3"};
    for (int leaf = 2; leaf < leaves; leaf++) {
      album.step(
          "leaves/add", ",\"type\":\"" + kinds[leaf % kinds.length] + "\",\"at\":" + (leaf + 1));
    }
  }

  private void writeCaptions() throws Exception {
    Matcher id = Pattern.compile("\"id\":\"([0-9a-f]{64})\",\"name\"").matcher(album.get("/line"));
    for (int photo = 0; id.find(); photo++) {
      if (photo % CAPTIONED == 0) {
        album.step(
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
      album.bring("small-" + photo + ".jpg", file);
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
