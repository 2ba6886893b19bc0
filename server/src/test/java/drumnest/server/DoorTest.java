package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class DoorTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @Test
  void the_page_is_served_at_every_place_within_it_and_loads_nothing_from_elsewhere() {
    for (String path : new String[] {"/", "/albums/1/place", "/anything"}) {
      RunningServer.Answer page = SERVER.get(path).is(200);
      assertThat(page.text()).contains("<title>Drum Nest</title>");
      assertThat(page.text()).doesNotContain("http://", "https://");
      assertThat(page.response().headers().firstValue("Content-Security-Policy").orElseThrow())
          .contains("default-src 'self'");
    }
    SERVER.get("/missing.js").is(404);
    SERVER.get("/v3/nothing").is(404);
    SERVER.get("/actuator/env").is(404);
  }

  @Test
  void another_host_name_is_not_let_in() throws IOException {
    assertThat(statusFor("Host: album.example")).contains("403");
    assertThat(statusFor("Host: localhost.example")).contains("403");
    assertThat(statusFor("Host: localhost:1234")).contains("200");
  }

  private static String statusFor(String host) throws IOException {
    URI uri = URI.create(SERVER.address());
    try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
      socket
          .getOutputStream()
          .write(
              ("GET /api/albums HTTP/1.1\r\n" + host + "\r\nConnection: close\r\n\r\n")
                  .getBytes(StandardCharsets.US_ASCII));
      return new BufferedReader(
              new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
          .readLine();
    }
  }

  @Test
  void a_page_of_elsewhere_is_not_let_in() {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(SERVER.address() + "/api/albums"));
    SERVER.send(request.copy().header("Origin", "http://elsewhere.example").build()).is(403);
    SERVER.send(request.copy().header("Origin", "null").build()).is(403);
    SERVER.send(request.copy().header("Origin", SERVER.address()).build()).is(200);
  }
}
