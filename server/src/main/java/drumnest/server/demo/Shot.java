package drumnest.server.demo;

import java.time.Duration;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * One picture of the kite meet.
 *
 * @param file what the file is called
 * @param moment when it was taken in truth, if anybody knows
 * @param camera what took it; null for a file that does not say
 * @param w pixels across, upright
 * @param h pixels down, upright
 * @param orientation how it is stored, 1 to 8 (source: CIPA DC-008)
 * @param scene what is in it
 * @param seed what makes it differ from others of its scene; near repeats share it
 * @param art how it differs from what it repeats
 * @param label what it is known to belong to
 */
record Shot(
    String file,
    @Nullable LocalDateTime moment,
    @Nullable Camera camera,
    int w,
    int h,
    int orientation,
    Scene scene,
    int seed,
    Art art,
    Label label) {

  /** The scenes that a picture can show. */
  enum Scene {
    FLAT,
    KITE,
    FLYER,
    GROUP,
    SAIL,
    CAMP,
    SUNSET,
    STORM,
    NIGHT
  }

  /** The two cameras of the meet; the clock of the second was never set right. */
  enum Camera {
    LANTERN("Tidewright", "Lantern 4", Duration.ZERO, "+02:00"),
    PEBBLE("Tidewright", "Pebble", Duration.ofMinutes(67), null);

    private final String make;
    private final String model;
    private final Duration slow;
    private final @Nullable String offset;

    Camera(String make, String model, Duration slow, @Nullable String offset) {
      this.make = make;
      this.model = model;
      this.slow = slow;
      this.offset = offset;
    }

    String make() {
      return make;
    }

    String model() {
      return model;
    }

    /** By how much its clock is slow. */
    Duration slow() {
      return slow;
    }

    /** How far its clock is ahead of UTC, where it writes that. */
    @Nullable String offset() {
      return offset;
    }
  }

  /**
   * How a picture is painted.
   *
   * @param shift how far what moves has moved on, in thousandths of the width
   * @param blur how far it is out of focus: 0 for sharp, 3 for soft, 8 for blurred
   * @param light how bright it is, 1 for as it should be
   * @param framed whether it is cut out of the middle of a square view, as one who turns the camera
   *     sees it
   */
  record Art(int shift, int blur, double light, boolean framed) {
    static final Art PLAIN = new Art(0, 0, 1, false);
  }

  /**
   * The groups that a picture is known to belong to, and what its file says beside the picture.
   *
   * @param stack the near-repeats it is one of
   * @param alternates the upright and wide versions it is one of
   * @param tableInches the print on the table that it is, as {@code 6x4}; null for a file
   * @param stars its stars in the file, 0 for none
   */
  record Label(
      @Nullable String stack,
      @Nullable String alternates,
      @Nullable String tableInches,
      int stars) {
    static final Label NONE = new Label(null, null, null, 0);
  }

  /** The time that the camera's clock said; null where no camera has written into the file. */
  @Nullable LocalDateTime stamp() {
    return moment == null || camera == null ? null : moment.minus(camera.slow());
  }

  Shot with(Art next) {
    return new Shot(file, moment, camera, w, h, orientation, scene, seed, next, label);
  }

  Shot with(Label next) {
    return new Shot(file, moment, camera, w, h, orientation, scene, seed, art, next);
  }

  /** A copy in another size. */
  Shot sized(int across, int down) {
    return new Shot(file, moment, camera, across, down, 1, scene, seed, art, label);
  }

  /** The next shot of a burst. */
  Shot next(String name, int seconds, Art different) {
    return new Shot(
        name,
        moment == null ? null : moment.plusSeconds(seconds),
        camera,
        w,
        h,
        orientation,
        scene,
        seed,
        different,
        label);
  }
}
