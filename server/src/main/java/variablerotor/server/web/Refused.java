package variablerotor.server.web;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;

/** A request that is refused, with what is wrong field by field. */
public class Refused extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final HttpStatus status;
  private final transient List<InputFault> faults;
  private final transient Map<String, Object> more = new LinkedHashMap<>();

  private Refused(HttpStatus status, String detail, List<InputFault> faults) {
    super(detail);
    this.status = status;
    this.faults = InputFaults.first(faults);
  }

  /** One field is wrong. */
  public static Refused field(String path, String message) {
    return fields(List.of(new InputFault(path, message)));
  }

  /** Several fields are wrong. */
  public static Refused fields(List<InputFault> faults) {
    InputFault first = faults.get(0);
    String detail =
        first.path().isEmpty() ? first.message() : first.path() + ": " + first.message();
    return new Refused(HttpStatus.UNPROCESSABLE_CONTENT, detail, faults);
  }

  /**
   * Several fields of one row of a list, or of one part of a whole.
   *
   * @param where put before each path
   */
  public static Refused fields(String where, List<InputFault> faults) {
    return fields(
        faults.stream().map(one -> new InputFault(where + one.path(), one.message())).toList());
  }

  /** There is no such thing. */
  public static Refused missing(String what) {
    return new Refused(HttpStatus.NOT_FOUND, "There is no such " + what + ".", List.of());
  }

  /** It stands against what is kept already. */
  public static Refused conflict(String detail) {
    return new Refused(HttpStatus.CONFLICT, detail, List.of());
  }

  /** Sign-in refused. */
  public static Refused signIn(String detail) {
    return new Refused(HttpStatus.UNAUTHORIZED, detail, List.of());
  }

  /** Not for this person. */
  public static Refused forbidden(String detail) {
    return new Refused(HttpStatus.FORBIDDEN, detail, List.of());
  }

  /** Too often. */
  public static Refused tooMany(String detail) {
    return new Refused(HttpStatus.TOO_MANY_REQUESTS, detail, List.of());
  }

  /** Not now: it is asked for too often at once. */
  public static Refused busy(String detail) {
    return new Refused(HttpStatus.SERVICE_UNAVAILABLE, detail, List.of());
  }

  /** With something else that the page is to know. */
  public Refused with(String name, Object value) {
    more.put(name, value);
    return this;
  }

  Map<String, Object> more() {
    return Collections.unmodifiableMap(more);
  }

  public HttpStatus status() {
    return status;
  }

  public List<InputFault> faults() {
    return faults;
  }
}
