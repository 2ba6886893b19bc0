package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Archives of originals last as long as they are read, and nobody waits for who does not read. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class DownloadsTest {

  /** Whatever the time limit of other long answers is, archives have none. */
  @RegisterExtension
  static final RunningServer SERVER = new RunningServer("--spring.mvc.async.request-timeout=10");

  private static final String ARCHIVE = "/api/albums/1/chosen.zip";

  @BeforeAll
  static void largePhotos() {
    List<String> photos = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      photos.add(
          SERVER
              .take("large " + i + ".png", TestPictures.png(noise(i)))
              .is(200)
              .json()
              .get("photo")
              .stringValue());
    }
    SERVER.step("choose", Map.of("photos", photos, "choice", "keep")).is(200);
  }

  /** A picture that does not become smaller by packing. */
  private static BufferedImage noise(int seed) {
    BufferedImage picture = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    int[] pixels = new Random(seed).ints(1600 * 1200).toArray();
    picture.setRGB(0, 0, 1600, 1200, pixels, 0, 1600);
    return picture;
  }

  /** Asks for the archive and reads no further than its first line. */
  private static Socket stalled() throws IOException {
    URI uri = URI.create(SERVER.address());
    Socket socket = new Socket();
    socket.setReceiveBufferSize(4096);
    socket.connect(new InetSocketAddress(uri.getHost(), uri.getPort()));
    Wire.send(socket, Wire.head("GET", ARCHIVE, "127.0.0.1"));
    assertThat(Wire.status(socket)).isEqualTo(200);
    return socket;
  }

  private static int files(byte[] archive) throws IOException {
    int files = 0;
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive))) {
      while (in.getNextEntry() != null) {
        in.readAllBytes();
        files++;
      }
    }
    return files;
  }

  @Test
  void who_does_not_read_holds_up_nobody() throws IOException {
    List<Socket> stalled = new ArrayList<>();
    try {
      for (int i = 0; i < 16; i++) {
        stalled.add(stalled());
      }
      assertThat(files(SERVER.get(ARCHIVE).is(200).bytes())).isEqualTo(6);
    } finally {
      for (Socket socket : stalled) {
        socket.close();
      }
    }
  }

  @Test
  void a_missing_original_does_not_break_the_archive_off() throws IOException {
    Path folder = SERVER.home().resolve("photos");
    Path original;
    try (var all = Files.walk(folder)) {
      original = all.filter(Files::isRegularFile).findFirst().orElseThrow();
    }
    Path aside = SERVER.home().resolve("aside");
    Files.move(original, aside);
    try {
      assertThat(files(SERVER.get(ARCHIVE).is(200).bytes())).isEqualTo(5);
    } finally {
      Files.move(aside, original);
    }
  }
}
