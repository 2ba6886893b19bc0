package drumnest.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class KiteMeetTest {

  private static final List<Shot> SHOTS = KiteMeet.shots();

  @Test
  void has_at_least_forty_pictures_with_names_of_their_own() {
    assertThat(SHOTS).hasSizeGreaterThanOrEqualTo(40);
    assertThat(SHOTS).extracting(Shot::file).doesNotHaveDuplicates();
  }

  @Test
  void is_varied_as_real_cameras_and_days_are() {
    assertThat(SHOTS.stream().map(Shot::orientation).distinct()).hasSize(8);
    assertThat(SHOTS.stream().map(Shot::scene).distinct()).hasSize(Shot.Scene.values().length);
    assertThat(SHOTS).filteredOn(shot -> shot.takenAt() == null).hasSize(2);
    assertThat(SHOTS).filteredOn(Shot::blurred).hasSize(1);
    assertThat(SHOTS).filteredOn(shot -> shot.w() < 600).hasSize(1);
    assertThat(SHOTS).filteredOn(shot -> shot.tableInches() != null).hasSize(2);
    assertThat(SHOTS).filteredOn(shot -> shot.w() > shot.h()).hasSizeGreaterThan(15);
    assertThat(SHOTS).filteredOn(shot -> shot.w() < shot.h()).hasSizeGreaterThan(10);
  }

  @Test
  void goes_on_in_time_with_bursts_of_near_repeats() {
    assertThat(SHOTS.stream().map(Shot::takenAt).filter(Objects::nonNull)).isSorted();
    long bursts =
        SHOTS.stream().collect(Collectors.groupingBy(Shot::seed)).values().stream()
            .filter(shots -> shots.size() > 1)
            .count();
    assertThat(bursts).isGreaterThanOrEqualTo(4);
  }

  @Test
  void is_painted_the_same_every_time_and_a_near_repeat_is_near() {
    Shot first = SHOTS.stream().filter(shot -> shot.shift() > 0).findFirst().orElseThrow();
    Shot original =
        SHOTS.stream()
            .filter(shot -> shot.seed() == first.seed() && shot.shift() == 0)
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
    return new Shot(
        shot.file(),
        shot.takenAt(),
        shot.w() / 10,
        shot.h() / 10,
        1,
        shot.scene(),
        shot.seed(),
        shot.shift(),
        false,
        null);
  }

  private static int[] pixels(Shot shot) {
    BufferedImage picture = ScenePainter.paint(shot).picture();
    return ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
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
