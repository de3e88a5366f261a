package variablerotor.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * What no handler could make sense of is refused before anything takes it apart: names in the
 * address with control characters, and bodies of a kind that nothing here takes.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ReadableOnly extends OncePerRequestFilter {
  /** In the name of a parameter, as it is written in an address. */
  private static final Pattern CONTROL_IN_A_NAME =
      Pattern.compile("(^|&)[^=&]*%([01][0-9a-f]|7f)", Pattern.CASE_INSENSITIVE);

  private final JsonMapper json;

  ReadableOnly(JsonMapper json) {
    this.json = json;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String query = request.getQueryString();
    String type = request.getHeader("Content-Type");
    if (query != null && CONTROL_IN_A_NAME.matcher(query).find()) {
      Problems.write(
          json,
          response,
          HttpStatus.UNPROCESSABLE_CONTENT,
          "The address cannot be read: a name in it has a control character.");
    } else if (type != null && !type.isEmpty() && !isTaken(type)) {
      // What is still to come of the body is not waited for.
      response.setHeader("Connection", "close");
      Problems.write(
          json,
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "The Content-Type cannot be read, or is none that is taken here: allowed are JSON, CSV"
              + " and pictures.");
    } else {
      chain.doFilter(request, response);
    }
  }

  /** Forms are of pages that send themselves: there is none here. */
  private static boolean isTaken(String type) {
    try {
      MediaType read = MediaType.parseMediaType(type);
      return type.chars().allMatch(sign -> sign >= ' ' && sign < 0x7f)
          && !MediaType.APPLICATION_FORM_URLENCODED.equalsTypeAndSubtype(read)
          && !read.getType().equals("multipart")
          && read.isConcrete();
    } catch (InvalidMediaTypeException unreadable) {
      return false;
    }
  }
}
