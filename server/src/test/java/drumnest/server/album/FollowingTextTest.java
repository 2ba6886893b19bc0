package drumnest.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import drumnest.core.album.Change;
import drumnest.core.words.CardsFollow.Following;
import java.util.List;
import org.junit.jupiter.api.Test;

class FollowingTextTest {

  private static final Change MOVE = new Change.OfHolding("1-front-1", null, null);

  @Test
  void the_words_for_a_step_name_the_cards_that_found_no_place() {
    assertThat(FollowingText.of(new Following(List.of(), List.of()))).isEmpty();
    assertThat(FollowingText.of(new Following(List.of(MOVE), List.of())))
        .isEqualTo(", its words with it");
    assertThat(FollowingText.of(new Following(List.of(MOVE), List.of("At last.", "Rain"))))
        .isEqualTo(", its words with it; no free place there for “At last.”, “Rain”");
  }
}
