package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;

/** A cabinet of many stages: outputs that pull relays, each with a contact in the motor's feed. */
public final class LargeWiring {
  private LargeWiring() {}

  /** A wiring of so many parts, under so many calls. */
  public static Wiring of(int parts, int calls) {
    List<Part> all = new ArrayList<>();
    List<Wiring.Wire> wires = new ArrayList<>();
    all.add(Part.of("SRC", PartType.LINE_240));
    all.add(Part.named("TR", PartType.TRANSFORMER).va(500.0, 0.0).build());
    all.add(Part.named("M", PartType.MOTOR_PSC).speeds(List.of("HIGH")).amps(2.6).build());
    all.add(Part.named("CAP", PartType.CAPACITOR).capacity(5.0, 370.0).build());
    for (String wire :
        List.of(
            "SRC.L2-M.COM",
            "SRC.G-M.G",
            "M.CAP1-CAP.1",
            "M.CAP2-CAP.2",
            "SRC.L1-TR.H1",
            "SRC.L2-TR.H2")) {
      wires.add(Wirings.wire(wire));
    }
    int stages = (parts - all.size()) / 2;
    for (int i = 0; i < stages; i++) {
      all.add(Part.named("O" + i, PartType.OUTPUT).raisedBy("S" + i, false).build());
      all.add(Part.named("K" + i, PartType.RELAY).coil(7).carries(10).build());
      wires.add(Wirings.wire("TR.R-O" + i + ".R"));
      wires.add(Wirings.wire("O" + i + ".O-K" + i + ".A"));
      wires.add(Wirings.wire("K" + i + ".B-TR.C"));
      wires.add(Wirings.wire("SRC.L1-K" + i + ".COM1"));
      wires.add(Wirings.wire("K" + i + ".NO1-M.HIGH"));
    }
    List<Wiring.Call> on = new ArrayList<>();
    List<Wiring.Expect> expects = new ArrayList<>();
    for (int i = 0; i < calls; i++) {
      on.add(new Wiring.Call("call " + i, List.of("S" + i, "S" + (i + 1) % stages)));
      expects.add(new Wiring.Expect("call " + i, "HIGH"));
    }
    return new Wiring(all, wires, on, expects);
  }
}
