package variablerotor.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What stands on a handler as an annotation is held before its body is read: who may ask, and how
 * much may be sent. So a new resource says so itself, and no list of paths has to know it.
 */
@Configuration
class HandlerRules implements WebMvcConfigurer, HandlerInterceptor {
  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws BodyLimit.TooLarge {
    if (handler instanceof HandlerMethod method) {
      parameters(request);
      Only only = method.getMethodAnnotation(Only.class);
      if (only == null) {
        only = method.getBeanType().getAnnotation(Only.class);
      }
      if (only != null && !request.isUserInRole(only.value().name())) {
        throw Refused.forbidden(only.value().refusal);
      }
      LargestBody largest = method.getMethodAnnotation(LargestBody.class);
      BodyLimit.hold(request, largest == null ? BodyLimit.USUAL : largest.value());
    }
    return true;
  }

  /** What stands behind the question mark must be text that can be kept. */
  private static void parameters(HttpServletRequest request) {
    Map<String, String[]> given;
    try {
      given = request.getParameterMap();
    } catch (IllegalStateException undecodable) {
      throw Refused.field("", "The address cannot be read: % must be followed by two hex digits.");
    }
    given.forEach(
        (name, values) -> {
          for (String value : values) {
            if (StrictJson.hasControl(value)) {
              throw Refused.field(name, "found a control character; allowed is text");
            }
          }
        });
  }
}
