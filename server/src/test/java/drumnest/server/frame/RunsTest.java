package drumnest.server.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import drumnest.core.place.ProgressMonitor;
import drumnest.server.HandClock;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class RunsTest {

  private final HandClock clock = new HandClock();
  private final Runs runs = new Runs(clock);

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

  @Test
  void a_run_that_nobody_watches_any_more_is_stopped() {
    runs.run(
        "left",
        monitor -> {
          clock.goOn(Duration.ofHours(1));
          assertThat(monitor.goOn(1, 9)).as("nobody has asked yet").isTrue();
          runs.progress("left");
          clock.goOn(Duration.ofSeconds(80));
          assertThat(monitor.goOn(2, 9)).as("asked a while ago").isTrue();
          clock.goOn(Duration.ofSeconds(20));
          assertThat(monitor.goOn(3, 9)).as("not asked any more").isFalse();
          return "the best so far";
        });
  }
}
