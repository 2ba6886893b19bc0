package drumnest.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application: starts the server that shows the page and answers it. */
@SpringBootApplication
public class DrumNest {

  public static void main(String[] arguments) {
    SpringApplication.run(DrumNest.class, arguments);
  }
}
