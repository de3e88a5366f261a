package variablerotor.core.casefile;

import java.util.List;
import java.util.Map;
import variablerotor.core.fact.FactParser;

/** How every document of the open formats begins. */
final class Document {
  private Document() {}

  /**
   * The document itself, its format and version checked.
   *
   * @param what as in "allowed is a case, an object"
   * @throws InputFaults where it is no object
   */
  static Fields root(Object tree, String what, String format, int version, List<InputFault> faults)
      throws InputFaults {
    if (!(tree instanceof Map<?, ?> map)) {
      throw new InputFaults(
          List.of(
              new InputFault(
                  "",
                  "found " + FactParser.describe(tree) + "; allowed is " + what + ", an object")));
    }
    Fields root = new Fields(map, "", faults);
    String found = root.text("format", 100);
    if (!format.equals(found)) {
      root.fault(
          "format", "found " + FactParser.describe(found) + "; allowed is \"" + format + "\"");
    }
    Object number = root.plain("version");
    if (!Double.valueOf(version).equals(number)) {
      root.fault("version", "found " + FactParser.describe(number) + "; allowed is " + version);
    }
    return root;
  }
}
