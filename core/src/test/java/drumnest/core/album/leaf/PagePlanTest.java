package drumnest.core.album.leaf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import drumnest.core.album.flap.Attachment;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Holds;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.flap.Mover;
import drumnest.core.album.flap.Support;
import drumnest.core.fit.Outline;
import drumnest.core.measure.Box;
import drumnest.core.measure.Edge;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Nothing stands on a page but what was said, and what follows from that. */
class PagePlanTest {

  private static final Box AT = Box.of(Length.ZERO, Length.ZERO, Size.ofInches(4, 6));
  private static final Mover CHAIN = new Mover(1, AT, Edge.LEFT, null, new Mechanism.Chain(2));

  private static Flap flap(String id) {
    return Flap.sleeve(
        id, AT, Edge.LEFT, new Attachment.OnProtector(Length.ofInches(1)), Support.PAGE);
  }

  @Test
  void a_mover_stands_with_all_its_parts() {
    PagePlan plan = PagePlan.EMPTY.withMovers(List.of(flap("1"), flap("2")), List.of(CHAIN));
    assertThat(plan.moverOf("2")).contains(CHAIN);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PagePlan.EMPTY.withMovers(List.of(flap("1")), List.of(CHAIN)));
    assertThatIllegalArgumentException().isThrownBy(() -> plan.withFlaps(List.of(flap("2"))));
  }

  @Test
  void a_flap_has_one_name_and_is_a_part_of_one_mover() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PagePlan.EMPTY.withFlaps(List.of(flap("1"), flap("1"))));
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> PagePlan.EMPTY.withMovers(List.of(flap("1"), flap("2")), List.of(CHAIN, CHAIN)));
  }

  @Test
  void a_mount_belongs_to_a_block() {
    Mount mount = new Mount(1, 1, AT, Outline.STRAIGHT, Length.ZERO, Holds.PHOTO, 1);
    assertThatIllegalArgumentException().isThrownBy(() -> new PagePlan(List.of(), List.of(mount)));
  }
}
