package drumnest.server.http;

import drumnest.server.EnumNames;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;

/** Has enumerations read and written by their names, in bodies and in addresses. */
@Configuration
class EnumsByName implements WebMvcConfigurer {

  @Bean
  JsonMapperBuilderCustomizer enumNames() {
    return mapper -> mapper.annotationIntrospector(new ByName());
  }

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverterFactory(new FromNames());
  }

  /** Reads a part of an address that names a constant. */
  @SuppressWarnings("rawtypes")
  private static final class FromNames implements ConverterFactory<String, Enum> {
    @Override
    public <T extends Enum> Converter<String, T> getConverter(Class<T> type) {
      return name -> {
        for (T each : type.getEnumConstants()) {
          if (EnumNames.of(each).equals(name)) {
            return each;
          }
        }
        throw new IllegalArgumentException(name);
      };
    }
  }

  private static final class ByName extends JacksonAnnotationIntrospector {

    private static final long serialVersionUID = 1L;

    @Override
    public String[] findEnumValues(
        MapperConfig<?> config, AnnotatedClass type, Enum<?>[] constants, String[] names) {
      for (int i = 0; i < constants.length; i++) {
        names[i] = EnumNames.of(constants[i]);
      }
      return names;
    }
  }
}
