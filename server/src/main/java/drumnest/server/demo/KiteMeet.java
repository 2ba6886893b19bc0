package drumnest.server.demo;

import drumnest.server.demo.Shot.Art;
import drumnest.server.demo.Shot.Camera;
import drumnest.server.demo.Shot.Label;
import drumnest.server.demo.Shot.Scene;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The pictures of a three-day kite meet on a tidal flat, by two cameras. */
final class KiteMeet {

  private static final int[] WIDE = {3000, 2000};
  private static final int[] UPRIGHT = {2000, 3000};
  private static final int[] BROAD = {2880, 2160};
  private static final int[] TALL = {2160, 2880};
  private static final int[] SQUARE = {2160, 2160};
  private static final int[] SNAP = {2000, 1500};
  private static final int[] TALL_SNAP = {1500, 2000};

  private final List<Shot> shots = new ArrayList<>();
  private Camera camera = Camera.LANTERN;

  private KiteMeet() {}

  /** All shots, those of the first camera in the order of time, then the second's, then others. */
  static List<Shot> shots() {
    KiteMeet meet = new KiteMeet();
    meet.arrival();
    meet.flying();
    meet.storm();
    meet.night();
    meet.lastDay();
    List<Shot> all = meet.named("kite-%03d.jpg", 101);
    meet.shots.clear();
    meet.camera = Camera.PEBBLE;
    meet.secondCamera(all);
    all.addAll(meet.named("pebble-%02d.jpg", 1));
    all.addAll(loose(all));
    return List.copyOf(all);
  }

  private List<Shot> named(String pattern, int first) {
    List<Shot> sorted =
        new ArrayList<>(shots.stream().sorted(Comparator.comparing(Shot::moment)).toList());
    for (int i = 0; i < sorted.size(); i++) {
      sorted.set(i, sorted.get(i).next(String.format(pattern, first + i), 0, sorted.get(i).art()));
    }
    return sorted;
  }

  private Shot add(String day, String time, int[] size, int orientation, Scene scene) {
    int seed = (camera == Camera.LANTERN ? 1 : 301) + shots.size();
    Shot shot =
        new Shot(
            "",
            LocalDateTime.parse("2025-06-" + day + "T" + time),
            camera,
            size[0],
            size[1],
            orientation,
            scene,
            seed,
            Art.PLAIN,
            Label.NONE);
    shots.add(shot);
    return shot;
  }

  private void change(Shot shot, Shot to) {
    shots.set(shots.indexOf(shot), to);
  }

  private void onTable(Shot shot, String inches) {
    change(shot, shot.with(new Label(null, null, inches, 0)));
  }

  private void stars(Shot shot, int stars) {
    change(shot, shot.with(new Label(null, null, null, stars)));
  }

  /**
   * Repeats a shot; of its versions one is soft where there are three or more, one dark of four.
   */
  private void burst(Shot first, int count) {
    Label label = new Label("stack " + first.seed(), first.label().alternates(), null, 0);
    Shot labelled = first.with(label);
    change(first, labelled);
    for (int i = 1; i < count; i++) {
      int blur = count > 2 && i == 1 ? 3 : 0;
      double light = count > 3 && i == 2 ? 0.6 : 1;
      Art art = new Art(6 * i, blur, light, labelled.art().framed());
      shots.add(labelled.next("", 2 * i, art));
    }
  }

  /** Adds the same view again a little later with the camera turned. */
  private void turned(Shot first) {
    Label label = new Label(first.label().stack(), "versions " + first.seed(), null, 0);
    Shot framed = first.with(new Art(0, 0, 1, true)).with(label);
    change(first, framed);
    Shot again = framed.next("", 25, framed.art());
    shots.add(
        new Shot(
            "",
            again.moment(),
            camera,
            first.h(),
            first.w(),
            1,
            first.scene(),
            first.seed(),
            framed.art(),
            label));
  }

  private void arrival() {
    add("13", "15:04:10", WIDE, 1, Scene.FLAT);
    add("13", "15:20:42", UPRIGHT, 6, Scene.CAMP);
    stars(add("13", "15:48:05", WIDE, 1, Scene.GROUP), 4);
    turned(add("13", "16:10:31", WIDE, 1, Scene.SAIL));
    add("13", "16:15:02", SQUARE, 1, Scene.SAIL);
    add("13", "16:22:09", BROAD, 3, Scene.SAIL);
    burst(add("13", "16:41:27", WIDE, 1, Scene.FLYER), 2);
    add("13", "17:02:50", WIDE, 1, Scene.CAMP);
    add("13", "17:30:18", UPRIGHT, 1, Scene.KITE);
    add("13", "18:31:17", TALL, 8, Scene.FLYER);
    stars(add("13", "20:58:36", WIDE, 2, Scene.SUNSET), 5);
    add("13", "21:06:20", UPRIGHT, 6, Scene.SUNSET);
  }

  private void flying() {
    add("14", "09:12:04", WIDE, 1, Scene.FLAT);
    burst(add("14", "09:40:27", UPRIGHT, 1, Scene.KITE), 4);
    add("14", "10:05:55", WIDE, 4, Scene.FLYER);
    add("14", "10:31:12", TALL, 6, Scene.KITE);
    burst(add("14", "11:02:08", WIDE, 1, Scene.GROUP), 4);
    add("14", "11:26:44", UPRIGHT, 8, Scene.FLYER);
    turned(add("14", "11:48:10", UPRIGHT, 1, Scene.KITE));
    add("14", "12:03:19", BROAD, 1, Scene.KITE);
    add("14", "12:41:50", SQUARE, 1, Scene.FLAT);
    add("14", "13:15:33", UPRIGHT, 5, Scene.KITE);
    burst(add("14", "13:40:02", WIDE, 1, Scene.KITE), 3);
    onTable(add("14", "14:08:21", WIDE, 1, Scene.KITE), "6x4");
    stars(add("14", "14:41:06", TALL, 1, Scene.FLYER), 5);
    add("14", "15:22:47", UPRIGHT, 7, Scene.GROUP);
    burst(add("14", "15:45:30", WIDE, 1, Scene.FLYER), 3);
    add("14", "16:03:58", WIDE, 1, Scene.FLAT);
  }

  private void storm() {
    add("14", "18:44:13", WIDE, 1, Scene.STORM);
    add("14", "18:52:40", UPRIGHT, 6, Scene.STORM);
    burst(add("14", "19:01:05", WIDE, 1, Scene.STORM), 3);
    add("14", "19:20:22", TALL, 1, Scene.CAMP);
  }

  private void night() {
    add("14", "22:11:30", WIDE, 1, Scene.NIGHT);
    add("14", "22:24:02", UPRIGHT, 6, Scene.NIGHT);
    burst(add("14", "22:37:51", UPRIGHT, 1, Scene.NIGHT), 3);
    add("14", "22:50:16", BROAD, 3, Scene.NIGHT);
    turned(add("14", "23:12:44", WIDE, 1, Scene.NIGHT));
  }

  private void lastDay() {
    add("15", "10:20:09", WIDE, 1, Scene.FLYER);
    add("15", "10:48:38", UPRIGHT, 1, Scene.KITE);
    onTable(add("15", "11:30:44", TALL, 8, Scene.GROUP), "3x4");
    Shot blurred = add("15", "12:05:17", WIDE, 1, Scene.KITE);
    change(blurred, blurred.with(new Art(0, 8, 1, false)));
    Shot small = add("15", "12:31:55", WIDE, 1, Scene.FLYER);
    change(small, small.sized(480, 320));
    burst(add("15", "12:50:40", WIDE, 1, Scene.GROUP), 2);
    add("15", "13:10:26", WIDE, 1, Scene.FLAT);
  }

  /** Another pair of eyes: some of the same moments, and some of its own. */
  private void secondCamera(List<Shot> first) {
    int[] seen = {0, 6, 13, 24, 27, 39};
    for (int at : seen) {
      Shot same = first.get(at);
      Art art = new Art(same.art().shift() + 4, 0, 1, same.art().framed());
      Shot snap = same.next("", 11, art);
      boolean wide = same.w() > same.h();
      shots.add(
          new Shot(
              "",
              snap.moment(),
              camera,
              wide ? same.w() * 2 / 3 : same.w() * 3 / 4,
              wide ? same.h() * 2 / 3 : same.h() * 3 / 4,
              1,
              same.scene(),
              same.seed(),
              art,
              new Label("moment " + same.seed(), null, null, 0)));
    }
    add("13", "15:30:00", SNAP, 1, Scene.CAMP);
    add("13", "16:30:12", TALL_SNAP, 1, Scene.SAIL);
    add("13", "18:02:33", SNAP, 1, Scene.GROUP);
    add("14", "09:55:20", SNAP, 1, Scene.FLAT);
    burst(add("14", "10:45:00", SNAP, 1, Scene.GROUP), 3);
    add("14", "12:20:41", TALL_SNAP, 1, Scene.KITE);
    add("14", "14:22:07", SNAP, 1, Scene.FLYER);
    burst(add("14", "15:10:55", TALL_SNAP, 1, Scene.KITE), 2);
    add("14", "19:08:08", SNAP, 1, Scene.STORM);
    add("14", "22:44:30", TALL_SNAP, 1, Scene.NIGHT);
    add("15", "10:35:15", SNAP, 1, Scene.CAMP);
    add("15", "13:02:00", SNAP, 1, Scene.FLAT);
  }

  /** Those that came without a date: a copy that was sent on, a friend's, a scan. */
  private static List<Shot> loose(List<Shot> all) {
    Shot group = all.get(2);
    Shot copy =
        new Shot(
            "sent-on.jpg",
            group.moment(),
            null,
            1200,
            800,
            1,
            group.scene(),
            group.seed(),
            Art.PLAIN,
            new Label("copy of " + group.file(), null, null, 0));
    return List.of(
        undated("from-a-friend.jpg", 2400, 1600, Scene.GROUP, 371),
        undated("poster-scan.png", 900, 1200, Scene.SAIL, 372),
        copy);
  }

  private static Shot undated(String file, int w, int h, Scene scene, int seed) {
    return new Shot(file, null, null, w, h, 1, scene, seed, Art.PLAIN, Label.NONE);
  }
}
