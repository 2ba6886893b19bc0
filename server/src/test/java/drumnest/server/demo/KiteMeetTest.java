package drumnest.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.server.demo.Shot.Camera;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class KiteMeetTest {

  private static final List<Shot> SHOTS = KiteMeet.shots();

  @Test
  void has_what_a_maker_meets() {
    assertThat(SHOTS).hasSizeBetween(85, 100);
    assertThat(SHOTS.stream().map(Shot::file)).doesNotHaveDuplicates();
    assertThat(SHOTS.stream().map(Shot::orientation).distinct().sorted())
        .containsExactly(1, 2, 3, 4, 5, 6, 7, 8);
    assertThat(SHOTS.stream().map(Shot::scene).distinct()).hasSize(Shot.Scene.values().length);
    assertThat(SHOTS).filteredOn(shot -> shot.stamp() == null).hasSize(3);
    assertThat(SHOTS).filteredOn(shot -> shot.art().blur() > 5).hasSize(1);
    assertThat(SHOTS).filteredOn(shot -> shot.w() < 600).hasSize(1);
    assertThat(SHOTS).filteredOn(shot -> shot.label().tableInches() != null).hasSize(2);
    assertThat(SHOTS).filteredOn(shot -> shot.label().stars() > 0).hasSize(3);
    assertThat(SHOTS).filteredOn(shot -> shot.w() > shot.h()).hasSizeGreaterThan(40);
    assertThat(SHOTS).filteredOn(shot -> shot.w() < shot.h()).hasSizeGreaterThan(25);
  }

  @Test
  void goes_on_in_time_on_each_camera_of_which_one_is_slow() {
    for (Camera camera : Camera.values()) {
      List<Shot> own = SHOTS.stream().filter(shot -> shot.camera() == camera).toList();
      assertThat(own.stream().map(Shot::stamp).filter(Objects::nonNull)).isSorted();
      assertThat(own)
          .allMatch(shot -> shot.stamp().plus(camera.slow()).equals(shot.moment()))
          .hasSizeGreaterThan(15);
    }
    assertThat(Camera.PEBBLE.slow()).isPositive();
  }

  @Test
  void has_labelled_bursts_and_views_with_the_camera_turned() {
    assertThat(labelled(shot -> shot.label().stack())).isGreaterThanOrEqualTo(10);
    assertThat(labelled(shot -> shot.label().alternates())).isGreaterThanOrEqualTo(3);
  }

  private static long labelled(java.util.function.Function<Shot, String> label) {
    return SHOTS.stream()
        .filter(shot -> label.apply(shot) != null && !label.apply(shot).startsWith("moment"))
        .collect(Collectors.groupingBy(label))
        .values()
        .stream()
        .filter(shots -> shots.size() > 1)
        .count();
  }

  @Test
  void is_painted_the_same_every_time_and_a_near_repeat_is_near() {
    Shot first = SHOTS.stream().filter(shot -> shot.art().shift() == 6).findFirst().orElseThrow();
    Shot original =
        SHOTS.stream()
            .filter(shot -> shot.seed() == first.seed() && shot.art().shift() == 0)
            .findFirst()
            .orElseThrow();
    int[] once = pixels(small(original));
    assertThat(pixels(small(original))).isEqualTo(once);
    int[] repeat = pixels(small(first));
    long differing = 0;
    for (int i = 0; i < once.length; i++) {
      differing += once[i] == repeat[i] ? 0 : 1;
    }
    assertThat(differing).isBetween(1L, once.length / 3L);
  }

  /** The shot painted small, which is quick. */
  private static Shot small(Shot shot) {
    return shot.sized(shot.w() / 10, shot.h() / 10)
        .with(new Shot.Art(shot.art().shift(), 0, 1, shot.art().framed()));
  }

  private static int[] pixels(Shot shot) {
    BufferedImage picture = ScenePainter.paint(shot).picture();
    int w = picture.getWidth();
    return picture.getRGB(0, 0, w, picture.getHeight(), null, 0, w);
  }

  @Test
  void what_must_stay_lies_inside_its_picture() {
    for (Shot shot : SHOTS) {
      var keep = ScenePainter.paint(small(shot)).keep();
      if (keep != null) {
        assertThat(keep.x).as(shot.file()).isBetween(0.0, 1.0);
        assertThat(keep.y).as(shot.file()).isBetween(0.0, 1.0);
        assertThat(keep.x + keep.width).as(shot.file()).isBetween(keep.x, 1.0);
        assertThat(keep.y + keep.height).as(shot.file()).isBetween(keep.y, 1.0);
      }
    }
  }
}
