package drumnest.server.share;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * A place in a network at which this machine can be reached: one IPv4 address of one of its
 * interfaces.
 *
 * @param address as {@code 192.168.0.7}
 * @param device what the interface is called, as {@code eth0}
 * @param kind what lies behind it
 */
public record NetworkPlace(String address, String device, Network kind) {

  /** The networks that can lie behind a place. */
  public enum Network {
    /** A private address (source: RFC 1918) of a network card: the home's own network. */
    LOCAL,
    /** An address that is not private: everybody may get there. */
    PUBLIC,
    /** The way into some other network. */
    TUNNEL,
    /** A bridge, or a card that is only made believe: containers and virtual machines. */
    BRIDGE
  }

  private static final Path CARDS = Path.of("/sys/class/net");
  private static final String TUNNEL_NAMES = "(tun|tap|wg|utun|ppp|ipsec|tailscale|zt).*";
  private static final String BRIDGE_NAMES =
      "(docker|br-|bridge|virbr|veth|vmnet|vboxnet|lxc|lxd|cni|flannel|podman|vnet|vethernet).*";

  /** All places of this machine except those that only it can reach. */
  static List<NetworkPlace> all() throws IOException {
    List<NetworkPlace> places = new ArrayList<>();
    for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
      if (!each.isUp() || each.isLoopback()) {
        continue;
      }
      for (InetAddress address : Collections.list(each.getInetAddresses())) {
        if (address.getAddress().length == 4 && !address.isLinkLocalAddress()) {
          Network kind =
              kind(
                  address,
                  each.getName(),
                  each.isPointToPoint(),
                  each.isVirtual() || isMadeBelieve(each.getName()));
          places.add(new NetworkPlace(address.getHostAddress(), each.getName(), kind));
        }
      }
    }
    return places;
  }

  /** Where the system lists its network cards, one that stands for no device is made believe. */
  private static boolean isMadeBelieve(String device) {
    Path card = CARDS.resolve(device);
    return Files.exists(card) && !Files.exists(card.resolve("device"));
  }

  /**
   * Tells what lies behind an address.
   *
   * @param madeBelieve whether the interface stands for no device of its own
   */
  static Network kind(
      InetAddress address, String device, boolean pointToPoint, boolean madeBelieve) {
    String name = device.toLowerCase(Locale.ROOT);
    if (pointToPoint || name.matches(TUNNEL_NAMES)) {
      return Network.TUNNEL;
    }
    if (madeBelieve || name.matches(BRIDGE_NAMES)) {
      return Network.BRIDGE;
    }
    return address.isSiteLocalAddress() ? Network.LOCAL : Network.PUBLIC;
  }
}
