package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/**
 * From a plain tree to a conversion after one thing was done to it: a wire or several joined, found
 * or taken off, a lead capped, a part or a call more or less, a mend, a mark. What does not make
 * sense is refused in words.
 */
public final class EditReader {
  private static final int LONGEST = 120;
  private static final int MOST = 400;

  private final List<InputFault> faults = new ArrayList<>();
  private final AsWired made;

  private EditReader(AsWired made) {
    this.made = made;
  }

  /**
   * @param tree with {@code made}, a document as wired, and {@code edit}, which has one of {@code
   *     wire}, {@code wires}, {@code there}, {@code off}, {@code cap}, {@code part}, {@code
   *     partOff}, {@code call}, {@code callOff}, {@code mend}, {@code mark}
   * @throws InputFaults with every fault found
   */
  public static AsWired read(Object tree) throws InputFaults {
    Object made = tree instanceof Map<?, ?> map ? map.get("made") : null;
    Object edit = tree instanceof Map<?, ?> map ? map.get("edit") : null;
    EditReader reader = new EditReader(AsWiredReader.read(made == null ? "nothing" : made));
    Fields asked = Fields.entry(edit, "edit", reader.faults);
    AsWired next = asked == null ? null : reader.edited(asked);
    if (next == null || !reader.faults.isEmpty()) {
      throw new InputFaults(
          reader.faults.isEmpty()
              ? List.of(new InputFault("edit", "found nothing that can be done to a wiring"))
              : reader.faults);
    }
    // Parts and terminals that are not there are found as in any wiring.
    return AsWiredReader.read(next.tree());
  }

  private @Nullable AsWired edited(Fields edit) throws InputFaults {
    if (edit.has("wire")) {
      Wiring.Wire wire = newWire(edit, "wire");
      return wire == null ? null : made.with(List.of(wire));
    }
    if (edit.has("wires")) {
      return made.with(wires(edit));
    }
    if (edit.has("there")) {
      Wiring.Wire wire = newWire(edit, "there");
      return wire == null ? null : made.with(List.of(wire)).marked(wire, text(edit, "colour"), "");
    }
    if (edit.has("off")) {
      Wiring.Wire wire = wire(edit, "off");
      return wire == null ? null : made.without(wire);
    }
    if (edit.has("cap")) {
      Terminal lead = terminal(edit.text("cap", LONGEST));
      return lead == null ? null : made.capped(lead);
    }
    if (edit.has("mark")) {
      Wiring.Wire wire = wire(edit, "mark");
      return wire == null ? null : made.marked(wire, text(edit, "colour"), text(edit, "label"));
    }
    return mended(edit);
  }

  private @Nullable AsWired mended(Fields edit) throws InputFaults {
    if (edit.has("mend")) {
      Fields mend = edit.object("mend");
      AsWired next = made;
      if (mend.has("off")) {
        Wiring.Wire off = wire(mend, "off");
        next = off == null ? next : next.without(off);
      }
      Wiring.Wire on = mend.has("on") ? wire(mend, "on") : null;
      return on == null ? next : next.with(List.of(on));
    }
    if (edit.has("call")) {
      Fields call = edit.object("call");
      String name = call.text("name", LONGEST);
      String must = call.text("motor", LONGEST);
      if (name == null || name.isBlank() || must == null) {
        call.fault("name", "found nothing; required is a name, and what the motor must do");
        return null;
      }
      if (made.wiring().calls().stream().anyMatch(one -> one.name().equals(name))) {
        faults.add(new InputFault("", "There is a call " + name + " already."));
        return null;
      }
      return made.called(name, texts(call.list("on")), must);
    }
    String off = edit.text("callOff", LONGEST);
    if (off != null) {
      return made.called(off, List.of(), null);
    }
    String part = edit.text("partOff", LONGEST);
    return part == null ? withPart(edit) : made.withoutPart(part);
  }

  /** A part is read as one of a wiring is; its name is the next that is free. */
  private @Nullable AsWired withPart(Fields edit) throws InputFaults {
    if (!edit.has("part")) {
      return null;
    }
    PartType type = edit.object("part").word("type", PartType.values());
    if (type == null) {
      faults.add(new InputFault("edit.part.type", "found nothing; required is the kind of part"));
      return null;
    }
    Map<String, Object> part = new LinkedHashMap<>();
    part.put("id", type.free(made.wiring().parts()));
    if (edit.plain("part") instanceof Map<?, ?> told) {
      told.forEach((field, value) -> part.putIfAbsent(String.valueOf(field), value));
    }
    Map<String, Object> wiring =
        new LinkedHashMap<>(new Wiring(List.of(), List.of(), List.of(), List.of()).tree());
    wiring.put("parts", List.of(part));
    return made.with(WiringReader.read(wiring).parts().get(0));
  }

  private Wiring.@Nullable Wire newWire(Fields edit, String field) {
    Wiring.Wire wire = wire(edit, field);
    if (wire != null && wire.from().equals(wire.to())) {
      faults.add(new InputFault("", wire.from() + " is one terminal: a wire needs two."));
      return null;
    }
    if (wire != null && made.has(wire)) {
      faults.add(
          new InputFault("", wire.from() + " and " + wire.to() + " are wired together already."));
      return null;
    }
    return wire;
  }

  private Wiring.@Nullable Wire wire(Fields told, String field) {
    List<String> ends = texts(told.list(field));
    Terminal from = ends.size() == 2 ? terminal(ends.get(0)) : null;
    Terminal to = ends.size() == 2 ? terminal(ends.get(1)) : null;
    if (from == null || to == null) {
      told.fault(field, "required are two terminals, as K1.A");
      return null;
    }
    return new Wiring.Wire(from, to);
  }

  private List<Wiring.Wire> wires(Fields edit) {
    List<Wiring.Wire> wires = new ArrayList<>();
    List<?> list = edit.list("wires");
    if (list.size() > MOST) {
      edit.fault("wires", "found " + list.size() + "; allowed are at most " + MOST);
      return wires;
    }
    for (Object ends : list) {
      Fields one = new Fields(Map.of("wire", ends), "edit.wires", faults);
      Wiring.Wire wire = wire(one, "wire");
      if (wire != null) {
        wires.add(wire);
      }
    }
    return wires;
  }

  private static String text(Fields told, String field) {
    String text = told.text(field, LONGEST);
    return text == null ? "" : text;
  }

  private static List<String> texts(List<?> list) {
    return list.stream().map(String::valueOf).toList();
  }

  private @Nullable Terminal terminal(@Nullable String text) {
    int point = text == null ? -1 : text.indexOf('.');
    return text == null || point <= 0
        ? null
        : new Terminal(text.substring(0, point), text.substring(point + 1));
  }
}
