package drumnest.server.leaves;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.LeafType;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ProposalViewsTest {

  private static final LeafType SIX_6_X_4 =
      (LeafType) Catalogue.beginning().get("12x12-six-6x4").item();

  /** More of them cover than a square of nanometres can count in 64 bits. */
  @Test
  void how_full_the_pages_of_a_very_large_album_are_is_told_as_well() {
    List<Slot> slots =
        IntStream.rangeClosed(1, 200)
            .mapToObj(number -> Leaf.of(number, number, SIX_6_X_4))
            .flatMap(leaf -> leaf.slots(Side.FRONT, 0).stream())
            .toList();
    assertThat(slots).hasSize(1200);
    assertThat(ProposalViews.full(slots, slots)).isEqualTo(100);
    assertThat(ProposalViews.full(slots.subList(0, 300), slots)).isEqualTo(25);
    assertThat(ProposalViews.full(List.of(), List.of())).isZero();
  }
}
