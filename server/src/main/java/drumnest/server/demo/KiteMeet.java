package drumnest.server.demo;

import drumnest.server.demo.Shot.Scene;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The pictures of a made-up kite meet of three days on a tidal flat: arrival and building, the
 * flying days, a storm evening, the night flight with lights.
 */
final class KiteMeet {

  private static final int[] WIDE = {3000, 2000};
  private static final int[] UPRIGHT = {2000, 3000};
  private static final int[] BROAD = {3264, 2448};
  private static final int[] TALL = {2448, 3264};
  private static final int[] SQUARE = {2448, 2448};

  private final List<Shot> shots = new ArrayList<>();

  private KiteMeet() {}

  static List<Shot> shots() {
    KiteMeet meet = new KiteMeet();
    meet.arrival();
    meet.flying();
    meet.storm();
    meet.night();
    meet.lastDay();
    meet.loose();
    return List.copyOf(meet.shots);
  }

  private Shot add(String day, String time, int[] size, int orientation, Scene scene) {
    return add(day, time, size, orientation, scene, null);
  }

  private Shot add(
      String day,
      String time,
      int[] size,
      int orientation,
      Scene scene,
      @Nullable String tableInches) {
    int number = shots.size() + 1;
    Shot shot =
        new Shot(
            String.format("kite-%03d.jpg", 100 + number),
            LocalDateTime.parse("2025-06-" + day + "T" + time),
            size[0],
            size[1],
            orientation,
            scene,
            number,
            0,
            false,
            tableInches);
    shots.add(shot);
    return shot;
  }

  private void burst(Shot first, int count) {
    for (int i = 1; i < count; i++) {
      shots.add(first.shifted(String.format("kite-%03d.jpg", 101 + shots.size()), 2 * i, 6 * i));
    }
  }

  private void arrival() {
    add("13", "15:04:10", WIDE, 1, Scene.FLAT);
    add("13", "15:20:42", UPRIGHT, 6, Scene.CAMP);
    add("13", "15:48:05", WIDE, 1, Scene.GROUP);
    add("13", "16:10:31", SQUARE, 1, Scene.SAIL);
    add("13", "16:22:09", BROAD, 3, Scene.SAIL);
    add("13", "17:02:50", WIDE, 1, Scene.CAMP);
    add("13", "18:31:17", TALL, 8, Scene.FLYER);
    add("13", "20:58:36", WIDE, 2, Scene.SUNSET);
  }

  private void flying() {
    add("14", "09:12:04", WIDE, 1, Scene.FLAT);
    burst(add("14", "09:40:27", UPRIGHT, 1, Scene.KITE), 3);
    add("14", "10:05:55", WIDE, 4, Scene.FLYER);
    add("14", "10:31:12", TALL, 6, Scene.KITE);
    burst(add("14", "11:02:08", WIDE, 1, Scene.GROUP), 3);
    add("14", "11:26:44", UPRIGHT, 8, Scene.FLYER);
    add("14", "12:03:19", BROAD, 1, Scene.KITE);
    add("14", "12:41:50", SQUARE, 1, Scene.FLAT);
    add("14", "13:15:33", UPRIGHT, 5, Scene.KITE);
    add("14", "14:08:21", WIDE, 1, Scene.KITE, "6x4");
    add("14", "14:41:06", TALL, 1, Scene.FLYER);
    add("14", "15:22:47", UPRIGHT, 7, Scene.GROUP);
    add("14", "16:03:58", WIDE, 1, Scene.FLAT);
  }

  private void storm() {
    add("14", "18:44:13", WIDE, 1, Scene.STORM);
    add("14", "18:52:40", UPRIGHT, 6, Scene.STORM);
    burst(add("14", "19:01:05", WIDE, 1, Scene.STORM), 2);
    add("14", "19:20:22", TALL, 1, Scene.CAMP);
  }

  private void night() {
    add("14", "22:11:30", WIDE, 1, Scene.NIGHT);
    add("14", "22:24:02", UPRIGHT, 6, Scene.NIGHT);
    burst(add("14", "22:37:51", UPRIGHT, 1, Scene.NIGHT), 3);
    add("14", "22:50:16", BROAD, 3, Scene.NIGHT);
  }

  private void lastDay() {
    add("15", "10:20:09", WIDE, 1, Scene.FLYER);
    add("15", "10:48:38", UPRIGHT, 1, Scene.KITE);
    add("15", "11:30:44", TALL, 8, Scene.GROUP, "3x4");
    Shot soft = add("15", "12:05:17", WIDE, 1, Scene.KITE);
    replaceLast(
        new Shot(
            soft.file(), soft.takenAt(), 3000, 2000, 1, soft.scene(), soft.seed(), 0, true, null));
    Shot small = add("15", "12:31:55", WIDE, 1, Scene.FLYER);
    replaceLast(
        new Shot(
            small.file(),
            small.takenAt(),
            480,
            320,
            1,
            small.scene(),
            small.seed(),
            0,
            false,
            null));
    add("15", "13:10:26", WIDE, 1, Scene.FLAT);
  }

  private void replaceLast(Shot shot) {
    shots.set(shots.size() - 1, shot);
  }

  /** Two that came without a date. */
  private void loose() {
    shots.add(new Shot("from-a-friend.jpg", null, 2400, 1600, 1, Scene.GROUP, 71, 0, false, null));
    shots.add(new Shot("poster-scan.png", null, 1200, 1600, 1, Scene.SAIL, 72, 0, false, null));
  }
}
