package drumnest.server.share;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NetworkPlaceTest {

  /**
   * Private addresses as in RFC 1918, with the first and last of each block and their neighbours.
   */
  @ParameterizedTest(name = "{0} at {1}")
  @CsvSource({
    "10.0.0.0, eth0, false, false, LOCAL",
    "10.255.255.255, wlan0, false, false, LOCAL",
    "172.16.0.0, en0, false, false, LOCAL",
    "172.31.255.255, eno1, false, false, LOCAL",
    "192.168.0.7, wlp3s0, false, false, LOCAL",
    "9.255.255.255, eth0, false, false, PUBLIC",
    "11.0.0.0, eth0, false, false, PUBLIC",
    "172.15.255.255, eth0, false, false, PUBLIC",
    "172.32.0.0, eth0, false, false, PUBLIC",
    "192.167.255.255, eth0, false, false, PUBLIC",
    "192.169.0.0, eth0, false, false, PUBLIC",
    "192.0.2.2, eth0, false, false, PUBLIC",
    "100.64.0.1, eth0, false, false, PUBLIC",
    "10.8.0.2, tun0, false, true, TUNNEL",
    "10.8.0.2, wg0, false, true, TUNNEL",
    "10.8.0.2, utun3, true, false, TUNNEL",
    "10.8.0.2, eth0, true, false, TUNNEL",
    "172.17.0.1, docker0, false, true, BRIDGE",
    "172.18.0.1, br-0a1b2c, false, false, BRIDGE",
    "192.168.122.1, virbr0, false, true, BRIDGE",
    "192.168.56.1, vboxnet0, false, false, BRIDGE",
    "192.168.0.9, eth0, false, true, BRIDGE"
  })
  void only_private_addresses_of_real_cards_are_local(
      String address,
      String device,
      boolean pointToPoint,
      boolean madeBelieve,
      NetworkPlace.Network kind)
      throws UnknownHostException {
    assertThat(NetworkPlace.kind(InetAddress.getByName(address), device, pointToPoint, madeBelieve))
        .isEqualTo(kind);
  }
}
