package variablerotor.core.wiring;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.Wiring.Wire;

/** How many wires end where, and which terminals no plan leaves without one. */
final class Ends {
  private final Map<String, Part> parts = new HashMap<>();
  private final Map<Terminal, Integer> wires = new HashMap<>();
  private final Map<String, Integer> onPart = new HashMap<>();
  private final Map<String, Integer> looseOf = new HashMap<>();
  private int all;

  Ends(Wiring wiring) {
    wiring.parts().forEach(part -> parts.put(part.id(), part));
    wiring.wires().forEach(wire -> count(wire, 1));
    for (Part part : wiring.parts()) {
      int loose = loose(part);
      looseOf.put(part.id(), loose);
      all += loose;
    }
  }

  private void count(@Nullable Wire wire, int more) {
    if (wire != null) {
      for (Terminal end : List.of(wire.from(), wire.to())) {
        wires.merge(end, more, Integer::sum);
        onPart.merge(end.part(), more, Integer::sum);
      }
    }
  }

  /** How many would be loose with one wire off and another on. */
  int loose(@Nullable Wire off, @Nullable Wire on) {
    count(off, -1);
    count(on, 1);
    Set<String> touched = new LinkedHashSet<>();
    for (Wire wire : off == null ? List.<Wire>of() : List.of(off)) {
      touched.addAll(List.of(wire.from().part(), wire.to().part()));
    }
    for (Wire wire : on == null ? List.<Wire>of() : List.of(on)) {
      touched.addAll(List.of(wire.from().part(), wire.to().part()));
    }
    int loose = all;
    for (String id : touched) {
      Part part = parts.get(id);
      if (part != null) {
        loose += loose(part) - looseOf.getOrDefault(id, 0);
      }
    }
    count(off, 1);
    count(on, -1);
    return loose;
  }

  private int loose(Part part) {
    List<String> names = part.terminals();
    int loose = 0;
    for (String name : names == null ? List.<String>of() : names) {
      loose += isLoose(part.at(name)) ? 1 : 0;
    }
    return loose;
  }

  /** Whether a wire belongs there and none ends there; of a part that is not used nothing does. */
  boolean isLoose(Terminal terminal) {
    Part part = parts.get(terminal.part());
    return part != null
        && !isWired(terminal)
        && onPart.getOrDefault(part.id(), 0) > 0
        && isWanted(part, terminal.name());
  }

  private boolean isWired(Terminal terminal) {
    return wires.getOrDefault(terminal, 0) > 0;
  }

  /** Whether something is to be wired there: of contacts, where their other side is. */
  private boolean isWanted(Part part, String name) {
    String pole = name.substring(name.length() - 1);
    return switch (part.type()) {
      case OUTPUT, CONTACT, CAPACITOR, MOTOR_PSC, MOTOR_3PH, TRANSFORMER -> true;
      case ADAPTER -> List.of("L1", "L2", "C", "COM").contains(name);
      case OVERLOAD -> !name.startsWith("9") || isWired(part.at(name.equals("95") ? "96" : "95"));
      case CONTACTOR ->
          switch (name.charAt(0)) {
            case 'L' -> isWired(part.at("T" + pole));
            case 'T' -> isWired(part.at("L" + pole));
            default -> true;
          };
      case RELAY -> {
        boolean thrown = isWired(part.at("NO" + pole)) || isWired(part.at("NC" + pole));
        yield name.length() == 1
            || (name.startsWith("COM") && thrown)
            || (name.startsWith("NO") && !thrown && isWired(part.at("COM" + pole)));
      }
      default -> false;
    };
  }
}
