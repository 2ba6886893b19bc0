package drumnest.server.share;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Logs what those who are not let in have caused: one line each, without where in the program it
 * happened, and no more than some a minute, so that nobody fills the disk with it. How many were
 * left out is said once there is room again.
 */
@Component
class StrangersLog {

  private static final Logger LOG = LoggerFactory.getLogger(StrangersLog.class);
  private static final Duration MINUTE = Duration.ofMinutes(1);
  private static final int LINES_A_MINUTE = 10;
  private static final int LONGEST = 200;

  private final Clock clock;
  private Instant minute = Instant.MIN;
  private int lines;
  private int leftOut;

  StrangersLog(Clock clock) {
    this.clock = clock;
  }

  /** Says that a request failed, if there is room for a line. */
  synchronized void failed(String address, Throwable failure) {
    Instant now = clock.instant();
    if (minute.equals(Instant.MIN) || now.isAfter(minute.plus(MINUTE))) {
      if (leftOut > 0) {
        LOG.warn("Requests from elsewhere failed {} more times.", leftOut);
      }
      minute = now;
      lines = 0;
      leftOut = 0;
    }
    if (lines == LINES_A_MINUTE) {
      leftOut++;
      return;
    }
    lines++;
    String said = String.valueOf(failure.getMessage()).replaceAll("\\p{Cntrl}", " ");
    LOG.warn(
        "A request from {} failed: {}: {}",
        address,
        failure.getClass().getSimpleName(),
        said.length() > LONGEST ? said.substring(0, LONGEST) : said);
  }
}
