package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.place.Watch;
import drumnest.server.edit.Runs;
import org.junit.jupiter.api.Test;

class RunsTest {

  private final Runs runs = new Runs();

  @Test
  void a_run_says_how_far_it_is_and_is_stopped_by_its_name() {
    String answer =
        runs.run(
            "mine",
            watch -> {
              assertThat(watch.goOn(1, 4)).isTrue();
              assertThat(runs.progress("mine")).contains(0.25);
              runs.stop("another");
              assertThat(watch.goOn(2, 4)).isTrue();
              runs.stop("mine");
              assertThat(watch.goOn(3, 4)).isFalse();
              return "the best so far";
            });
    assertThat(answer).isEqualTo("the best so far");
    assertThat(runs.progress("mine")).as("it has ended").isEmpty();
  }

  @Test
  void a_run_without_a_name_is_not_watched_and_one_that_fails_has_ended() {
    assertThat(runs.<Watch>run(null, watch -> watch)).isSameAs(Watch.NONE);
    assertThatThrownBy(
            () ->
                runs.run(
                    "bad",
                    watch -> {
                      throw new IllegalStateException("no");
                    }))
        .hasMessage("no");
    assertThat(runs.progress("bad")).isEmpty();
  }
}
