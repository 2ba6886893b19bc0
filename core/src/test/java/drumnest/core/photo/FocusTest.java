package drumnest.core.photo;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.stock.HouseRules;
import java.util.List;
import org.junit.jupiter.api.Test;

class FocusTest {

  private static final HouseRules RULES = HouseRules.defaults();
  private static final Pixels PICTURE = new Pixels(1000, 800);

  @Test
  void a_head_is_a_face_with_hair_and_air() {
    assertThat(Focus.head(new PixelBox(400, 300, 90, 100), PICTURE, RULES))
        .isEqualTo(new PixelBox(380, 240, 130, 180));
  }

  @Test
  void a_head_ends_at_the_edges_of_the_picture() {
    assertThat(Focus.head(new PixelBox(0, 10, 100, 100), PICTURE, RULES))
        .isEqualTo(new PixelBox(0, 0, 120, 130));
    assertThat(Focus.head(new PixelBox(900, 700, 100, 100), PICTURE, RULES))
        .isEqualTo(new PixelBox(880, 640, 120, 160));
  }

  @Test
  void the_subject_is_the_heads_with_the_busiest_part() {
    PixelBox busiest = new PixelBox(0, 500, 100, 100);
    Focus focus = Focus.of(List.of(new PixelBox(400, 300, 90, 100)), busiest, PICTURE, RULES);
    assertThat(focus.subject()).isEqualTo(new PixelBox(0, 240, 510, 360));
    assertThat(focus.centre()).isEqualTo(focus.heads().get(0));
    assertThat(Focus.of(List.of(), busiest, PICTURE, RULES).subject()).isEqualTo(busiest);
    assertThat(Focus.of(List.of(), null, PICTURE, RULES)).isEqualTo(Focus.NONE);
  }
}
