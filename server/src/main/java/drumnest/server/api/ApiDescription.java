package drumnest.server.api;

import drumnest.server.shelf.ItemForm;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The description of the API, from which the page's types are made: every part of a record is
 * always there, except those that may be null, which are then left out.
 */
@Configuration
class ApiDescription {

  @Bean
  OpenApiCustomizer description() {
    return api -> {
      api.info(new Info().title("Drum Nest").version("1"));
      api.servers(null);
      records().forEach(type -> require(api, type));
    };
  }

  private static Stream<Class<?>> records() {
    Stream<Class<?>> rooms =
        Stream.of(
            Views.class,
            AboutController.class,
            LineViews.class,
            GatherViews.class,
            CameraViews.class,
            LeafViews.class,
            PlaceViews.class,
            ProposalViews.class,
            TicketViews.class,
            RunController.class,
            ShelfViews.class,
            SharingViews.class,
            SavedCalculationController.class,
            Requests.class,
            ItemForm.class);
    return Stream.concat(
            rooms.flatMap(room -> Stream.of(room.getDeclaredClasses())),
            Stream.of(BlockForm.class, ItemForm.class))
        .filter(Class::isRecord);
  }

  private static void require(OpenAPI api, Class<?> type) {
    Schema<?> schema = api.getComponents().getSchemas().get(type.getSimpleName());
    if (schema == null) {
      return;
    }
    List<String> required = new ArrayList<>();
    for (RecordComponent part : type.getRecordComponents()) {
      if (!part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        required.add(part.getName());
      }
    }
    schema.setRequired(required.isEmpty() ? null : required);
  }
}
