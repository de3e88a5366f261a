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
  private int isolations;

  /** Whether what is wired now is the factory's, and stays. */
  private boolean there;

  /** The plug that brings what is wired now. */
  private @Nullable String plug;

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
    if (isIsolated()) {
      add(
          Part.named("TB", PartType.TRANSFORMER)
              .va(asked.extras().secondTransformerVa(), null)
              .build());
    }
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

  /**
   * Ground first, then line with the breaker off, then the motor's own leads, then 24 V; what the
   * factory made stands apart at the end.
   */
  private List<Plan.Step> numbered() {
    List<Plan.Step> numbered = new ArrayList<>();
    for (boolean made : new boolean[] {false, true}) {
      for (Circuit circuit : Circuit.values()) {
        for (Plan.Step one : steps) {
          if (one.circuit() == circuit && one.there() == made) {
            numbered.add(
                new Plan.Step(
                    numbered.size() + 1,
                    one.from(),
                    one.to(),
                    circuit,
                    one.colour(),
                    one.sentence(),
                    made,
                    one.plug()));
          }
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
    steps.add(new Plan.Step(0, from, to, circuit, colour, sentence, there, plug));
  }

  private void line(Terminal from, Terminal to, String sentence) {
    wire(from, to, Circuit.LINE, "black", sentence);
  }

  /**
   * The other side of the line: a neutral is white, a second hot leg red (NEC 200.6, from memory).
   */
  private void otherLine(Terminal from, Terminal to, String sentence) {
    String colour = asked.supply() == PartType.LINE_120 ? "white" : "red";
    wire(from, to, Circuit.LINE, colour, sentence);
  }

  /** What the factory made: it stays, and is no wire to make. */
  private void factory(Runnable wiring) {
    there = true;
    wiring.run();
    there = false;
  }

  private void plugged(String name, Runnable wiring) {
    plug = name;
    wiring.run();
    plug = null;
  }

  private boolean isIsolated() {
    return asked.extras().secondTransformerVa() != null && asked.pattern() != PlanRequest.Pattern.D;
  }

  /** The transformer that the board's outputs are fed by. */
  private String boardSupply() {
    return isIsolated() ? "TB" : "TR";
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
    needs.add(
        new Plan.Need(
            PartType.MOTOR_PSC,
            1,
            "permanent split capacitor motor"
                + (asked.amps() == null ? "" : ", " + Numbers.plain(asked.amps(), 2) + " A")));
    if (sharesCapacitor()) {
      halfOfTheCompressors();
    } else {
      wire(at("M", "CAP1"), at("CAP", "1"), Circuit.MOTOR, "brown", "Capacitor lead.");
      wire(at("M", "CAP2"), at("CAP", "2"), Circuit.MOTOR, "brown", "The other capacitor lead.");
      needs.add(
          new Plan.Need(PartType.CAPACITOR, 1, capacity("the microfarads on the motor's plate")));
    }
  }

  private String capacity(String unread) {
    return (asked.microfarads() == null ? unread : Numbers.plain(asked.microfarads(), 1) + " µF")
        + (asked.capacitorVolts() == null
            ? ", its volts or more"
            : ", " + Numbers.plain(asked.capacitorVolts()) + " V AC or more");
  }

  /** Whether the outdoor fan has a half of the compressor's capacitor. */
  private boolean sharesCapacitor() {
    boolean outdoor =
        asked.pattern() == PlanRequest.Pattern.A || asked.pattern() == PlanRequest.Pattern.A1;
    return outdoor && asked.extras().dualCapacitor();
  }

  /**
   * The fan's start winding from FAN to C, where the motor's own common is too; its second lead has
   * nothing to do then. Common practice.
   */
  private void halfOfTheCompressors() {
    Part cap = add(Part.of("CAPPED_CAP2", PartType.JOINT));
    wire(
        at("M", "CAP1"),
        at("CAP", "1"),
        Circuit.MOTOR,
        "brown",
        "Capacitor lead to the terminal FAN of the dual capacitor: nothing else goes on it.");
    wire(
        at("M", "CAP2"),
        cap.at("1"),
        Circuit.MOTOR,
        "as it is",
        "Cap the second capacitor lead alone: the motor's common does its work.");
    otherLine(
        at("CAP", "2"),
        at("CT", "T2"),
        "The terminal C of the dual capacitor on the contactor's load side, where the motor's"
            + " common is; HERM keeps the compressor's lead.");
    needs.add(
        new Plan.Need(
            PartType.CAPACITOR,
            1,
            "dual: FAN "
                + capacity("with the microfarads on the motor's plate")
                + "; HERM as the compressor's own says"));
    first(
        "DUAL_CAPACITOR",
        "Measure the capacitor from C to FAN and from C to HERM with all leads off and it"
            + " discharged: each as motor and compressor ask. Where the compressor's own has no FAN,"
            + " it is changed for one that has.");
    if (threePhase()) {
      block(
          "DUAL_CAPACITOR",
          null,
          "A three-phase compressor has no capacitor to share: the fan gets its own.");
    }
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
    if (isolations > 0) {
      needs.add(
          new Plan.Need(
              PartType.RELAY, isolations, "isolation relay, coil 24 V AC, contact for 24 V"));
    }
  }

  private String other() {
    return asked.supply() == PartType.LINE_120 ? "N" : "L2";
  }

  private void supply() {
    factory(
        () -> {
          for (String transformer : isIsolated() ? List.of("TR", "TB") : List.of("TR")) {
            line(
                at("SRC", "L1"),
                at(transformer, "H1"),
                "Line to the transformer " + transformer + ".");
            otherLine(
                at("SRC", other()),
                at(transformer, "H2"),
                "The other side of the line to " + transformer + ".");
          }
        });
  }

  private boolean threePhase() {
    return asked.supply() == PartType.LINE_3PH;
  }

  private Part compressor() {
    int poles = threePhase() ? 3 : asked.extras().contactorPoles();
    Part contactor = contactor(poles);
    Part output = output("Y", "COMPRESSOR");
    factory(
        () -> {
          line(at("SRC", "L1"), contactor.at("L1"), "Line to the contactor's line side.");
          otherLine(
              at("SRC", other()),
              contactor.at("L2"),
              "The other side of the line to the contactor's line side.");
          if (poles >= 3) {
            wire(
                at("SRC", "L3"),
                contactor.at("L3"),
                Circuit.LINE,
                "blue",
                "The third phase to the contactor: the compressor's, not the fan's.");
          }
          String from = boardSupply();
          control(at(from, "R"), output.at("R"), "red", "24 V to the compressor's output.");
          control(
              output.at("O"), contactor.at("A"), "yellow", "The compressor's call to its coil.");
          control(contactor.at("B"), at(from, "C"), "blue", "The contactor's coil to the common.");
        });
    return contactor;
  }

  /**
   * A call to a relay's coil; where the board has a transformer of its own, over a relay between.
   */
  private void coil(Part relay, Part output, String what) {
    if (isIsolated()) {
      isolations++;
      Part between = add(Part.named("IR" + isolations, PartType.RELAY).coil(RELAY_VA).build());
      control(output.at("O"), between.at("A"), "yellow", what + " to the isolation relay.");
      control(between.at("B"), at("TB", "C"), "blue", "Its coil to the board's common.");
      control(
          at("TR", "R"),
          between.at("COM1"),
          "red",
          "24 V of the other transformer to its contact.");
      control(
          between.at("NO1"), relay.at("A"), "red", "From there to the coil of " + relay.id() + ".");
    } else {
      control(
          output.at("O"), relay.at("A"), "yellow", what + " to the coil of " + relay.id() + ".");
    }
    control(relay.at("B"), at("TR", "C"), "blue", "The coil of " + relay.id() + " to the common.");
  }

  private Part fed(String id, String call) {
    Part output = output(id, call);
    factory(
        () ->
            control(
                at(boardSupply(), "R"), output.at("R"), "red", "24 V to the output " + id + "."));
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
      Terminal load = feed;
      factory(
          () ->
              line(
                  load,
                  contact.at("1"),
                  "Load side of the contactor to the board's defrost contact."));
      feed = contact.at("2");
    }
    if (asked.extras().fanCycling()) {
      Part cold = add(Part.named("FC", PartType.CONTACT).openedBy("LOW_HEAD_PRESSURE").build());
      line(feed, cold.at("1"), "Through the fan-cycling switch, which stays in the fan's line.");
      feed = cold.at("2");
    }
    otherLine(contactor.at("T2"), at("M", "COM"), "The other load side to the motor's common.");
    String low = asked.lowSpeed(CallId.COOL);
    if (!oneRelay && stages.size() > 1 && !low.equals(speed)) {
      twoSpeeds(stages, feed, speed, low);
      return;
    }
    Part single = oneRelay ? relay() : null;
    if (single != null) {
      contact(single, feed, speed);
      control(single.at("B"), at("TR", "C"), "blue", "The coil of K1 to the common.");
    }
    for (String stage : stages) {
      Part output = stage(stage);
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
    staysLive();
  }

  /** Names that parts and calls of a plan have already. */
  private static final Set<String> TAKEN =
      Set.of("SRC", "TR", "TB", "CT", "DF", "FC", "M", "CAP", "Y", "COMPRESSOR", "DEFROST");

  /** A stage's call, under a name that no part has. */
  private static String named(String stage) {
    boolean taken =
        TAKEN.contains(stage)
            || stage.startsWith("K")
            || stage.startsWith("IR")
            || stage.startsWith("CAPPED_");
    return taken ? "STAGE_" + stage : stage;
  }

  private Part stage(String stage) {
    return fed(named(stage), named(stage));
  }

  /** Two stages on two speeds: the high stage's relay changes over, so that the two never meet. */
  private void twoSpeeds(List<String> stages, Terminal feed, String speed, String low) {
    Part lowest = relay();
    Part highest = relay();
    line(feed, highest.at("COM1"), "To the common of " + highest.id() + ", the high stage's.");
    line(highest.at("NO1"), at("M", speed), "Its open contact to the lead for " + speed + ".");
    line(
        highest.at("NC1"),
        lowest.at("COM1"),
        "Its closed contact to the common of " + lowest.id() + ", the low stage's.");
    line(lowest.at("NO1"), at("M", low), "The open contact there to the lead for " + low + ".");
    coil(lowest, stage(stages.get(0)), "Stage " + stages.get(0));
    coil(highest, stage(stages.get(stages.size() - 1)), "Stage " + stages.get(stages.size() - 1));
    needRelays();
    outdoorRows(stages, speed);
    if (asked.defrost()) {
      first("DEFROST_CONTACT", "The board's defrost contact must carry the new motor's amps.");
    }
    staysLive();
  }

  /** What the old motor leaves behind. */
  private void staysLive() {
    first(
        "STAYS_LIVE",
        "The old motor's line plug may stay live, also while nothing calls: dead-end and insulate"
            + " each of its wires, and those of its control plug.");
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
    String highest = named(stages.get(stages.size() - 1));
    String lowest = named(stages.get(0));
    String low = asked.lowSpeed(CallId.COOL);
    call("IDLE", "OFF", List.of());
    for (CallId id : asked.calls()) {
      boolean runs = asked.contactorCalls().contains(id);
      call(id.name(), runs ? speed : "OFF", runs ? List.of("COMPRESSOR", highest) : List.of());
      if (runs && stages.size() > 1) {
        call(
            id.name() + ".LOW",
            asked.pattern() == PlanRequest.Pattern.A1 ? speed : low,
            List.of("COMPRESSOR", lowest));
      }
    }
    if (asked.defrost()) {
      call("DEFROST", "OFF", List.of("COMPRESSOR", highest, "DEFROST"));
    }
    if (asked.extras().fanCycling()) {
      call("COLD", "OFF", List.of("COMPRESSOR", highest, "LOW_HEAD_PRESSURE"));
    }
  }

  /** B: line stands on the adapter; each call's tap gives its speed, one at a time. */
  private void adapter() {
    supply();
    fanMotor();
    Part board = add(Part.of("AD", PartType.ADAPTER));
    plugged(
        "the old motor's line plug into the adapter",
        () -> {
          line(at("SRC", "L1"), board.at("L1"), "The old motor's line plug to the adapter.");
          otherLine(
              at("SRC", other()), board.at("L2"), "The other side of the line, in the same plug.");
        });
    plugged(
        "the old motor's speed plug into the adapter",
        () ->
            control(
                at(boardSupply(), "C"), board.at("C"), "blue", "24 V common, in the speed plug."));
    otherLine(board.at("COM"), at("M", "COM"), "The adapter's common to the motor's.");
    if (asked.calls().contains(CallId.OFF_DELAY)) {
      control(
          at(boardSupply(), "R"),
          board.at("R"),
          "red",
          "24 V to the adapter's R: it holds the fan on after a call.");
    }
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
      plugged(
          "the old motor's speed plug into the adapter",
          () ->
              control(
                  output.at("O"),
                  board.at(tap),
                  "yellow",
                  "The board's speed tap " + tap + ", in the speed plug."));
    }
    gasHeat();
    first(
        "COIL_SENSOR",
        "Clamp the adapter's sensor to a return bend near the inlet, and replace each tap by the"
            + " speed that gives its air.");
  }

  /** Said wherever the fan of a fuel-burning unit is another than before. */
  private void gasHeat() {
    if (asked.calls().contains(CallId.GAS_HEAT)) {
      first("GAS_HEAT", "Gas heat: carbon monoxide, limit and temperature rise are checked after.");
    }
  }

  private static String tap(String output) {
    return output.equals("LOW") ? "T1" : output.equals("MED") ? "T3" : "T5";
  }

  /** The adapter's outputs by the motor's leads: by their names, the fastest on HIGH. */
  private Map<String, String> leads() {
    Map<String, String> leads = new LinkedHashMap<>();
    List<String> speeds = asked.speeds();
    List<String> fastest = Speeds.sorted(speeds);
    String[] outputs =
        fastest.size() == 1
            ? new String[] {"HIGH"}
            : fastest.size() == 2
                ? new String[] {"HIGH", "LOW"}
                : new String[] {"HIGH", "MED", "LOW"};
    for (int at = 0; at < outputs.length; at++) {
      // Of more leads than outputs the slowest goes on LOW, and what is between on MED.
      boolean last = at == outputs.length - 1;
      leads.put(outputs[at], fastest.get(last ? fastest.size() - 1 : at));
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
      otherLine(contactor.at("T2"), at("M", "COM"), "The other load side to the motor's common.");
    }
    needRelays();
    gasHeat();
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
    otherLine(
        at("SRC", other()), at("M", "COM"), "The other side of the line to the motor's common.");
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
    supply();
    Part contactor = contactor(3);
    add(Part.of("OL", PartType.OVERLOAD));
    add(Part.named("M", PartType.MOTOR_3PH).amps(asked.amps()).build());
    wire(at("SRC", "G"), at("M", "G"), Circuit.GROUND, "green", "Frame of the motor to ground.");
    String[] leads = {"U", "V", "W"};
    for (int phase = 1; phase <= 3; phase++) {
      String colour = PHASES.get(phase - 1);
      wire(
          at("SRC", "L" + phase),
          contactor.at("L" + phase),
          Circuit.LINE,
          colour,
          "Phase " + phase + ", taken off the drive's input, to the contactor.");
      wire(
          contactor.at("T" + phase),
          at("OL", String.valueOf(2 * phase - 1)),
          Circuit.LINE,
          colour,
          "Phase " + phase + " through its heater of the overload relay.");
      wire(
          at("OL", String.valueOf(2 * phase)),
          at("M", leads[phase - 1]),
          Circuit.LINE,
          colour,
          "The motor's lead " + leads[phase - 1] + ", taken off the drive's output.");
    }
    Part output = fed("G", "FAN");
    control(output.at("O"), at("OL", "95"), "yellow", "The fan's call to the trip contact.");
    control(at("OL", "96"), contactor.at("A"), "yellow", "From there to the contactor's coil.");
    control(contactor.at("B"), at("TR", "C"), "blue", "The contactor's coil to the common.");
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
        "DRIVE_OUTPUT",
        "Take all three of the motor's leads off the drive's output first: line on its output"
            + " destroys it.");
    first(
        "STAYS_LIVE",
        "What fed the drive is dead-ended and insulated, or taken to the contactor; a drive that"
            + " stays on the line keeps its capacitors charged.");
    first(
        "FULL_SPEED",
        "Full speed: check amps and static, and set a date by which the drive is back.");
  }

  /** Of three phases. Common practice: any but white and green will do. */
  private static final List<String> PHASES = List.of("black", "red", "blue");

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
    otherLine(
        at("SRC", other()), at("M", "COM"), "The other side of the line to the motor's common.");
    coil(cool, fed("G", "FAN"), "The fan's call");
    if (heat) {
      Part hot = relay();
      line(cool.at("NC1"), hot.at("COM1"), "Its closed contact to the heat's own fan contact.");
      line(hot.at("NO1"), at("M", heating), "And from there to the heat speed.");
      coil(hot, fed("HF", "HEAT_FAN"), "The heat's fan call");
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
    gasHeat();
    staysLive();
  }
}
