package variablerotor.server.web;

import java.util.concurrent.TimeUnit;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The built page: its addresses all open the same document; its named files never change. */
@Configuration
public class Pages implements WebMvcConfigurer {
  private static final String[] ADDRESSES = {
    "/", "/sign-in", "/calls/**", "/codes/**", "/count/**", "/practice", "/shop", "/about"
  };

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String path : ADDRESSES) {
      registry.addViewController(path).setViewName("forward:/index.html");
    }
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable());
  }
}
