package variablerotor.core.wiring;

/**
 * Where a wire ends.
 *
 * @param part id of the part
 * @param name as on the part
 */
public record Terminal(String part, String name) implements Comparable<Terminal> {
  @Override
  public int compareTo(Terminal other) {
    int parts = part.compareTo(other.part);
    return parts == 0 ? name.compareTo(other.name) : parts;
  }

  @Override
  public String toString() {
    return part + "." + name;
  }
}
