package drumnest.server.share;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.stereotype.Component;

/**
 * The second door: while sharing is on, the same server listens on this machine's addresses in the
 * local network too. Which door a request came in by is told by its local address.
 */
@Component
public class SharedDoor {

  private static final Logger LOG = LoggerFactory.getLogger(SharedDoor.class);

  private final WebServerApplicationContext context;
  private final List<String> chosen;
  private final List<Connector> open = new ArrayList<>();

  SharedDoor(
      WebServerApplicationContext context,
      @Value("${drumnest.share.addresses:}") List<String> chosen) {
    this.context = context;
    this.chosen = chosen;
  }

  public synchronized boolean isOpen() {
    return !open.isEmpty();
  }

  /** Where devices find it, as {@code 192.0.2.2:8080}. */
  public synchronized List<String> addresses() {
    return open.stream()
        .map(connector -> connector.getProperty("address") + ":" + connector.getLocalPort())
        .map(address -> address.replaceFirst("^.*/", ""))
        .toList();
  }

  /**
   * Opens it.
   *
   * @return whether there is any address to listen on
   */
  public synchronized boolean open() {
    if (!open.isEmpty()) {
      return true;
    }
    Tomcat tomcat = ((TomcatWebServer) context.getWebServer()).getTomcat();
    int port = tomcat.getConnector().getLocalPort();
    for (String address : chosen.isEmpty() ? local() : chosen) {
      Connector connector = new Connector();
      connector.setProperty("address", address);
      connector.setProperty("maxThreads", "16");
      connector.setPort(port);
      connector.setThrowOnFailure(true);
      try {
        tomcat.getService().addConnector(connector);
        open.add(connector);
      } catch (RuntimeException cannotListen) {
        LOG.warn("Cannot listen on {}:{}: {}", address, port, cannotListen.getMessage());
        tomcat.getService().removeConnector(connector);
      }
    }
    return !open.isEmpty();
  }

  /** Closes it; devices stay paired. */
  public synchronized void close() {
    Tomcat tomcat = ((TomcatWebServer) context.getWebServer()).getTomcat();
    for (Connector connector : open) {
      tomcat.getService().removeConnector(connector);
      try {
        connector.stop();
        connector.destroy();
      } catch (Exception e) {
        LOG.warn("A shared door did not close cleanly: {}", e.getMessage());
      }
    }
    open.clear();
  }

  /** This machine's IPv4 addresses. */
  private static List<String> local() {
    List<String> addresses = new ArrayList<>();
    try {
      for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (!each.isUp() || each.isLoopback()) {
          continue;
        }
        for (InetAddress address : Collections.list(each.getInetAddresses())) {
          if (address.getAddress().length == 4 && !address.isLinkLocalAddress()) {
            addresses.add(address.getHostAddress());
          }
        }
      }
    } catch (IOException e) {
      LOG.warn("The network cannot be looked at: {}", e.getMessage());
    }
    return addresses;
  }
}
