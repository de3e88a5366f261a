package variablerotor.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import variablerotor.server.web.Refused;

/**
 * A save that waited on a device says who made it, and is taken under no other account: whoever
 * signs in there next must not become its author.
 */
@Configuration
class MadeBy implements WebMvcConfigurer, HandlerInterceptor {
  static final String HEADER = "Rotor-Account";

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    // The files of the page are nobody's: for them no session is asked for.
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    String maker = request.getHeader(HEADER);
    Account now = Current.orNull();
    if (maker != null && now != null && !now.id().toString().equals(maker)) {
      throw Refused.signIn("Somebody else made this. It waits until they sign in.");
    }
    return true;
  }
}
