package drumnest.server.http;

import java.time.Duration;
import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Lets those who read slowly get to the end of what they take away. What waits for a reader in the
 * system hides its pace: room is told of in steps, up to megabytes on one machine, and at a few
 * kilobytes a second a step lasts minutes. So little waits on this side, and a reader may seem to
 * take nothing for a long while. How many read at a time is bounded elsewhere, not how slowly.
 */
@Component
public class SlowReaders implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  /** Bytes that wait for a reader; the system takes twice as many. */
  private static final int WAITING = 16 << 10;

  /** After this long without room for another byte the reader has gone. */
  private static final Duration GONE = Duration.ofMinutes(15);

  private static final Duration SILENCE = Duration.ofMinutes(1);

  /**
   * Is patient with the readers of a connector.
   *
   * @param silence for how long those who send may send nothing
   */
  public static void arrive(Connector connector, Duration silence) {
    connector.setProperty("socket.txBufSize", String.valueOf(WAITING));
    connector.setProperty("connectionTimeout", String.valueOf(GONE.toMillis()));
    connector.setProperty("keepAliveTimeout", String.valueOf(silence.toMillis()));
    connector.setProperty("disableUploadTimeout", "false");
    connector.setProperty("connectionUploadTimeout", String.valueOf(silence.toMillis()));
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addConnectorCustomizers(connector -> arrive(connector, SILENCE));
  }
}
