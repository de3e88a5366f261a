package variablerotor.server.web;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes wrong outside of any handler is told as everything else is (RFC 9457). */
@Hidden
@RestController
class Errors implements ErrorController {
  /** Null where it was answered already. */
  @RequestMapping("/error")
  @Nullable ResponseEntity<ProblemDetail> error(
      HttpServletRequest request, HttpServletResponse response) {
    if (response.isCommitted()) {
      return null;
    }
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus told = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    HttpStatus status =
        code == null ? HttpStatus.NOT_FOUND : told == null ? HttpStatus.BAD_REQUEST : told;
    String detail = detail(status);
    if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable fault
        && DatabaseGone.is(fault)) {
      status = HttpStatus.SERVICE_UNAVAILABLE;
      detail = DatabaseGone.detail(fault);
    }
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(Problems.problem(status, detail, List.of()));
  }

  private static String detail(HttpStatus status) {
    return switch (status) {
      case NOT_FOUND -> "There is nothing at this address.";
      default ->
          status.is5xxServerError()
              ? "The server failed on this. Nothing already kept is lost; try again."
              : "The request cannot be read.";
    };
  }
}
