package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Wiring;

/** From a plain tree to a conversion as it was made; every fault is told with its path. */
public final class AsWiredReader {
  private static final int LONGEST_MARK = 40;
  private static final int LONGEST_CHECK = 400;
  private static final int MOST = 2000;

  private final List<InputFault> faults = new ArrayList<>();

  private AsWiredReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static AsWired read(Object tree) throws InputFaults {
    return new AsWiredReader().asWired(tree);
  }

  /** Reads a document inside another. */
  private interface Inner<T> {
    T read(Object tree) throws InputFaults;
  }

  private <T> @Nullable T inner(Fields root, String field, Inner<T> reader) {
    try {
      Object given = root.plain(field);
      return reader.read(given == null ? "nothing" : given);
    } catch (InputFaults inside) {
      inside
          .faults()
          .forEach(
              one ->
                  faults.add(
                      new InputFault(
                          one.path().isEmpty() ? field : field + "." + one.path(), one.message())));
      return null;
    }
  }

  private AsWired asWired(Object tree) throws InputFaults {
    Fields root =
        Document.root(tree, "a conversion as wired", AsWired.FORMAT, AsWired.VERSION, faults);
    PlanRequest plan = root.has("plan") ? inner(root, "plan", PlanReader::read) : null;
    Wiring wiring = inner(root, "wiring", WiringReader::read);
    List<AsWired.Mark> marks = wiring == null ? List.of() : marks(root, wiring);
    List<AsWired.Tick> ticks = ticks(root);
    if (!faults.isEmpty() || wiring == null) {
      throw new InputFaults(faults);
    }
    return new AsWired(plan, wiring, marks, ticks);
  }

  private List<AsWired.Mark> marks(Fields root, Wiring wiring) {
    List<AsWired.Mark> marks = new ArrayList<>();
    root.each(
        "marks",
        MOST,
        one -> {
          Wiring.Wire wire = wire(one, wiring);
          String colour = one.text("colour", LONGEST_MARK);
          String label = one.text("label", LONGEST_MARK);
          if (wire != null) {
            marks.add(
                new AsWired.Mark(
                    wire.from(),
                    wire.to(),
                    colour == null ? "" : colour,
                    label == null ? "" : label));
          }
        });
    return marks;
  }

  private static Wiring.@Nullable Wire wire(Fields mark, Wiring wiring) {
    List<?> ends = mark.list("wire");
    for (Wiring.Wire wire : wiring.wires()) {
      if (ends.size() == 2
          && wire.from().toString().equals(ends.get(0))
          && wire.to().toString().equals(ends.get(1))) {
        return wire;
      }
    }
    mark.fault(
        "wire", "found " + FactParser.describe(ends) + "; allowed is one of the wiring's wires");
    return null;
  }

  private List<AsWired.Tick> ticks(Fields root) {
    List<AsWired.Tick> ticks = new ArrayList<>();
    root.each(
        "ticks",
        MOST,
        one -> {
          String check = one.text("check", LONGEST_CHECK);
          Boolean ok = one.flag("ok");
          if (check == null || ok == null) {
            one.fault(check == null ? "check" : "ok", "found nothing; required is what was seen");
          } else {
            ticks.add(new AsWired.Tick(check, ok));
          }
        });
    return ticks;
  }
}
