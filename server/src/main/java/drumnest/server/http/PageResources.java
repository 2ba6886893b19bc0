package drumnest.server.http;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the page: its files, and the page itself for every address that is a place within it. */
@Configuration
class PageResources implements WebMvcConfigurer {

  private static final String PAGE = "classpath:/static/";

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations(PAGE + "assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations(PAGE)
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new PlacesWithinThePage());
  }

  private static final class PlacesWithinThePage extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource file = super.getResource(path, location);
      if (file != null || isNoPlace(path)) {
        return file;
      }
      return super.getResource("index.html", location);
    }

    private static boolean isNoPlace(String path) {
      return path.startsWith("api/")
          || path.startsWith("v3/")
          || path.startsWith("actuator/")
          || path.substring(path.lastIndexOf('/') + 1).contains(".");
    }
  }
}
