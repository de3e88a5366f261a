package variablerotor.server.web;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;

/** What is wrong with a request, gathered so that everything is told at once. */
public final class Faults {
  private static final Validator CONSTRAINTS =
      Validation.buildDefaultValidatorFactory().getValidator();

  private final List<InputFault> found = new ArrayList<>();

  /**
   * What the constraints on the fields of a request say of it, in the order of the fields; what
   * else is wrong is added.
   */
  public static Faults of(Record request) {
    List<String> fields =
        Arrays.stream(request.getClass().getRecordComponents())
            .map(RecordComponent::getName)
            .toList();
    Faults faults = new Faults();
    CONSTRAINTS.validate(request).stream()
        .map(one -> new InputFault(one.getPropertyPath().toString(), one.getMessage()))
        .sorted(Comparator.comparingInt(one -> fields.indexOf(one.path())))
        .forEach(faults.found::add);
    return faults;
  }

  public Faults add(String path, String message) {
    found.add(new InputFault(path, message));
    return this;
  }

  /**
   * @param what such as "a way forward"
   */
  public Faults required(String path, @Nullable Object value, String what) {
    return value == null ? add(path, "found nothing; required is " + what) : this;
  }

  public Faults within(String path, @Nullable Double value, double least, double most) {
    boolean good = value != null && value >= least && value <= most;
    return good ? this : add(path, Within.Judge.fault(value, least, most));
  }

  /** As {@link #within} from zero on, where it is said at all. */
  public Faults upTo(String path, @Nullable Double value, double most) {
    return value == null ? this : within(path, value, 0, most);
  }

  /**
   * @throws Refused where anything is wrong
   */
  public void refuse() {
    if (!found.isEmpty()) {
      throw Refused.fields(found);
    }
  }
}
