package drumnest.server.demo;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * One picture of the kite meet.
 *
 * @param file what the file is called
 * @param takenAt when it was taken; null for a file without a date
 * @param w pixels across, upright
 * @param h pixels down, upright
 * @param orientation how it is stored, 1 to 8 (source: CIPA DC-008)
 * @param scene what is in it
 * @param seed what makes it differ from others of its scene; near repeats share it
 * @param shift how far a near repeat has moved on, in thousandths of its width
 * @param blurred whether it is out of focus
 * @param tableInches the print on the table that it is, as {@code 6x4}; null for a file
 */
record Shot(
    String file,
    @Nullable LocalDateTime takenAt,
    int w,
    int h,
    int orientation,
    Scene scene,
    int seed,
    int shift,
    boolean blurred,
    @Nullable String tableInches) {

  /** What a picture shows. */
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

  Shot shifted(String name, int seconds, int by) {
    return new Shot(
        name,
        takenAt == null ? null : takenAt.plusSeconds(seconds),
        w,
        h,
        orientation,
        scene,
        seed,
        by,
        blurred,
        tableInches);
  }
}
