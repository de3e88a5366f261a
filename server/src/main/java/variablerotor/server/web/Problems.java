package variablerotor.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;
import variablerotor.core.casefile.InputFault;

/** Every refusal as a problem detail (RFC 9457), with a path for each field that is wrong. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ProblemDetail refused(Refused refused) {
    ProblemDetail problem =
        problem(refused.status(), String.valueOf(refused.getMessage()), refused.faults());
    refused.more().forEach(problem::setProperty);
    return problem;
  }

  @ExceptionHandler
  ProblemDetail tooLarge(BodyLimit.TooLarge tooLarge) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, String.valueOf(tooLarge.getMessage()), List.of());
  }

  /** One request asked for more than there is; the others go on. */
  @ExceptionHandler
  ProblemDetail tooMuch(OutOfMemoryError fault) {
    LOG.error("out of memory in a request", fault);
    return problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        "The server has not enough memory for this now. Nothing kept is lost; try again.",
        List.of());
  }

  @ExceptionHandler
  ProblemDetail unexpected(RuntimeException fault) {
    if (fault instanceof org.springframework.security.access.AccessDeniedException) {
      throw fault;
    }
    if (DatabaseGone.is(fault)) {
      return problem(HttpStatus.SERVICE_UNAVAILABLE, DatabaseGone.detail(fault), List.of());
    }
    LOG.error("unexpected fault", fault);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "The server failed on this. Nothing already kept is lost; try again.",
        List.of());
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException fault,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof BodyLimit.TooLarge tooLarge) {
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(tooLarge(tooLarge));
      }
      if (cause instanceof Gathered.Lost) {
        LOG.warn("a body was lost while it was read");
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
            .body(problem(HttpStatus.SERVICE_UNAVAILABLE, BodyFirst.LOST, List.of()));
      }
    }
    InputFault found = unreadable(fault.getCause());
    return ResponseEntity.badRequest()
        .body(problem(HttpStatus.BAD_REQUEST, found.message(), List.of(found)));
  }

  /** A session is kept as the answer is written: that, too, fails where the database is gone. */
  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotWritable(
      HttpMessageNotWritableException fault,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return DatabaseGone.is(fault)
        ? ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
            .body(problem(HttpStatus.SERVICE_UNAVAILABLE, DatabaseGone.detail(fault), List.of()))
        : super.handleHttpMessageNotWritable(fault, headers, status, request);
  }

  private static InputFault unreadable(@Nullable Throwable cause) {
    if (cause instanceof DatabindException databind) {
      String path =
          databind.getPath().stream()
              .map(
                  step ->
                      step.getIndex() >= 0 ? "[" + step.getIndex() + "]" : step.getPropertyName())
              .collect(Collectors.joining("."))
              .replace(".[", "[");
      String what =
          cause instanceof UnrecognizedPropertyException
              ? "is not a field of this request"
              : "cannot be read: text, number, true/false or list as the field has it";
      return new InputFault(path, (path.isEmpty() ? "The body" : path) + " " + what + ".");
    }
    return new InputFault(
        "",
        cause instanceof JacksonException ? "The body is not JSON." : "The body cannot be read.");
  }

  @Override
  protected ResponseEntity<Object> handleTypeMismatch(
      TypeMismatchException fault, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    String name =
        fault instanceof MethodArgumentTypeMismatchException argument
            ? argument.getName()
            : String.valueOf(fault.getPropertyName());
    String message = "found something else; allowed is " + allowed(fault.getRequiredType());
    return ResponseEntity.badRequest()
        .body(
            problem(
                HttpStatus.BAD_REQUEST,
                name + ": " + message,
                List.of(new InputFault(name, message))));
  }

  private static String allowed(@Nullable Class<?> type) {
    if (type != null && type.isEnum()) {
      return "one of "
          + java.util.Arrays.stream(type.getEnumConstants())
              .map(String::valueOf)
              .collect(Collectors.joining(", "));
    }
    return type == java.util.UUID.class ? "a UUID" : "a whole number";
  }

  /** For what is answered before any handler is reached. */
  static void write(JsonMapper json, HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType("application/problem+json");
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write(json.writeValueAsString(problem(status, detail, List.of())));
  }

  static ProblemDetail problem(HttpStatus status, String detail, List<InputFault> faults) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    if (!faults.isEmpty()) {
      problem.setProperty("errors", faults);
    }
    return problem;
  }
}
