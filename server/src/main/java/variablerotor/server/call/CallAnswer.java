package variablerotor.server.call;

import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;
import variablerotor.core.job.Job;
import variablerotor.core.job.LogDocument;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView;

/**
 * A call is answered as it is asked for: whole, with all that follows from it; or, to a page that
 * works that out itself, as its log alone; or, when it is opened, both. Whoever says nothing gets
 * it whole.
 */
@RestControllerAdvice
class CallAnswer implements ResponseBodyAdvice<Object> {
  /** Names what is asked for: {@code log} or {@code both}. */
  static final String HEADER = "Rotor-Answer";

  static {
    // However it is asked for, the description of the interface has it whole.
    SpringDocUtils.getConfig().replaceWithClass(Job.class, CallView.class);
  }

  /** A call as it is shown, and as it is worked out anew. */
  record Both(CallView view, Object log) {}

  @Override
  public boolean supports(
      MethodParameter returned, Class<? extends HttpMessageConverter<?>> converter) {
    return returned.getParameterType() == Job.class;
  }

  @Override
  public @Nullable Object beforeBodyWrite(
      @Nullable Object body,
      MethodParameter returned,
      MediaType type,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    if (!(body instanceof Job job)) {
      return body;
    }
    String asked = request.getHeaders().getFirst(HEADER);
    response.getHeaders().add("Vary", HEADER);
    if ("log".equals(asked)) {
      return log(job);
    }
    if ("both".equals(asked)) {
      return new Both(CallView.of(job), log(job));
    }
    return CallView.of(job);
  }

  private static Object log(Job job) {
    return Tree.withoutNulls(LogDocument.tree(job.log()));
  }
}
