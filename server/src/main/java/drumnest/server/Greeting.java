package drumnest.server;

import drumnest.server.data.Home;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where the page is, once it is there. */
@Component
class Greeting {

  private final Environment environment;
  private final Home home;

  Greeting(Environment environment, Home home) {
    this.environment = environment;
    this.home = home;
  }

  @EventListener(ApplicationReadyEvent.class)
  void greet() {
    String port = environment.getProperty("local.server.port");
    System.out.println("Drum Nest is open at http://127.0.0.1:" + port + "/");
    System.out.println("Everything is kept in " + home.folder() + ". Ctrl-C ends it.");
  }
}
