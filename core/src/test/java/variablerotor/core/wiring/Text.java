package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.WiringReader;
import variablerotor.core.tree.Tree;

/** Wirings written as short texts, so that a table of them can be read. */
final class Text {
  private Text() {}

  /**
   * @param parts as {@code K1:RELAY coilVa=7}, one a semicolon
   * @param wires as {@code SRC.L1-TR.H1}, one a blank
   * @param calls as {@code cool=COOL,FAN>HIGH}, one a blank: raised, and what the motor must do;
   *     {@code <name} after the raised says which call it follows
   */
  static Wiring wiring(String parts, String wires, String calls) {
    List<Object> allParts = new ArrayList<>();
    for (String part : parts.trim().split("\\s*;\\s*")) {
      String[] words = part.split(" ");
      String[] name = words[0].split(":");
      var tree = Tree.of("id", name[0], "type", name[1]);
      for (int at = 1; at < words.length; at++) {
        String[] field = words[at].split("=");
        tree.put(field[0], value(field[0], field[1]));
      }
      allParts.add(tree);
    }
    List<Object> allWires = new ArrayList<>();
    for (String wire : wires.trim().split("\\s+")) {
      allWires.add(List.of((Object[]) wire.split("-")));
    }
    List<Object> allCalls = new ArrayList<>();
    List<Object> expects = new ArrayList<>();
    for (String call : calls.trim().split("\\s+")) {
      String[] told = call.split(">");
      String[] follows = told[0].split("<");
      String[] name = follows[0].split("=");
      List<String> on = name.length < 2 ? List.of() : List.of(name[1].split(","));
      var tree = Tree.of("name", name[0], "on", on);
      if (follows.length > 1) {
        tree.put("after", follows[1]);
      }
      allCalls.add(tree);
      if (told.length > 1) {
        expects.add(Tree.of("call", name[0], "motor", told[1]));
      }
    }
    var tree = Tree.of("format", Wiring.FORMAT, "version", 1, "parts", allParts);
    tree.put("wires", allWires);
    tree.put("calls", allCalls);
    tree.put("expect", expects);
    try {
      return WiringReader.read(tree);
    } catch (InputFaults faults) {
      throw new IllegalArgumentException(faults.faults().toString(), faults);
    }
  }

  private static Object value(String field, String text) {
    if (field.equals("speeds")) {
      return List.of(text.split(","));
    }
    if (text.equals("true") || text.equals("false")) {
      return Boolean.valueOf(text);
    }
    return text.matches("[0-9.]+") ? (Object) Double.valueOf(text) : text;
  }
}
