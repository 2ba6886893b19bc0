package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.place.ProgressMonitor;
import drumnest.server.frame.Runs;
import org.junit.jupiter.api.Test;

class RunsTest {

  private final Runs runs = new Runs();

  @Test
  void a_run_says_how_far_it_is_and_is_stopped_by_its_name() {
    String answer =
        runs.run(
            "mine",
            monitor -> {
              assertThat(monitor.goOn(1, 4)).isTrue();
              assertThat(runs.progress("mine")).contains(0.25);
              runs.stop("another");
              assertThat(monitor.goOn(2, 4)).isTrue();
              runs.stop("mine");
              assertThat(monitor.goOn(3, 4)).isFalse();
              return "the best so far";
            });
    assertThat(answer).isEqualTo("the best so far");
    assertThat(runs.progress("mine")).as("it has ended").isEmpty();
  }

  @Test
  void a_run_without_a_name_is_not_watched_and_one_that_fails_has_ended() {
    assertThat(runs.<ProgressMonitor>run(null, monitor -> monitor)).isSameAs(ProgressMonitor.NONE);
    assertThatThrownBy(
            () ->
                runs.run(
                    "bad",
                    monitor -> {
                      throw new IllegalStateException("no");
                    }))
        .hasMessage("no");
    assertThat(runs.progress("bad")).isEmpty();
  }
}
