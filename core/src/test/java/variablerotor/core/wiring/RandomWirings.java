package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Parts wired at random: what nobody would plan, and somebody may have made. */
public final class RandomWirings {
  private RandomWirings() {}

  /** The same for the same seed. */
  public static Wiring of(long seed) {
    Random random = new Random(seed);
    List<Part> parts = new ArrayList<>();
    parts.add(Part.of("SRC", random.nextInt(4) == 0 ? PartType.LINE_3PH : PartType.LINE_240));
    parts.add(Part.named("TR", PartType.TRANSFORMER).va(40.0, 0.0).build());
    parts.add(Part.named("M", PartType.MOTOR_PSC).speeds(List.of("HIGH", "LOW")).amps(2.6).build());
    parts.add(Part.named("CAP", PartType.CAPACITOR).capacity(5.0, 370.0).build());
    parts.add(Part.named("CT", PartType.CONTACTOR).coil(9).poles(1 + random.nextInt(3)).build());
    parts.add(Part.named("DF", PartType.CONTACT).openedBy("DEFROST").build());
    int relays = 1 + random.nextInt(3);
    for (int i = 1; i <= relays; i++) {
      parts.add(Part.named("K" + i, PartType.RELAY).coil(7).carries(10).build());
      parts.add(Part.named("O" + i, PartType.OUTPUT).raisedBy("S" + i, i % 2 == 0).build());
    }
    if (random.nextBoolean()) {
      parts.add(Part.of("OL", PartType.OVERLOAD));
      parts.add(Part.named("M3", PartType.MOTOR_3PH).amps(3.0).build());
    }
    if (random.nextInt(3) == 0) {
      parts.add(Part.of("AD", PartType.ADAPTER));
    }
    List<Terminal> terminals = new ArrayList<>();
    for (Part part : parts) {
      List<String> names = part.terminals();
      for (String name : names == null ? List.<String>of() : names) {
        if (part.type() != PartType.RELAY || !name.endsWith("3") && !name.endsWith("4")) {
          terminals.add(part.at(name));
        }
      }
    }
    List<Wiring.Wire> wires = new ArrayList<>();
    int count = 8 + random.nextInt(30);
    while (wires.size() < count) {
      Terminal from = terminals.get(random.nextInt(terminals.size()));
      Terminal to = terminals.get(random.nextInt(terminals.size()));
      Wiring.Wire wire = new Wiring.Wire(from, to);
      if (!from.equals(to) && wires.stream().noneMatch(wire::isLike)) {
        wires.add(wire);
      }
    }
    return new Wiring(
        parts,
        wires,
        List.of(
            new Wiring.Call("idle", List.of()),
            new Wiring.Call("one", List.of("S1")),
            new Wiring.Call("both", List.of("S1", "S2", "DEFROST"))),
        List.of());
  }
}
