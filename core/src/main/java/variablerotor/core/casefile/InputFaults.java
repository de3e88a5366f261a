package variablerotor.core.casefile;

import java.util.List;

/** What was given cannot be read; every fault is listed. */
public final class InputFaults extends Exception {
  private static final long serialVersionUID = 1L;

  private final transient List<InputFault> faults;

  public InputFaults(List<InputFault> faults) {
    super(faults.size() + " faults");
    this.faults = List.copyOf(faults);
  }

  /** Every fault found, in the order of the file. */
  public List<InputFault> faults() {
    return faults;
  }
}
