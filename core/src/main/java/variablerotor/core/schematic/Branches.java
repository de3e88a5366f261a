package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.text.Numbers;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/** What of the parts lies between conductors; what no wire goes to is left out. */
final class Branches {
  private final Conductors conductors;
  private final List<Branch> branches = new ArrayList<>();

  private Branches(Conductors conductors) {
    this.conductors = conductors;
  }

  static List<Branch> of(Wiring wiring, Conductors conductors) {
    Branches all = new Branches(conductors);
    wiring.parts().forEach(all::add);
    return all.branches;
  }

  /** The point at which the windings of a three-phase motor meet inside. */
  static final String STAR = "star";

  private void add(Part part) {
    String id = part.id();
    switch (part.type()) {
      case TRANSFORMER -> either(part, "H1", "H2", Symbol.WINDING, id);
      case OUTPUT -> either(part, "R", "O", Symbol.OPEN_CONTACT, id);
      case CONTACT ->
          either(part, "1", "2", part.closed() ? Symbol.CLOSED_CONTACT : Symbol.OPEN_CONTACT, id);
      case RELAY -> relay(part);
      case CONTACTOR -> contactor(part);
      case OVERLOAD -> {
        for (String from : List.of("1", "3", "5")) {
          either(part, from, String.valueOf((char) (from.charAt(0) + 1)), Symbol.OVERLOAD, id);
        }
        either(part, "95", "96", Symbol.CLOSED_CONTACT, id);
      }
      case MOTOR_PSC -> {
        for (String speed : part.speeds()) {
          if (conductors.isWired(part.at(speed))) {
            either(part, speed, "COM", Symbol.MOTOR, id + " " + speed);
          }
        }
        if (conductors.isWired(part.at("CAP1"))) {
          add(part, "CAP1", "COM", Symbol.WINDING, id + " start");
        }
      }
      case MOTOR_3PH -> {
        for (String lead : List.of("U", "V", "W")) {
          if (conductors.isWired(part.at(lead))) {
            add(part, lead, STAR, Symbol.WINDING, id + " " + lead);
          }
        }
      }
      case CAPACITOR -> {
        Double has = part.microfarads();
        String rated = has == null ? "" : " " + Numbers.plain(has, 1) + " µF";
        either(part, "1", "2", Symbol.CAPACITOR, id + rated);
      }
      case ADAPTER -> adapter(part);
      case LINE_240, LINE_120, LINE_3PH, JOINT -> {}
    }
  }

  private void either(Part part, String from, String to, Symbol symbol, String name) {
    if (conductors.isWired(part.at(from)) || conductors.isWired(part.at(to))) {
      add(part, from, to, symbol, name);
    }
  }

  private void add(Part part, String from, String to, Symbol symbol, String name) {
    add(part, symbol, name, below(part, symbol, from, to), part.at(from), part.at(to));
  }

  private void add(
      Part part, Symbol symbol, String name, String below, Terminal from, Terminal to) {
    branches.add(new Branch(part.id(), symbol, name, below, from, to));
  }

  /** Which contacts a coil moves, by the names that stand under them. */
  private String moves(Part part) {
    List<String> contacts = new ArrayList<>();
    if (part.type() == PartType.CONTACTOR) {
      for (int pole = 1; pole <= 3; pole++) {
        if (conductors.of(part.at("T" + pole)) >= 0 && conductors.isWired(part.at("T" + pole))) {
          contacts.add("T" + pole);
        }
      }
    } else {
      for (int pole = 1; conductors.of(part.at("COM" + pole)) >= 0; pole++) {
        for (String name : List.of("NO" + pole, "NC" + pole)) {
          if (conductors.isWired(part.at(name))) {
            contacts.add(name);
          }
        }
      }
    }
    return contacts.isEmpty() ? "" : "moves " + String.join(", ", contacts);
  }

  private void coil(Part part) {
    if (conductors.isWired(part.at("A")) || conductors.isWired(part.at("B"))) {
      add(part, Symbol.COIL, part.id(), moves(part), part.at("A"), part.at("B"));
    }
  }

  private static String below(Part part, Symbol symbol, String from, String to) {
    if (symbol == Symbol.MOTOR || symbol == Symbol.CAPACITOR) {
      return "";
    }
    if (part.type() == PartType.TRANSFORMER) {
      return "• " + from + "–" + to;
    }
    String moved = part.call() == null ? part.when() : part.call();
    return moved != null
        ? moved
        : symbol == Symbol.WINDING && to.equals(STAR) ? "" : from + "–" + to;
  }

  private void relay(Part part) {
    coil(part);
    for (int pole = 1; conductors.of(part.at("COM" + pole)) >= 0; pole++) {
      Terminal common = part.at("COM" + pole);
      Terminal open = part.at("NO" + pole);
      Terminal closed = part.at("NC" + pole);
      boolean feeds = conductors.isWired(common);
      if (conductors.isWired(open) || (feeds && !conductors.isWired(closed))) {
        pole(part, Symbol.OPEN_CONTACT, common, open);
      }
      if (conductors.isWired(closed)) {
        pole(part, Symbol.CLOSED_CONTACT, common, closed);
      }
    }
  }

  private void pole(Part part, Symbol symbol, Terminal from, Terminal to) {
    add(part, symbol, part.id(), from.name() + "–" + to.name(), from, to);
  }

  private void contactor(Part part) {
    coil(part);
    int poles = part.poles() == null ? 2 : part.poles();
    for (int pole = 1; pole <= Math.max(2, poles); pole++) {
      either(
          part,
          "L" + pole,
          "T" + pole,
          pole > poles ? Symbol.LINK : Symbol.OPEN_CONTACT,
          part.id());
    }
  }

  private void adapter(Part part) {
    for (String output : List.of("HIGH", "MED", "LOW")) {
      if (conductors.isWired(part.at(output))) {
        add(part, "L1", output, Symbol.OPEN_CONTACT, part.id());
      }
    }
    either(part, "L2", "COM", Symbol.LINK, part.id());
    if (conductors.isWired(part.at("R"))) {
      add(part, "R", "C", Symbol.ELECTRONICS, part.id());
    }
    for (String tap : List.of("T1", "T2", "T3", "T4", "T5")) {
      if (conductors.isWired(part.at(tap))) {
        add(part, tap, "C", Symbol.ELECTRONICS, part.id());
      }
    }
  }
}
