package variablerotor.core.casefile;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring.Wire;

@DisplayName("One thing done to a wiring")
class EditReaderTest {
  private static final List<String> LINE = List.of("SRC.L1", "TR.H1");

  private static AsWired done(AsWired made, Map<String, Object> edit) {
    try {
      return EditReader.read(Tree.of("made", made.tree(), "edit", edit));
    } catch (InputFaults refused) {
      throw new IllegalArgumentException(refused.faults().toString(), refused);
    }
  }

  private static String refused(AsWired made, Map<String, Object> edit) {
    Object tree = Tree.of("made", made.tree(), "edit", edit);
    return assertThrows(InputFaults.class, () -> EditReader.read(tree)).faults().toString();
  }

  private static Map<String, Object> edit(String what, Object value) {
    return Tree.of(what, value);
  }

  /** With a motor of two speeds, a wire with its mark, and an ohm check seen. */
  private static AsWired begun() {
    AsWired made = done(AsWired.bare(), edit("part", motor()));
    made = done(made, edit("wire", LINE));
    made = done(made, Tree.of("mark", LINE, "colour", "black", "label", "old 1"));
    List<AsWired.Tick> seen = List.of(new AsWired.Tick("line COOL", true));
    return new AsWired(made.plan(), made.wiring(), made.marks(), seen);
  }

  private static Map<String, Object> motor() {
    return Tree.of("type", "MOTOR_PSC", "speeds", List.of("HIGH", "LOW"));
  }

  @Test
  @DisplayName("a wire is taken once, whichever end is told first, and none to itself")
  void wire() {
    AsWired made = begun();
    String again = refused(made, edit("wire", List.of("TR.H1", "SRC.L1")));
    assertTrue(again.contains("wired together already"), again);
    assertTrue(refused(made, edit("wire", List.of("TR.H1", "TR.H1"))).contains("needs two"));
    assertEquals(2, done(made, edit("wire", List.of("SRC.L2", "TR.H2"))).wiring().wires().size());
    assertTrue(refused(made, edit("wire", List.of("SRC.L2", "K9.A"))).contains("K9"));
  }

  @Test
  @DisplayName("several at one touch leave those that are there as they are")
  void wires() {
    AsWired made = done(begun(), edit("wires", List.of(LINE, List.of("SRC.L2", "TR.H2"))));
    assertEquals(2, made.wiring().wires().size());
    assertEquals("black", made.marks().get(0).colour());
  }

  @Test
  @DisplayName("a wire of the factory's is found with its colour, where somebody read it")
  void there() {
    List<String> neutral = List.of("SRC.L2", "TR.H2");
    AsWired read = done(begun(), Tree.of("there", neutral, "colour", "orange"));
    assertEquals("orange", read.marks().get(1).colour());
    assertEquals(1, done(begun(), edit("there", neutral)).marks().size());
  }

  @Test
  @DisplayName("what was seen before power says nothing of another wiring")
  void seen() {
    AsWired made = begun();
    assertEquals(1, made.ticks().size());
    assertTrue(done(made, edit("wire", List.of("SRC.L2", "TR.H2"))).ticks().isEmpty());
    AsWired off = done(made, edit("off", List.of("TR.H1", "SRC.L1")));
    assertTrue(off.wiring().wires().isEmpty());
    assertTrue(off.marks().isEmpty());
    assertTrue(off.ticks().isEmpty());
    assertTrue(done(made, edit("part", Tree.of("type", "JOINT"))).ticks().isEmpty());
    Map<String, Object> call = Tree.of("name", "FAN", "on", List.of("FAN"), "motor", "HIGH");
    assertTrue(done(made, edit("call", call)).ticks().isEmpty());
    // A colour changes no wire.
    assertEquals(1, done(made, Tree.of("mark", LINE, "colour", "red", "label", "")).ticks().size());
  }

  @Test
  @DisplayName("a lead is capped alone: two motors' leads of one name never share a cap")
  void capped() {
    AsWired made = done(begun(), edit("cap", "M.LOW"));
    assertNotNull(made.wiring().part("CAPPED_LOW"));
    assertTrue(made.has(new Wire(new Terminal("M", "LOW"), new Terminal("CAPPED_LOW", "1"))));
    AsWired second = done(done(made, edit("part", motor())), edit("cap", "M1.LOW"));
    assertTrue(second.has(new Wire(new Terminal("M1", "LOW"), new Terminal("CAPPED_LOW2", "1"))));
    // Once more is the same cap.
    assertEquals(made.wiring(), done(made, edit("cap", "M.LOW")).wiring());
  }

  @Test
  @DisplayName("a part goes with the wires that end on it, and the next one takes a free name")
  void part() {
    AsWired made = done(begun(), edit("part", Tree.of("type", "RELAY")));
    made = done(made, edit("part", Tree.of("type", "RELAY")));
    made = done(made, edit("wire", List.of("TR.R", "K1.A")));
    assertNotNull(made.wiring().part("K2"));
    AsWired without = done(made, edit("partOff", "K1"));
    assertNull(without.wiring().part("K1"));
    assertEquals(1, without.wiring().wires().size());
    assertNotNull(done(without, edit("part", Tree.of("type", "RELAY"))).wiring().part("K1"));
    assertTrue(refused(made, edit("part", Tree.of("type", "OUTPUT"))).contains("call"));
  }

  @Test
  @DisplayName("a mend takes one wire off and puts one on")
  void mend() {
    Map<String, Object> moved =
        Tree.of("off", LINE, "on", List.of("SRC.L2", "TR.H1"), "sentence", "Move it.");
    AsWired made = done(begun(), edit("mend", moved));
    assertEquals(
        List.of(new Wire(new Terminal("SRC", "L2"), new Terminal("TR", "H1"))),
        made.wiring().wires());
  }

  @Test
  @DisplayName("a call is run once under its name, and goes with what was expected of it")
  void call() {
    Map<String, Object> fan = Tree.of("name", "FAN", "on", List.of(), "motor", "HIGH");
    AsWired made = done(begun(), edit("call", fan));
    assertEquals("HIGH", made.wiring().expected("FAN"));
    assertTrue(refused(made, edit("call", fan)).contains("already"));
    AsWired without = done(made, edit("callOff", "FAN"));
    assertNull(without.wiring().expected("FAN"));
    assertEquals(begun().wiring(), without.wiring());
  }

  @Test
  @DisplayName("what cannot be done is said, and changes nothing")
  void nothing() {
    assertTrue(refused(begun(), Tree.of("burn", "K1")).contains("nothing that can be done"));
    assertTrue(refused(begun(), edit("wire", List.of("SRC.L1"))).contains("two terminals"));
    assertTrue(refused(begun(), edit("cap", "M")).contains("edit"));
    assertThrows(InputFaults.class, () -> EditReader.read("nothing"));
  }
}
