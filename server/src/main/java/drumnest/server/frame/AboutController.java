package drumnest.server.frame;

import drumnest.server.data.Home;
import drumnest.server.intake.ImageRenderer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells what runs here. */
@RestController
class AboutController {

  private final ImageRenderer renderer;
  private final Home home;
  private final String version;

  AboutController(ImageRenderer renderer, Home home, @Value("${drumnest.version}") String version) {
    this.renderer = renderer;
    this.home = home;
    this.version = version;
  }

  @GetMapping("/api/about")
  AboutView about() {
    return new AboutView(
        version, renderer.description(), renderer.faceFinding(), home.folder().toString());
  }

  /** The licence of this program, and of all that it is built on, as the build lists them. */
  @GetMapping("/api/about/licences")
  LicencesView licences() throws IOException {
    return new LicencesView(
        List.of(
            new LicenceView("Drum Nest", text("notices/LICENSE")),
            new LicenceView("The type it prints with: Archivo", text("fonts/OFL.txt")),
            new LicenceView("Words in book type: Literata", text("fonts/Literata-OFL.txt")),
            new LicenceView(
                "Words in typewriter type: Courier Prime", text("fonts/CourierPrime-OFL.txt")),
            new LicenceView("Words in pen type: Kalam", text("fonts/Kalam-OFL.txt")),
            new LicenceView(
                "Chinese and Japanese in print: Noto Sans SC", text("fonts/NotoSansSC-OFL.txt")),
            new LicenceView("Small pictures in print: Noto Emoji", text("fonts/NotoEmoji-OFL.txt")),
            new LicenceView("The model that finds faces", text("notices/models.txt")),
            new LicenceView("The page: scripts and fonts", text("notices/scripts.txt")),
            new LicenceView(
                "The server: libraries, each of which carries its text",
                text("notices/jars.txt"))));
  }

  private static String text(String file) throws IOException {
    return new ClassPathResource(file).getContentAsString(StandardCharsets.UTF_8);
  }

  /** A part of the program and its licence. */
  record LicenceView(String of, String text) {}

  record LicencesView(List<LicenceView> licences) {}

  /**
   * @param pictures what reads pictures
   * @param faces what finds faces
   */
  record AboutView(String version, String pictures, String faces, String data) {}
}
