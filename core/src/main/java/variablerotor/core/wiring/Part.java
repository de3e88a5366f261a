package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One part of a wiring; what does not belong to its type is null.
 *
 * @param va of a transformer [VA]
 * @param loadVa what hangs on a transformer besides the parts shown [VA]
 * @param coilVa of a relay or contactor [VA]
 * @param coilVolts that a coil is made for [V]
 * @param contactAmps that a contact carries [A]
 * @param poles of a contactor, 1 to 3
 * @param call that raises an output
 * @param solidState whether an output must not be fed from behind
 * @param when the call that moves a contact
 * @param closed whether a contact is closed while nothing moves it
 * @param speeds leads of a motor by their names
 * @param amps full load of a motor [A]
 * @param microfarads of a capacitor, or that a motor asks for [µF]
 * @param volts of a capacitor, or that a motor is for where that is not the highest line [V]
 * @param primaryVolts that a transformer is for; null where that is its line's own [V]
 * @param capacitorCommon whether a motor's second capacitor lead is its common inside, as in usual
 *     four-lead motors (common practice)
 * @param taps which speed an adapter gives for a tap; where none is told, the usual one
 */
public record Part(
    String id,
    PartType type,
    @Nullable Double va,
    @Nullable Double loadVa,
    @Nullable Double coilVa,
    @Nullable Double coilVolts,
    @Nullable Double contactAmps,
    @Nullable Integer poles,
    @Nullable String call,
    boolean solidState,
    @Nullable String when,
    boolean closed,
    List<String> speeds,
    @Nullable Double amps,
    @Nullable Double microfarads,
    @Nullable Double volts,
    @Nullable Double primaryVolts,
    boolean capacitorCommon,
    Map<String, String> taps)
    implements Node {
  public Part {
    speeds = List.copyOf(speeds);
    taps = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(taps));
  }

  /** Poles of a relay. */
  private static final int MOST_POLES = 4;

  /** Taps of an adapter, the highest wins. */
  static final List<String> TAPS = List.of("T1", "T2", "T3", "T4", "T5");

  /** Outputs of an adapter. */
  static final List<String> OUTPUTS = List.of("LOW", "MED", "HIGH");

  /** Longest name of a lead [character]. */
  private static final int LONGEST_LEAD = 30;

  /** What a motor has besides its speeds, and what it does besides running at one. */
  private static final List<String> RESERVED = List.of("COM", "CAP1", "CAP2", "G", "OFF", "RUN");

  /** Whether a speed's lead may have this name. */
  public static boolean isLead(String name) {
    return !name.isEmpty() && name.length() <= LONGEST_LEAD && !RESERVED.contains(name);
  }

  /** Its terminals by name; null where any name will do. */
  public @Nullable List<String> terminals() {
    return switch (type) {
      case LINE_240 -> List.of("L1", "L2", "G");
      case LINE_120 -> List.of("L1", "N", "G");
      case LINE_3PH -> List.of("L1", "L2", "L3", "G");
      case TRANSFORMER -> List.of("H1", "H2", "R", "C");
      case OUTPUT -> List.of("R", "O");
      case CONTACT, CAPACITOR -> List.of("1", "2");
      case RELAY -> relay();
      case CONTACTOR -> contactor();
      case OVERLOAD -> List.of("1", "2", "3", "4", "5", "6", "95", "96");
      case MOTOR_PSC -> motor();
      case MOTOR_3PH -> List.of("U", "V", "W", "G");
      case ADAPTER -> adapter();
      case JOINT -> null;
    };
  }

  private static List<String> relay() {
    List<String> names = new ArrayList<>(List.of("A", "B"));
    for (int pole = 1; pole <= MOST_POLES; pole++) {
      names.addAll(List.of("COM" + pole, "NO" + pole, "NC" + pole));
    }
    return names;
  }

  /** A contactor of one pole joins its second always. */
  private List<String> contactor() {
    List<String> names = new ArrayList<>(List.of("A", "B", "L1", "T1", "L2", "T2"));
    if (Objects.requireNonNullElse(poles, 2) >= 3) {
      names.addAll(List.of("L3", "T3"));
    }
    return names;
  }

  private List<String> motor() {
    List<String> names = new ArrayList<>(List.of("COM"));
    names.addAll(speeds);
    names.addAll(List.of("CAP1", "CAP2", "G"));
    return names;
  }

  private static List<String> adapter() {
    List<String> names = new ArrayList<>(List.of("L1", "L2", "C", "R"));
    names.addAll(TAPS);
    names.add("COM");
    names.addAll(OUTPUTS);
    return names;
  }

  /** Which of an adapter's outputs a tap closes. */
  String output(String tap) {
    String told = taps.get(tap);
    if (told != null) {
      return told;
    }
    return tap.equals("T1") || tap.equals("T2") ? "LOW" : tap.equals("T3") ? "MED" : "HIGH";
  }

  /** A terminal of it. */
  public Terminal at(String name) {
    return new Terminal(id, name);
  }

  /** The same part under another name. */
  public Part named(String other) {
    return new Part(
        other,
        type,
        va,
        loadVa,
        coilVa,
        coilVolts,
        contactAmps,
        poles,
        call,
        solidState,
        when,
        closed,
        speeds,
        amps,
        microfarads,
        volts,
        primaryVolts,
        capacitorCommon,
        taps);
  }

  /** With nothing told but id and type. */
  public static Part of(String id, PartType type) {
    return new Builder(id, type).build();
  }

  /** With what is known of it to be added. */
  static Builder named(String id, PartType type) {
    return new Builder(id, type);
  }

  /** Puts a part together; what is not said is not known. */
  static final class Builder {
    private final String id;
    private final PartType type;
    private @Nullable Double va;
    private @Nullable Double loadVa;
    private @Nullable Double coilVa;
    private @Nullable Double contactAmps;
    private @Nullable Integer poles;
    private @Nullable String call;
    private boolean solidState;
    private @Nullable String when;
    private List<String> speeds = List.of();
    private @Nullable Double amps;
    private @Nullable Double microfarads;
    private @Nullable Double volts;

    private Builder(String id, PartType type) {
      this.id = id;
      this.type = type;
    }

    /** Of a transformer, and what hangs on it besides the parts shown [VA]. */
    Builder va(@Nullable Double given, @Nullable Double load) {
      va = given;
      loadVa = load;
      return this;
    }

    /** Of a coil [VA]. */
    Builder coil(double given) {
      coilVa = given;
      return this;
    }

    /** That its contacts carry [A]. */
    Builder carries(double given) {
      contactAmps = given;
      return this;
    }

    /** Of a contactor. */
    Builder poles(int given) {
      poles = given;
      return this;
    }

    /** That raises it, and whether it must not be fed from behind. */
    Builder raisedBy(String given, boolean electronic) {
      call = given;
      solidState = electronic;
      return this;
    }

    /** A closed contact that this call opens. */
    Builder openedBy(String given) {
      when = given;
      return this;
    }

    /** Leads of a motor. */
    Builder speeds(List<String> given) {
      speeds = given;
      return this;
    }

    /** Full load [A]. */
    Builder amps(@Nullable Double given) {
      amps = given;
      return this;
    }

    /** Of a capacitor, or that a motor asks for [µF], and its volts [V]. */
    Builder capacity(@Nullable Double given, @Nullable Double at) {
      microfarads = given;
      volts = at;
      return this;
    }

    Part build() {
      return new Part(
          id,
          type,
          va,
          loadVa,
          coilVa,
          null,
          contactAmps,
          poles,
          call,
          solidState,
          when,
          when != null,
          speeds,
          amps,
          microfarads,
          volts,
          null,
          true,
          Map.of());
    }
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("id", id, "type", type);
    put(tree, "va", va);
    put(tree, "loadVa", loadVa);
    put(tree, "poles", poles);
    put(tree, "coilVa", coilVa);
    put(tree, "coilVolts", coilVolts);
    put(tree, "contactAmps", contactAmps);
    put(tree, "call", call);
    if (type == PartType.OUTPUT && solidState) {
      tree.put("solidState", true);
    }
    put(tree, "when", when);
    if (type == PartType.CONTACT) {
      tree.put("form", closed ? "NC" : "NO");
    }
    if (type == PartType.MOTOR_PSC) {
      tree.put("speeds", speeds);
    }
    put(tree, "amps", amps);
    put(tree, "microfarads", microfarads);
    put(tree, "volts", volts);
    put(tree, "primaryVolts", primaryVolts);
    if (type == PartType.MOTOR_PSC && !capacitorCommon) {
      tree.put("capacitorCommon", false);
    }
    if (!taps.isEmpty()) {
      tree.put("speeds", new LinkedHashMap<>(taps));
    }
    return tree;
  }

  private static void put(Map<String, Object> tree, String name, @Nullable Object value) {
    if (value != null) {
      tree.put(name, Tree.plain(value));
    }
  }
}
