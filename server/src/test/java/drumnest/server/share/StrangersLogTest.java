package drumnest.server.share;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import drumnest.server.HandClock;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;

class StrangersLogTest {

  private final HandClock clock = new HandClock();
  private final StrangersLog log = new StrangersLog(clock);
  private final ListAppender<ILoggingEvent> lines = new ListAppender<>();
  private final Logger logger = (Logger) LoggerFactory.getLogger(StrangersLog.class);

  @BeforeEach
  void listen() {
    lines.start();
    logger.addAppender(lines);
  }

  @AfterEach
  void leave() {
    logger.detachAppender(lines);
  }

  private List<String> said() {
    return lines.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
  }

  @Test
  void a_failure_is_one_line_without_where_it_was() {
    log.failed("10.0.0.9", new IllegalStateException("two\nlines " + "x".repeat(500)));
    assertThat(said()).hasSize(1);
    assertThat(said().get(0))
        .startsWith("A request from 10.0.0.9 failed: IllegalStateException: two lines xxx")
        .hasSizeLessThan(300)
        .doesNotContain("\n");
    assertThat(lines.list.get(0).getThrowableProxy()).isNull();
  }

  @Test
  void no_more_than_ten_a_minute_are_said_and_the_rest_is_counted() {
    for (int i = 0; i < 500; i++) {
      log.failed("10.0.0.9", new IllegalStateException("no"));
    }
    assertThat(said()).hasSize(10);
    clock.goOn(Duration.ofSeconds(61));
    log.failed("10.0.0.9", new IllegalStateException("again"));
    assertThat(said()).hasSize(12);
    assertThat(said().get(10)).contains("490 more times");
    assertThat(said().get(11)).contains("again");
  }
}
