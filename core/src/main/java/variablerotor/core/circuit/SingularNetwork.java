package variablerotor.core.circuit;

/** The network leaves something open: it has no one solution, and so no number is given. */
public final class SingularNetwork extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String unknown;

  SingularNetwork(String unknown) {
    super("nothing settles " + unknown);
    this.unknown = unknown;
  }

  /** What is not settled, such as {@code the voltage of M.HIGH}. */
  public String unknown() {
    return unknown;
  }
}
