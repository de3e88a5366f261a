package variablerotor.server.web;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.fact.FactParser;

/** What is wrong with a request, gathered so that everything is told at once. */
public final class Faults {
  private final List<InputFault> found = new ArrayList<>();

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
    return good
        ? this
        : add(
            path,
            "found "
                + FactParser.describe(value)
                + "; allowed is a number from "
                + FactParser.describe(least)
                + " to "
                + FactParser.describe(most));
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
