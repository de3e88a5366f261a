package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.wiring.Plan.Circuit;
import variablerotor.core.wiring.PlanRequest.CallId;

/**
 * The patterns of a conversion, filled for one unit. Common practice; every plan is run by {@link
 * Result} before it is shown, and what fails there blocks it.
 */
public final class Planner {
  /** Coil of a contactor and of a fan relay [VA]. Common practice. */
  private static final double CONTACTOR_VA = 9;

  private static final double RELAY_VA = 7;

  /** Contacts are taken with this much to spare. Judgement. */
  private static final double SPARE = 1.25;

  /** The least that a fan relay is sold for [A]. Judgement. */
  private static final double LEAST_CONTACT = 10;

  private final PlanRequest asked;
  private final List<Part> parts = new ArrayList<>();
  private final List<Plan.Step> steps = new ArrayList<>();
  private final List<Wiring.Call> calls = new ArrayList<>();
  private final List<Wiring.Expect> expects = new ArrayList<>();
  private final List<Plan.Reason> reasons = new ArrayList<>();
  private final List<Plan.Need> needs = new ArrayList<>();
  private int relays;

  private Planner(PlanRequest asked) {
    this.asked = asked;
  }

  /** The plan, run. */
  public static Plan of(PlanRequest asked) {
    return new Planner(asked).plan();
  }

  private Plan plan() {
    add(Part.of("SRC", asked.supply()));
    add(transformer());
    switch (asked.pattern()) {
      case A -> staged(false);
      case A1 -> staged(true);
      case B -> adapter();
      case C -> loaner();
      case D -> bypass();
      case E -> changeover();
    }
    unused();
    Wiring wiring =
        new Wiring(
            parts,
            steps.stream().map(one -> new Wiring.Wire(one.from(), one.to())).toList(),
            calls,
            expects);
    Result result = Result.of(wiring);
    failures(result);
    boolean blocks = reasons.stream().anyMatch(Plan.Reason::blocks);
    return new Plan(
        blocks ? Plan.State.BLOCKED : reasons.isEmpty() ? Plan.State.OPEN : Plan.State.CONDITIONAL,
        reasons,
        wiring,
        result,
        numbered(),
        needs);
  }

  /** Ground first, then line with the breaker off, then the motor's own leads, then 24 V. */
  private List<Plan.Step> numbered() {
    List<Plan.Step> numbered = new ArrayList<>();
    for (Circuit circuit : Circuit.values()) {
      for (Plan.Step one : steps) {
        if (one.circuit() == circuit) {
          numbered.add(
              new Plan.Step(
                  numbered.size() + 1,
                  one.from(),
                  one.to(),
                  circuit,
                  one.colour(),
                  one.sentence()));
        }
      }
    }
    return numbered;
  }

  private void failures(Result result) {
    for (Run run : result.calls()) {
      for (Finding one : run.findings()) {
        if (one.stops()) {
          reasons.add(new Plan.Reason(one.kind().name(), true, run.name(), one.sentence()));
        }
      }
    }
    for (Finding one : result.findings()) {
      if (one.stops()) {
        reasons.add(new Plan.Reason(one.kind().name(), true, null, one.sentence()));
      }
    }
  }

  private void block(String id, @Nullable CallId call, String sentence) {
    reasons.add(new Plan.Reason(id, true, call == null ? null : call.name(), sentence));
  }

  private void first(String id, String sentence) {
    reasons.add(new Plan.Reason(id, false, null, sentence));
  }

  private Part add(Part part) {
    parts.add(part);
    return part;
  }

  private void wire(Terminal from, Terminal to, Circuit circuit, String colour, String sentence) {
    steps.add(new Plan.Step(0, from, to, circuit, colour, sentence));
  }

  private void line(Terminal from, Terminal to, String sentence) {
    wire(from, to, Circuit.LINE, "black", sentence);
  }

  private void control(Terminal from, Terminal to, String colour, String sentence) {
    wire(from, to, Circuit.CONTROL, colour, sentence);
  }

  private static Terminal at(String part, String name) {
    return new Terminal(part, name);
  }

  // Parts.

  private Part transformer() {
    return Part.named("TR", PartType.TRANSFORMER)
        .va(asked.transformerVa(), asked.transformerLoadVa())
        .build();
  }

  private Part output(String id, String call) {
    return add(Part.named(id, PartType.OUTPUT).raisedBy(call, asked.solidState()).build());
  }

  private double contactAmps() {
    return Math.max(LEAST_CONTACT, Math.ceil(SPARE * amps()));
  }

  private double amps() {
    return asked.amps() == null ? 0 : asked.amps();
  }

  private Part relay() {
    relays++;
    return add(
        Part.named("K" + relays, PartType.RELAY).coil(RELAY_VA).carries(contactAmps()).build());
  }

  private Part contactor(int poles) {
    return add(Part.named("CT", PartType.CONTACTOR).coil(CONTACTOR_VA).poles(poles).build());
  }

  private void fanMotor() {
    add(
        Part.named("M", PartType.MOTOR_PSC)
            .speeds(asked.speeds())
            .amps(asked.amps())
            .capacity(asked.microfarads(), null)
            .build());
    add(
        Part.named("CAP", PartType.CAPACITOR)
            .capacity(asked.microfarads(), asked.capacitorVolts())
            .build());
    wire(at("SRC", "G"), at("M", "G"), Circuit.GROUND, "green", "Frame of the motor to ground.");
    wire(at("M", "CAP1"), at("CAP", "1"), Circuit.MOTOR, "brown", "Capacitor lead.");
    wire(at("M", "CAP2"), at("CAP", "2"), Circuit.MOTOR, "brown", "The other capacitor lead.");
    needs.add(
        new Plan.Need(
            PartType.MOTOR_PSC,
            1,
            "permanent split capacitor motor"
                + (asked.amps() == null ? "" : ", " + Numbers.plain(asked.amps(), 2) + " A")));
    needs.add(
        new Plan.Need(
            PartType.CAPACITOR,
            1,
            (asked.microfarads() == null
                    ? "the microfarads on the motor's plate"
                    : Numbers.plain(asked.microfarads(), 1) + " µF")
                + (asked.capacitorVolts() == null
                    ? ", its volts or more"
                    : ", " + Numbers.plain(asked.capacitorVolts()) + " V AC or more")));
  }

  private void needRelays() {
    if (relays > 0) {
      needs.add(
          new Plan.Need(
              PartType.RELAY,
              relays,
              "coil 24 V AC, contacts for a motor load of "
                  + Numbers.plain(contactAmps())
                  + " A at this voltage"));
    }
  }

  private String other() {
    return asked.supply() == PartType.LINE_120 ? "N" : "L2";
  }

  private void supply() {
    line(at("SRC", "L1"), at("TR", "H1"), "Line to the transformer.");
    line(at("SRC", other()), at("TR", "H2"), "Its other side.");
  }

  private Part compressor() {
    Part contactor = contactor(2);
    Part output = output("Y", "COMPRESSOR");
    line(at("SRC", "L1"), contactor.at("L1"), "Line side of the contactor.");
    line(at("SRC", other()), contactor.at("L2"), "Line side of the contactor.");
    control(at("TR", "R"), output.at("R"), "red", "24 V to the compressor's output.");
    control(output.at("O"), contactor.at("A"), "yellow", "The compressor's call to its coil.");
    control(contactor.at("B"), at("TR", "C"), "blue", "Its other end to common.");
    return contactor;
  }

  private void coil(Part relay, Part output, String what) {
    control(output.at("O"), relay.at("A"), "yellow", what + " to the coil of " + relay.id() + ".");
    control(relay.at("B"), at("TR", "C"), "blue", "Its other end to common.");
  }

  private Part fed(String id, String call) {
    Part output = output(id, call);
    control(at("TR", "R"), output.at("R"), "red", "24 V to the output " + id + ".");
    return output;
  }

  /** Leads of speeds that nothing uses: each capped alone. */
  private void unused() {
    Part motor = parts.stream().filter(one -> one.id().equals("M")).findFirst().orElse(null);
    if (motor == null || motor.type() != PartType.MOTOR_PSC) {
      return;
    }
    for (String speed : asked.speeds()) {
      Terminal lead = motor.at(speed);
      if (steps.stream().noneMatch(one -> one.from().equals(lead) || one.to().equals(lead))) {
        Part joint = add(Part.of("CAPPED_" + speed, PartType.JOINT));
        wire(lead, joint.at("1"), Circuit.MOTOR, "as it is", "Cap the unused lead alone.");
      }
    }
  }

  private void call(String name, String motor, List<String> on) {
    calls.add(new Wiring.Call(name, on));
    expects.add(new Wiring.Expect(name, motor));
  }

  // Patterns.

  /** A and A1: line through contactor, defrost and relay contacts to the one speed. */
  private void staged(boolean oneRelay) {
    List<String> stages = asked.stages().isEmpty() ? List.of("HIGH") : asked.stages();
    String speed = asked.speed(CallId.COOL);
    supply();
    Part contactor = compressor();
    fanMotor();
    Terminal feed = contactor.at("T1");
    if (asked.defrost()) {
      Part contact = add(defrost());
      line(feed, contact.at("1"), "Load side of the contactor to the board's defrost contact.");
      feed = contact.at("2");
    }
    line(contactor.at("T2"), at("M", "COM"), "The other load side to the motor's common.");
    Part single = oneRelay ? relay() : null;
    if (single != null) {
      contact(single, feed, speed);
      control(single.at("B"), at("TR", "C"), "blue", "Its other end to common.");
    }
    for (String stage : stages) {
      Part output = fed(stage, stage);
      if (single != null) {
        control(output.at("O"), single.at("A"), "yellow", "Stage " + stage + " to the one coil.");
      } else {
        Part relay = relay();
        contact(relay, feed, speed);
        coil(relay, output, "Stage " + stage);
      }
    }
    needRelays();
    outdoorRows(stages, speed);
    if (oneRelay && stages.size() > 1 && asked.solidState()) {
      block(
          "SOLID_STATE_OUTPUTS",
          null,
          "One relay ties two electronic outputs together: the live one burns the other. Two"
              + " relays.");
    } else if (oneRelay && stages.size() > 1) {
      first(
          "PLAIN_CONTACTS",
          "One relay ties the stages' outputs together: only where both are plain contacts fed by"
              + " one transformer.");
    }
    if (stages.size() > 1) {
      first(
          "HEAD_PRESSURE",
          "One high speed on the low stage: watch head pressure, and keep a fan-cycling switch for"
              + " the cold.");
    }
    if (asked.defrost()) {
      first("DEFROST_CONTACT", "The board's defrost contact must carry the new motor's amps.");
    }
  }

  private void contact(Part relay, Terminal feed, String speed) {
    line(feed, relay.at("COM1"), "To the contact of " + relay.id() + ".");
    line(relay.at("NO1"), at("M", speed), "Its open contact to the lead for " + speed + ".");
  }

  private static Part defrost() {
    return Part.named("DF", PartType.CONTACT).openedBy("DEFROST").build();
  }

  /** An outdoor fan runs with the compressor, stands in defrost and on heat without it. */
  private void outdoorRows(List<String> stages, String speed) {
    String highest = stages.get(stages.size() - 1);
    call("IDLE", "OFF", List.of());
    for (CallId id : asked.calls()) {
      boolean runs = asked.contactorCalls().contains(id);
      call(id.name(), runs ? speed : "OFF", runs ? List.of("COMPRESSOR", highest) : List.of());
      if (runs && stages.size() > 1) {
        call(id.name() + ".LOW", speed, List.of("COMPRESSOR", stages.get(0)));
      }
    }
    if (asked.defrost()) {
      call("DEFROST", "OFF", List.of("COMPRESSOR", highest, "DEFROST"));
    }
  }

  /** B: line stands on the adapter; each call's tap gives its speed, one at a time. */
  private void adapter() {
    supply();
    fanMotor();
    Part board = add(Part.of("AD", PartType.ADAPTER));
    line(at("SRC", "L1"), board.at("L1"), "The old motor's line plug to the adapter.");
    line(at("SRC", other()), board.at("L2"), "Its other side.");
    line(board.at("COM"), at("M", "COM"), "The adapter's common to the motor's.");
    control(at("TR", "C"), board.at("C"), "blue", "24 V common to the adapter.");
    needs.add(
        new Plan.Need(
            PartType.ADAPTER, 1, "adapter board for a multi-speed motor, with its coil sensor"));
    Map<String, String> leads = leads();
    leads.forEach(
        (output, lead) ->
            line(board.at(output), at("M", lead), "Its output " + output + " to " + lead + "."));
    Map<String, String> taps = new LinkedHashMap<>();
    leads.forEach((output, lead) -> taps.put(lead, tap(output)));
    Set<String> used = new LinkedHashSet<>();
    call("IDLE", "OFF", List.of());
    for (CallId id : asked.calls()) {
      String tap = taps.get(asked.speed(id));
      if (tap == null) {
        block("NO_OUTPUT", id, "The adapter has no output for the speed " + asked.speed(id) + ".");
        continue;
      }
      used.add(tap);
      call(id.name(), asked.speed(id), List.of(tap));
    }
    if (asked.defrost()) {
      CallId heating = asked.calls().contains(CallId.HEAT_PUMP) ? CallId.HEAT_PUMP : CallId.COOL;
      String tap = taps.get(asked.speed(heating));
      if (tap != null) {
        used.add(tap);
        call("DEFROST", asked.speed(heating), List.of(tap));
      }
    }
    for (String tap : used) {
      Part output = fed("OUT_" + tap, tap);
      control(output.at("O"), board.at(tap), "yellow", "The board's speed tap " + tap + ".");
    }
    first(
        "COIL_SENSOR",
        "Clamp the adapter's sensor to a return bend near the inlet, and replace each tap by the"
            + " speed that gives its air.");
  }

  private static String tap(String output) {
    return output.equals("LOW") ? "T1" : output.equals("MED") ? "T3" : "T5";
  }

  /** The adapter's outputs by the motor's leads: the first is the highest. */
  private Map<String, String> leads() {
    Map<String, String> leads = new LinkedHashMap<>();
    List<String> speeds = asked.speeds();
    boolean named = speeds.stream().allMatch(Part.OUTPUTS::contains);
    if (named) {
      speeds.forEach(one -> leads.put(one, one));
    } else {
      String[] outputs =
          speeds.size() == 2 ? new String[] {"HIGH", "LOW"} : new String[] {"HIGH", "MED", "LOW"};
      for (int i = 0; i < Math.min(outputs.length, speeds.size()); i++) {
        leads.put(outputs[i], speeds.get(i));
      }
    }
    return leads;
  }

  /** C: on the contactor's load side; calls without the contactor by a relay, or not at all. */
  private void loaner() {
    supply();
    Part contactor = compressor();
    fanMotor();
    String speed = asked.speed(CallId.COOL);
    Terminal feed = contactor.at("T1");
    if (asked.outdoors() && asked.defrost()) {
      Part contact = add(defrost());
      line(feed, contact.at("1"), "Load side of the contactor to the board's defrost contact.");
      feed = contact.at("2");
    }
    if (!asked.oneCabinet()) {
      block(
          "SPLIT_SYSTEM",
          null,
          "Contactor and blower are not in one cabinet on one supply: the blower gets a fan relay of"
              + " its own.");
    }
    if (asked.fanRelay()) {
      changeovers(feed, speed);
    } else {
      line(feed, at("M", speed), "Load side of the contactor to the lead for " + speed + ".");
      line(contactor.at("T2"), at("M", "COM"), "The other load side to the motor's common.");
    }
    needRelays();
    call("IDLE", "OFF", List.of());
    for (CallId id : asked.calls()) {
      loanerRow(id, speed);
    }
    if (asked.defrost()) {
      call(
          "DEFROST",
          asked.outdoors() ? "OFF" : speed,
          asked.outdoors() ? List.of("COMPRESSOR", "DEFROST") : List.of("COMPRESSOR"));
    }
    first("LOAN", "The old motor's line plug stays live: dead-end and insulate it.");
  }

  private void loanerRow(CallId id, String speed) {
    boolean contactor = asked.contactorCalls().contains(id);
    boolean own = asked.fanRelay() && !contactor && !asked.outdoors();
    String on = id.isFire() || id == CallId.LIMIT ? "HEAT_FAN" : "FAN";
    if (contactor) {
      call(id.name(), speed, List.of("COMPRESSOR"));
    } else if (own) {
      call(id.name(), speed, List.of(on));
    } else if (asked.outdoors()) {
      call(id.name(), "OFF", List.of());
    } else if (id.isFire() || id == CallId.LIMIT) {
      call(id.name(), speed, List.of());
      block(
          "HEAT_WITHOUT_AIR",
          id,
          "This heat comes on without the contactor: it would fire with no air. A fan relay on it,"
              + " too.");
    } else {
      call(id.name(), "OFF", List.of());
      reasons.add(
          new Plan.Reason(
              "FAN_ONLY",
              false,
              id.name(),
              "The fan alone no longer runs: it follows the compressor. Tell the customer."));
    }
  }

  /**
   * A relay for the fan's output and one for the heat's: never joined, each before the contactor.
   */
  private void changeovers(Terminal contactorSide, String speed) {
    boolean heat = asked.calls().stream().anyMatch(id -> id.isFire() || id == CallId.LIMIT);
    boolean fan =
        asked.calls().stream()
            .anyMatch(
                id ->
                    (id == CallId.FAN || id == CallId.OFF_DELAY)
                        && !asked.contactorCalls().contains(id));
    List<String> outputs = new ArrayList<>();
    if (heat) {
      outputs.add("HEAT_FAN");
    }
    if (fan) {
      outputs.add("FAN");
    }
    line(at("SRC", other()), at("M", "COM"), "Line to the motor's common.");
    Terminal lead = at("M", speed);
    for (String output : outputs) {
      Part relay = relay();
      line(lead, relay.at("COM1"), "The common of " + relay.id() + " to the motor's side.");
      line(at("SRC", "L1"), relay.at("NO1"), "Line to its open contact.");
      coil(relay, fed(output, output), output);
      lead = relay.at("NC1");
    }
    line(contactorSide, lead, "The contactor's load side through the closed contact.");
  }

  /** D: a three-pole contactor with an overload relay in the drive's place. */
  private void bypass() {
    line(at("SRC", "L1"), at("TR", "H1"), "Line to the transformer.");
    line(at("SRC", "L2"), at("TR", "H2"), "Its other side.");
    Part contactor = contactor(3);
    add(Part.of("OL", PartType.OVERLOAD));
    add(Part.named("M", PartType.MOTOR_3PH).amps(asked.amps()).build());
    wire(at("SRC", "G"), at("M", "G"), Circuit.GROUND, "green", "Frame of the motor to ground.");
    String[] leads = {"U", "V", "W"};
    for (int phase = 1; phase <= 3; phase++) {
      line(
          at("SRC", "L" + phase),
          contactor.at("L" + phase),
          "Phase " + phase + " to the contactor.");
      line(
          contactor.at("T" + phase),
          at("OL", String.valueOf(2 * phase - 1)),
          "Through the overload.");
      line(at("OL", String.valueOf(2 * phase)), at("M", leads[phase - 1]), "To the motor.");
    }
    Part output = fed("G", "FAN");
    control(output.at("O"), at("OL", "95"), "yellow", "The fan's call to the trip contact.");
    control(at("OL", "96"), contactor.at("A"), "yellow", "From there to the contactor's coil.");
    control(contactor.at("B"), at("TR", "C"), "blue", "The coil's other end to common.");
    call("IDLE", "OFF", List.of());
    asked.calls().forEach(id -> call(id.name(), "RUN", List.of("FAN")));
    if (asked.defrost()) {
      call("DEFROST", "RUN", List.of("FAN"));
    }
    needs.add(
        new Plan.Need(PartType.CONTACTOR, 1, "three poles, coil 24 V AC, for the motor's amps"));
    needs.add(
        new Plan.Need(
            PartType.OVERLOAD,
            1,
            "three phases, set from the motor's plate"
                + (asked.amps() == null ? "" : ": " + Numbers.plain(asked.amps(), 2) + " A")));
    first(
        "FULL_SPEED",
        "Full speed: check amps and static, and set a date by which the drive is back.");
  }

  /** The heat whose speed the blower has on heat: one for which a speed is told goes first. */
  private CallId fire() {
    return asked.calls().stream()
        .filter(CallId::isFire)
        .min(Comparator.comparing(id -> !asked.speedFor().containsKey(id)))
        .orElse(CallId.GAS_HEAT);
  }

  /** E: the fan's relay changes over between the cooling speed and the heat's own contact. */
  private void changeover() {
    supply();
    fanMotor();
    Part cool = relay();
    String cooling = asked.speed(CallId.COOL);
    String heating = asked.speed(fire());
    boolean heat = asked.calls().stream().anyMatch(id -> id.isFire() || id == CallId.LIMIT);
    line(at("SRC", "L1"), cool.at("COM1"), "Line to the common of " + cool.id() + ".");
    line(cool.at("NO1"), at("M", cooling), "Its open contact to the cooling speed.");
    line(at("SRC", other()), at("M", "COM"), "Line to the motor's common.");
    coil(cool, fed("G", "FAN"), "The fan's call");
    if (heat) {
      Part hot = relay();
      line(cool.at("NC1"), hot.at("COM1"), "Its closed contact to the heat's own fan contact.");
      line(hot.at("NO1"), at("M", heating), "And from there to the heat speed.");
      coil(hot, fed("W", "HEAT_FAN"), "The heat's fan call");
    }
    needRelays();
    call("IDLE", "OFF", List.of());
    for (CallId id : asked.calls()) {
      boolean hot = id.isFire() || id == CallId.LIMIT || (id == CallId.OFF_DELAY && heat);
      String speed = hot ? heating : cooling;
      if (asked.speedFor().containsKey(id) && !asked.speed(id).equals(speed)) {
        first(
            "ONE_SPEED_FOR_TWO",
            "On " + id + " the blower runs at " + speed + ", not at " + asked.speed(id) + ".");
      }
      call(id.name(), speed, List.of(hot ? "HEAT_FAN" : "FAN"));
    }
    if (asked.defrost()) {
      call("DEFROST", cooling, heat ? List.of("FAN", "HEAT_FAN") : List.of("FAN"));
    }
    if (asked.calls().contains(CallId.ELECTRIC_HEAT)) {
      first(
          "SEQUENCED_HEAT",
          "Sequenced electric heat stays on after its call: the blower is held by the sequencer's"
              + " contact or an off-delay.");
    }
    if (asked.calls().contains(CallId.GAS_HEAT)) {
      first("GAS_HEAT", "Gas heat: carbon monoxide, limit and temperature rise are checked after.");
    }
  }
}
