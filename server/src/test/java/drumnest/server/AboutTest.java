package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class AboutTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  @Test
  void the_licences_of_all_that_ships_are_told() {
    List<String> texts =
        SERVER
            .get("/api/about/licences")
            .is(200)
            .json()
            .get("licences")
            .valueStream()
            .map((JsonNode each) -> each.get("text").stringValue())
            .toList();
    assertThat(texts).hasSize(10);
    assertThat(texts.get(0)).contains("Apache License", "Version 2.0");
    assertThat(texts.subList(1, 7)).allMatch(text -> text.contains("SIL OPEN FONT LICENSE"));
    assertThat(texts.get(7)).contains("The MediaPipe Authors", "Apache License, Version 2.0");
    assertThat(texts.get(8)).contains("react 19", "@fontsource-variable/archivo");
    assertThat(texts.get(9)).contains("com.h2database:h2", "org.springframework:spring-core");
  }
}
