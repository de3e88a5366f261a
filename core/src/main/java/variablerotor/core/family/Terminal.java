package variablerotor.core.family;

/**
 * A terminal of a motor as a technician meets it.
 *
 * @param id stable within the family
 * @param name what it is
 * @param colour usual colour of its wire, in words; empty where there is no usual one. Colours vary
 *     between makers: they are labels that can be changed, and the unit's diagram rules. Common
 *     practice
 * @param plug which plug it belongs to
 */
public record Terminal(String id, String name, String colour, Plug plug) {
  static Terminal power(String id, String name, String colour) {
    return new Terminal(id, name, colour, Plug.POWER);
  }

  static Terminal control(String id, String name, String colour) {
    return new Terminal(id, name, colour, Plug.CONTROL);
  }

  static Terminal board(String id, String name) {
    return new Terminal(id, name, "", Plug.BOARD);
  }

  static Terminal lead(String id, String name) {
    return new Terminal(id, name, "", Plug.WINDING);
  }
}
