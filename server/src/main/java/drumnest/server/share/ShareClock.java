package drumnest.server.share;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock by which codes run out. */
@Configuration
class ShareClock {

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
