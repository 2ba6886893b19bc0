package drumnest.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Increment;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RowsAndBlocksTest {

  private static final Increment MARK = Increment.SIXTEENTH;

  private static Length in(String text) {
    return Length.parse(text);
  }

  @Test
  void three_squares_under_a_6_in_photo_with_gaps_of_an_eighth() {
    Row row = Row.withGap(in("6"), 3, in("1/8"), false, MARK).orElseThrow();
    assertThat(row.piece()).isEqualTo(Length.ofInches(23).dividedBy(12));
    assertThat(row.cut()).isEqualTo(in("1 7/8"));
    assertThat(row.gap()).isEqualTo(in("3/16"));
    assertThat(row.starts()).containsExactly(in("0"), in("2 1/16"), in("4 1/8"));
  }

  @Test
  void three_2_1_2_squares_with_outer_gaps_of_a_quarter_are_8_1_2() {
    Row row = Row.withPiece(in("8 1/2"), 3, in("2 1/2"), true, MARK).orElseThrow();
    assertThat(row.gap()).isEqualTo(in("1/4"));
    assertThat(row.starts()).containsExactly(in("1/4"), in("3"), in("5 3/4"));
    assertThat(Row.withPiece(in("8"), 3, in("2 1/2"), false, MARK).orElseThrow().gap())
        .isEqualTo(in("1/4"));
  }

  @Test
  void one_piece_without_outer_gaps_has_none_and_what_does_not_fit_is_no_row() {
    assertThat(Row.withGap(in("6"), 1, in("1/8"), false, MARK).orElseThrow().gap())
        .isEqualTo(Length.ZERO);
    assertThat(Row.withPiece(in("6"), 3, in("2 1/16"), false, MARK)).isEmpty();
    assertThat(Row.withGap(in("1"), 9, in("1/8"), false, MARK)).isEmpty();
    assertThat(Row.withPiece(in("6"), 2, in("1/32"), false, MARK)).isEmpty();
  }

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {71, 72, 73})
  void a_cut_is_never_more_than_its_piece_and_the_closing_check_holds(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 300; i++) {
      Length span = Length.ofInches(0, 64 + random.nextInt(900), 64);
      int pieces = 1 + random.nextInt(9);
      boolean outer = random.nextBoolean();
      Length gap = Length.ofInches(0, random.nextInt(20), 64);
      Row.withGap(span, pieces, gap, outer, MARK)
          .ifPresent(
              row -> {
                assertThat(row.cut()).isLessThanOrEqualTo(row.piece());
                List<Length> starts = row.starts();
                Length end = starts.get(starts.size() - 1).plus(row.cut());
                Length closing = span.minus(end);
                if (pieces > 1 || outer) {
                  Length expected = outer ? row.gap() : Length.ZERO;
                  assertThat(Math.abs(closing.minus(expected).toNanometres()))
                      .isLessThanOrEqualTo(1);
                }
                for (int k = 1; k < starts.size(); k++) {
                  Length between = starts.get(k).minus(starts.get(k - 1)).minus(row.cut());
                  assertThat(Math.abs(between.minus(row.gap()).toNanometres()))
                      .isLessThanOrEqualTo(1);
                }
              });
    }
  }

  @Test
  void nine_2_1_2_squares_with_gap_and_border_of_a_quarter_are_8_1_2_square() {
    Grid grid = new Grid(3, 3, new Size(in("2 1/2"), in("2 1/2")), in("1/4"), in("1/4"));
    assertThat(grid.size()).isEqualTo(new Size(in("8 1/2"), in("8 1/2")));
    assertThat(grid.cells(Length.ZERO, Length.ZERO))
        .hasSize(9)
        .first()
        .isEqualTo(new Grid.Cell(0, 0, in("1/4"), in("1/4")));
    assertThat(grid.cells(Length.ZERO, Length.ZERO).get(5))
        .isEqualTo(new Grid.Cell(1, 2, in("5 3/4"), in("3")));
  }

  @Test
  void an_upright_beside_a_wide_one_with_three_pieces_makes_no_squares() {
    MixedBlock block =
        MixedBlock.of(Size.ofInches(4, 6), Size.ofInches(6, 4), 3, in("1/8")).orElseThrow();
    assertThat(block.oblong().w()).isEqualTo(Length.ofInches(23).dividedBy(12));
    assertThat(block.oblong().h()).isEqualTo(in("1 7/8"));
    assertThat(block.side()).isEqualTo(in("1 7/8"));
    assertThat(block.widthLeft()).isEqualTo(in("1/8"));
    assertThat(block.heightLeft()).isEqualTo(Length.ZERO);
    assertThat(MixedBlock.of(Size.ofInches(4, 4), Size.ofInches(6, 4), 3, in("1/8"))).isEmpty();
  }
}
