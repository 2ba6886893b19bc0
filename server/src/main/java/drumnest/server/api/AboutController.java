package drumnest.server.api;

import drumnest.server.data.Home;
import drumnest.server.intake.Darkroom;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What runs here. */
@RestController
class AboutController {

  private final Darkroom darkroom;
  private final Home home;
  private final String version;

  AboutController(Darkroom darkroom, Home home, @Value("${drumnest.version}") String version) {
    this.darkroom = darkroom;
    this.home = home;
    this.version = version;
  }

  @GetMapping("/api/about")
  Views.AboutView about() {
    return new Views.AboutView(version, darkroom.description(), home.folder().toString());
  }
}
