package drumnest.server.http;

import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Lets those who read slowly get to the end of what they take away. The system says that there is
 * room again only once a third of what waits for a reader has gone, and lets megabytes wait; at a
 * few kilobytes a second that lasts longer than a connection may be still. So less waits.
 */
@Component
public class SlowReaders implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  /** Bytes that wait for a reader; the system takes twice as many. */
  private static final int WAITING = 16 << 10;

  /** Has less wait for the readers of a connector. */
  public static void arrive(Connector connector) {
    connector.setProperty("socket.txBufSize", String.valueOf(WAITING));
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addConnectorCustomizers(SlowReaders::arrive);
  }
}
