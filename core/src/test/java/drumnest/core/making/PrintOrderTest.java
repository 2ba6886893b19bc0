package drumnest.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.measure.Size;
import drumnest.core.photo.PixelBox;
import java.util.List;
import org.junit.jupiter.api.Test;

class PrintOrderTest {

  @Test
  void equal_prints_are_counted_together_and_others_are_not() {
    PixelBox whole = new PixelBox(0, 0, 6000, 4000);
    PixelBox left = new PixelBox(0, 0, 3000, 4000);
    Size wide = Size.ofInches(6, 4);
    List<PrintOrder> list =
        PrintOrder.list(
            List.of(
                new PrintOrder.Wanted("a", wide, false, whole, "1"),
                new PrintOrder.Wanted("b", wide, false, whole, "2"),
                new PrintOrder.Wanted("a", wide, false, whole, "3"),
                new PrintOrder.Wanted("a", Size.ofInches(3, 4), false, left, "4")));
    assertThat(list).extracting(PrintOrder::count).containsExactly(2, 1, 1);
    assertThat(list.get(0).slots()).containsExactly("1", "3");
  }
}
