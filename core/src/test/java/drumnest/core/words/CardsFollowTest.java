package drumnest.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.Change;
import java.util.List;
import org.junit.jupiter.api.Test;

class CardsFollowTest {

  private static final Change MOVE = new Change.OfHolding("1-front-1", null, null);

  @Test
  void the_words_for_a_step_name_the_cards_that_found_no_place() {
    assertThat(CardsFollow.Following.NOTHING.words()).isEmpty();
    assertThat(new CardsFollow.Following(List.of(MOVE), List.of()).words())
        .isEqualTo(", its words with it");
    assertThat(new CardsFollow.Following(List.of(MOVE), List.of("At last.", "Rain")).words())
        .isEqualTo(", its words with it; no free place there for “At last.”, “Rain”");
  }
}
