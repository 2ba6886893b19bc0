package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The committed description of the API, from which the page's types are made, is the real one. */
class ApiDescriptionTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final Path COMMITTED = Path.of("../web/src/api/openapi.json");

  /** With {@code -Ddrumnest.api.write} the committed description is written anew. */
  @Test
  void the_committed_description_is_the_real_one() throws IOException {
    JsonMapper json =
        JsonMapper.builder()
            .enable(
                SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    JsonNode real = SERVER.get("/v3/api-docs").is(200).json();
    if (System.getProperty("drumnest.api.write") != null) {
      Object sorted = json.treeToValue(real, Object.class);
      Files.writeString(COMMITTED, json.writeValueAsString(sorted) + "\n");
    }
    assertThat(json.readTree(COMMITTED.toFile())).isEqualTo(real);
  }

  /** The description names each by its last name, and tells one of two that share theirs. */
  @Test
  void no_two_views_share_a_name() {
    JsonNode schemas = SERVER.get("/v3/api-docs").is(200).json().at("/components/schemas");
    Map<String, Long> named =
        new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                .importPackages("drumnest.server")
                .stream()
                .filter(each -> each.getSimpleName().endsWith("View"))
                .collect(Collectors.groupingBy(JavaClass::getSimpleName, Collectors.counting()));
    assertThat(schemas.propertyNames())
        .isNotEmpty()
        .filteredOn(name -> named.getOrDefault(name, 0L) > 1)
        .isEmpty();
  }
}
