package drumnest.server.share;

import drumnest.server.http.SlowReaders;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SocketWrapperBase;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The connections that come in by the shared door. Nobody there can hold up the others: a stranger
 * has a few requests at a time, all strangers together half of the threads, and ten seconds for a
 * request as a whole, however slowly it sends or reads; a connection without a whole request is
 * closed after fifteen. Devices may take their time as long as they send or read at all.
 */
@Component
public class SharedConnections {

  private static final int THREADS = 32;
  private static final int MOST_CONNECTIONS = 256;
  private static final int MOST_OF_AN_ADDRESS = 32;
  private static final int MOST_OF_A_STRANGER = 6;
  private static final int MOST_OF_A_DEVICE = 16;
  private static final int MOST_OF_STRANGERS = THREADS / 2;
  private static final Duration SILENCE = Duration.ofSeconds(30);
  private static final Duration WITHOUT_REQUEST = Duration.ofSeconds(15);
  private static final Duration STRANGERS_REQUEST = Duration.ofSeconds(10);

  private final Map<HttpServletRequest, InHand> inHand = new ConcurrentHashMap<>();
  private final List<Listening> listening = new CopyOnWriteArrayList<>();
  private @Nullable ScheduledExecutorService monitor;

  /** A request that is being answered. */
  private record InHand(String address, int port, boolean stranger, long since) {}

  /** Tomcat's own way of listening, which lets its connections be looked at. */
  private static final class Listening extends Http11NioProtocol {

    private final Map<SocketWrapperBase<?>, Long> waitingSince = new HashMap<>();

    private Set<? extends SocketWrapperBase<?>> connections() {
      return getEndpoint().getConnections();
    }
  }

  /** A connector for one address, not yet listening. */
  Connector connector(String address, int port) {
    Listening protocol = new Listening();
    Connector connector = new Connector(protocol);
    connector.setProperty("address", address);
    connector.setProperty("maxThreads", String.valueOf(THREADS));
    connector.setProperty("minSpareThreads", "2");
    connector.setProperty("maxConnections", String.valueOf(MOST_CONNECTIONS));
    SlowReaders.arrive(connector, SILENCE);
    connector.setProperty("keepAliveTimeout", String.valueOf(WITHOUT_REQUEST.toMillis()));
    // What a refused request would still send is not waited for.
    connector.setProperty("maxSwallowSize", "0");
    connector.setPort(port);
    connector.setThrowOnFailure(true);
    listening.add(protocol);
    startWatch();
    return connector;
  }

  private synchronized void startWatch() {
    if (monitor == null) {
      monitor =
          Executors.newSingleThreadScheduledExecutor(
              task -> {
                Thread thread = new Thread(task, "shared-connections");
                thread.setDaemon(true);
                return thread;
              });
      monitor.scheduleWithFixedDelay(this::look, 1, 1, TimeUnit.SECONDS);
    }
  }

  synchronized void closeAll() {
    if (monitor != null) {
      monitor.shutdownNow();
      monitor = null;
    }
    listening.clear();
  }

  /**
   * Takes a request in hand.
   *
   * @param stranger whether it comes from a device that is not paired
   * @return whether it may go on; if not, its sender has too many already
   */
  public synchronized boolean take(HttpServletRequest request, boolean stranger) {
    String address = request.getRemoteAddr();
    long strangers = inHand.values().stream().filter(InHand::stranger).count();
    long same = inHand.values().stream().filter(each -> each.address().equals(address)).count();
    if (same >= (stranger ? MOST_OF_A_STRANGER : MOST_OF_A_DEVICE)
        || stranger && strangers >= MOST_OF_STRANGERS) {
      return false;
    }
    inHand.put(request, new InHand(address, request.getRemotePort(), stranger, System.nanoTime()));
    return true;
  }

  /** Lets go of a request; one that is answered by another thread when that has ended. */
  public void letGo(HttpServletRequest request) {
    if (request.isAsyncStarted()) {
      request.getAsyncContext().addListener(new WhenEnded(request));
    } else {
      inHand.remove(request);
    }
  }

  private final class WhenEnded implements AsyncListener {

    private final HttpServletRequest request;

    WhenEnded(HttpServletRequest request) {
      this.request = request;
    }

    @Override
    public void onComplete(AsyncEvent event) {
      inHand.remove(request);
    }

    @Override
    public void onTimeout(AsyncEvent event) {}

    @Override
    public void onError(AsyncEvent event) {}

    @Override
    public void onStartAsync(AsyncEvent event) {}
  }

  /** Closes the connections that had their time. */
  private void look() {
    Map<String, InHand> requests = new HashMap<>();
    inHand.values().forEach(each -> requests.put(each.address() + ":" + each.port(), each));
    long now = System.nanoTime();
    for (Listening protocol : listening) {
      Set<? extends SocketWrapperBase<?>> connections = protocol.connections();
      protocol.waitingSince.keySet().retainAll(connections);
      Map<String, Integer> ofAddress = new HashMap<>();
      for (SocketWrapperBase<?> connection : connections) {
        String address = connection.getRemoteAddr();
        InHand request = requests.get(address + ":" + connection.getRemotePort());
        int many = ofAddress.merge(String.valueOf(address), 1, Integer::sum);
        boolean over;
        if (request == null) {
          long since = protocol.waitingSince.computeIfAbsent(connection, each -> now);
          over = many > MOST_OF_AN_ADDRESS || now - since > WITHOUT_REQUEST.toNanos();
        } else {
          protocol.waitingSince.remove(connection);
          over = request.stranger() && now - request.since() > STRANGERS_REQUEST.toNanos();
        }
        if (over) {
          connection.close();
        }
      }
    }
  }
}
