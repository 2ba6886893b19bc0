package drumnest.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/**
 * The shared door as strangers use it: whatever they like goes over the wire just as it is, from
 * one of several addresses of this machine. Its second address stands for the local network.
 */
final class Wire {

  static final String SHARED = "127.0.0.2";

  private final RunningServer server;

  Wire(RunningServer server) {
    this.server = server;
  }

  Socket connect(String door, String from) {
    try {
      Socket socket =
          new Socket(door, URI.create(server.address()).getPort(), InetAddress.getByName(from), 0);
      socket.setSoTimeout(60_000);
      return socket;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The head of a request by the shared door, with more lines if there are any. */
  static String head(String method, String target, String door, String... more) {
    StringBuilder head = new StringBuilder();
    head.append(method).append(' ').append(target).append(" HTTP/1.1\r\nHost: ").append(door);
    head.append("\r\nContent-Type: application/json\r\nConnection: close\r\n");
    for (String line : more) {
      head.append(line).append("\r\n");
    }
    return head.append("\r\n").toString();
  }

  static void send(Socket socket, String text) throws IOException {
    socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
    socket.getOutputStream().flush();
  }

  /** The status of an answer; 0 where the other side closed without one. */
  static int status(Socket socket) throws IOException {
    String answer = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
    return answer.length() < 12 ? 0 : Integer.parseInt(answer.substring(9, 12));
  }

  /** Asks with a small body and gives the status. */
  int ask(String door, String from, String method, String target, @Nullable String cookie) {
    return ask(door, from, method, target, cookie, "{}");
  }

  int ask(
      String door,
      String from,
      String method,
      String target,
      @Nullable String cookie,
      String body) {
    try (Socket socket = connect(door, from)) {
      String length = "Content-Length: " + body.length();
      String head =
          cookie == null
              ? head(method, target, door, length)
              : head(method, target, door, length, "Cookie: " + cookie);
      send(socket, head + body);
      return status(socket);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
