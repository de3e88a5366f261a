package variablerotor.core.casefile;

import variablerotor.core.fact.FactParser;

/** The first two fields of every document of the open formats. */
final class Header {
  private Header() {}

  static void check(Branch root, String format, int version) {
    String found = root.text("format", 100);
    if (!format.equals(found)) {
      root.fault(
          "format", "found " + FactParser.describe(found) + "; allowed is \"" + format + "\"");
    }
    Object number = root.plain("version");
    if (!Double.valueOf(version).equals(number)) {
      root.fault("version", "found " + FactParser.describe(number) + "; allowed is " + version);
    }
  }
}
