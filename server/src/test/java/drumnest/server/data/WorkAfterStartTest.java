package drumnest.server.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class WorkAfterStartTest {

  @Test
  void it_is_over_once_it_was_ended() throws InterruptedException {
    WorkAfterStart work = new WorkAfterStart();
    CountDownLatch begun = new CountDownLatch(1);
    AtomicBoolean over = new AtomicBoolean();
    work.begin(
        "work",
        () -> {
          begun.countDown();
          while (!work.isEnding()) {
            Thread.onSpinWait();
          }
          over.set(true);
        });
    begun.await();
    assertThat(over).isFalse();
    work.end();
    assertThat(over).isTrue();
    assertThat(Thread.getAllStackTraces().keySet())
        .extracting(Thread::getName)
        .doesNotContain("work");
  }

  @Test
  void what_was_never_begun_is_over() {
    WorkAfterStart work = new WorkAfterStart();
    work.end();
    assertThat(work.isEnding()).isTrue();
  }
}
