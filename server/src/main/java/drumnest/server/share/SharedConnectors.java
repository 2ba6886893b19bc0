package drumnest.server.share;

import drumnest.server.store.SettingEntity;
import drumnest.server.store.Settings;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.stereotype.Component;

/**
 * The second door: while sharing is on, the same server listens at some of this machine's places in
 * the network too: at the private addresses of its network cards, or at those that the maker chose.
 * Which door a request came in by is told by its local address.
 */
@Component
public class SharedConnectors {

  private static final Logger LOG = LoggerFactory.getLogger(SharedConnectors.class);
  private static final String CHOSEN = "share.addresses";

  private final WebServerApplicationContext context;
  private final Settings settings;
  private final SharedConnections connections;
  private final List<String> given;
  private final Map<String, Connector> open = new TreeMap<>();

  SharedConnectors(
      WebServerApplicationContext context,
      Settings settings,
      SharedConnections connections,
      @Value("${drumnest.share.addresses:}") List<String> given) {
    this.context = context;
    this.settings = settings;
    this.connections = connections;
    this.given = given;
  }

  public synchronized boolean isOpen() {
    return !open.isEmpty();
  }

  /** Where devices find it, as {@code 192.0.2.2:8080}. */
  public synchronized List<String> addresses() {
    return open.entrySet().stream()
        .map(door -> door.getKey() + ":" + door.getValue().getLocalPort())
        .toList();
  }

  /** Whether it listens at an address. */
  public synchronized boolean isOpenAt(String address) {
    return open.containsKey(address);
  }

  /** The places at which it could listen. */
  public List<NetworkPlace> places() {
    try {
      return NetworkPlace.all();
    } catch (IOException e) {
      LOG.warn("The network cannot be looked at: {}", e.getMessage());
      return List.of();
    }
  }

  /** Opens it where it was open last, or at the private addresses of this machine's own cards. */
  public synchronized boolean open() {
    return open.isEmpty() ? openAt(addressesToOpen()) : true;
  }

  private List<String> addressesToOpen() {
    if (!given.isEmpty()) {
      return given;
    }
    List<NetworkPlace> places = places();
    List<String> chosen =
        settings
            .findById(CHOSEN)
            .map(setting -> Arrays.asList(setting.text().split(",")))
            .orElse(List.of());
    List<String> there =
        places.stream().map(NetworkPlace::address).filter(chosen::contains).toList();
    return there.isEmpty()
        ? places.stream()
            .filter(place -> place.kind() == NetworkPlace.Network.LOCAL)
            .map(NetworkPlace::address)
            .toList()
        : there;
  }

  /** Opens it at these of this machine's places and nowhere else, and remembers them. */
  public synchronized boolean choose(List<String> addresses) {
    close();
    boolean opened = openAt(addresses);
    if (opened) {
      settings.save(new SettingEntity(CHOSEN, String.join(",", addresses)));
    }
    return opened;
  }

  private boolean openAt(List<String> addresses) {
    Tomcat tomcat = tomcat();
    int port = tomcat.getConnector().getLocalPort();
    for (String address : addresses) {
      Connector connector = connections.connector(address, port);
      try {
        tomcat.getService().addConnector(connector);
        open.put(address, connector);
      } catch (RuntimeException cannotListen) {
        LOG.warn("Cannot listen on {}:{}: {}", address, port, cannotListen.getMessage());
        tomcat.getService().removeConnector(connector);
      }
    }
    return !open.isEmpty();
  }

  /** Closes it; devices stay paired. */
  public synchronized void close() {
    List<Connector> all = new ArrayList<>(open.values());
    open.clear();
    for (Connector connector : all) {
      tomcat().getService().removeConnector(connector);
      try {
        connector.stop();
        connector.destroy();
      } catch (Exception e) {
        LOG.warn("A shared door did not close cleanly: {}", e.getMessage());
      }
    }
    connections.closeAll();
  }

  private Tomcat tomcat() {
    return ((TomcatWebServer) context.getWebServer()).getTomcat();
  }
}
