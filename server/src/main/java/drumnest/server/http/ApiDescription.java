package drumnest.server.http;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import drumnest.server.EnumNames;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
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
    };
  }

  @Bean
  ModelConverter records() {
    return new Records();
  }

  /** Says which parts of a record are always there, and what tells alternatives apart. */
  private static final class Records implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      if (!chain.hasNext()) {
        return null;
      }
      Schema<?> schema = chain.next().resolve(type, context, chain);
      JavaType java = Json.mapper().constructType(type.getType());
      Class<?> raw = java == null ? Object.class : java.getRawClass();
      if (raw.isEnum()) {
        return new StringSchema()._enum(EnumNames.all(raw));
      }
      Schema<?> model = context.getDefinedModels().get(raw.getSimpleName());
      if (model != null && raw.isRecord()) {
        require(model, raw);
      }
      if (model != null && model.getDiscriminator() != null) {
        name(model.getDiscriminator(), raw.getAnnotation(JsonSubTypes.class));
      }
      return schema;
    }

    /** Says how the alternatives of a sealed type are called. */
    private static void name(Discriminator discriminator, JsonSubTypes alternatives) {
      for (JsonSubTypes.Type each : alternatives.value()) {
        discriminator.mapping(each.name(), "#/components/schemas/" + each.value().getSimpleName());
      }
    }

    private static void require(Schema<?> model, Class<?> type) {
      List<String> required = required(type);
      model.setRequired(required.isEmpty() ? null : required);
    }

    private static List<String> required(Class<?> type) {
      List<String> required = new ArrayList<>();
      for (RecordComponent part : type.getRecordComponents()) {
        if (part.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
          required.addAll(required(part.getType()));
        } else if (!part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
          required.add(part.getName());
        }
      }
      return required;
    }
  }
}
