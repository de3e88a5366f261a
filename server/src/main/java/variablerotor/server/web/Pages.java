package variablerotor.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * The built page. Its named files never change; every other address that is neither a file nor of
 * the API opens the same document, which knows its own addresses.
 */
@Configuration
public class Pages implements WebMvcConfigurer {
  private static final String FILES = "classpath:/static/";

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    registry.addViewController("/").setViewName("forward:/index.html");
  }

  /**
   * Nothing is carried from page to page, so no file of the page asks the database for a session.
   */
  @Bean
  FlashMapManager flashMapManager() {
    return new FlashMapManager() {
      @Override
      public @Nullable FlashMap retrieveAndUpdate(
          HttpServletRequest request, HttpServletResponse response) {
        return null;
      }

      @Override
      public void saveOutputFlashMap(
          FlashMap flashMap, HttpServletRequest request, HttpServletResponse response) {
        // None is made.
      }
    };
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations(FILES + "assets/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations(FILES)
        .resourceChain(true)
        .addResolver(new FileOrDocument());
  }

  /** What is for programs is never answered with the page. */
  private static final Pattern NO_PAGE = Pattern.compile("(api|actuator)(/.*)?");

  private static final class FileOrDocument extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource folder) throws IOException {
      Resource file = super.getResource(path, folder);
      boolean address = !NO_PAGE.matcher(path).matches() && !path.contains(".");
      return file == null && address ? super.getResource("index.html", folder) : file;
    }
  }
}
