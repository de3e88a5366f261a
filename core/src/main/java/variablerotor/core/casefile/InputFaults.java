package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.List;

/** What was given cannot be read; every fault is listed. */
public final class InputFaults extends Exception {
  private static final long serialVersionUID = 1L;

  /**
   * So many are told: a file that is nothing but faults would make an answer larger than itself.
   */
  public static final int MOST = 200;

  private final transient List<InputFault> faults;

  public InputFaults(List<InputFault> faults) {
    super(faults.size() + " faults");
    this.faults = first(faults);
  }

  /** As many as are told, with a word where there are more. */
  public static List<InputFault> first(List<InputFault> faults) {
    if (faults.size() <= MOST) {
      return List.copyOf(faults);
    }
    List<InputFault> first = new ArrayList<>(faults.subList(0, MOST));
    first.add(new InputFault("", "and more of the kind: mend these first"));
    return List.copyOf(first);
  }

  /** Every fault found, in the order of the file; of very many the first. */
  public List<InputFault> faults() {
    return faults;
  }
}
