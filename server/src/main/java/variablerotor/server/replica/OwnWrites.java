package variablerotor.server.replica;

import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * Tells the device, with the answer to whatever it changed, how far the primary was by then. It
 * comes back with every question, to whichever process; nothing is kept here.
 */
@RestControllerAdvice
@ConditionalOnProperty("rotor.replica.url")
class OwnWrites implements ResponseBodyAdvice<Object> {
  static final String COOKIE = "rotor-written";

  private static final Set<HttpMethod> READ =
      Set.of(HttpMethod.GET, HttpMethod.HEAD, HttpMethod.OPTIONS);

  private final Replica replica;
  private final boolean secure;

  OwnWrites(Replica replica, @Value("${rotor.secure}") boolean secure) {
    this.replica = replica;
    this.secure = secure;
  }

  @Override
  public boolean supports(
      MethodParameter answer, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public @Nullable Object beforeBodyWrite(
      @Nullable Object body,
      MethodParameter answer,
      MediaType type,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    if (!READ.contains(request.getMethod())) {
      response.getHeaders().add(HttpHeaders.SET_COOKIE, written());
    }
    return body;
  }

  private String written() {
    String place;
    try {
      place = replica.primaryPlace().toString();
    } catch (SQLException gone) {
      // Not known how far: farther than any replica, until the next change tells.
      place = "999999999-FFFFFFFF-FFFFFFFF";
    }
    return ResponseCookie.from(COOKIE, place)
        .httpOnly(true)
        .secure(secure)
        .sameSite("Lax")
        .path("/")
        .build()
        .toString();
  }
}
