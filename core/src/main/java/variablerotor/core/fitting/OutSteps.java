package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.Caution;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Heating;

/** From the open unit to the part that is out. All of it common practice. */
final class OutSteps {
  private final FitCase job;
  private final Notes notes;

  OutSteps(FitCase job, Notes notes) {
    this.job = job;
    this.notes = notes;
  }

  void addTo(List<Step> steps) {
    if (job.has(Body.DRIVE) || job.has(Body.BYPASS)) {
      steps.add(drive());
    }
    steps.add(power());
    if (job.touchesElectronics()) {
      steps.add(rest());
    }
    if (job.bringsNew() || job.takesWheelOff()) {
      steps.add(photos());
    }
    if (asksWires()) {
      steps.add(wires());
    }
    if (opensTheUnit()) {
      steps.add(inTheWay());
    }
    if (job.has(Body.BOARD)) {
      steps.add(board());
    }
    if (job.has(Body.MODULE)) {
      steps.add(module());
    }
    if (job.has(Body.FAN)) {
      steps.add(cassette());
    }
    if (job.takesWheelOff()) {
      wheel(steps);
    }
  }

  private Step power() {
    return Step.of("off.power", Stage.BEFORE, "Power off, locked, proved dead")
        .say("Every feed: breaker and disconnect.")
        .say(job.heats(Heating.ELECTRIC), "Electric heat has a feed of its own: that one, too.")
        .say("Then try the meter on something live, measure here, and try it again.")
        .mind(Caution.LOCK_OUT)
        .build();
  }

  private Step rest() {
    return Step.of("off.rest", Stage.BEFORE, "Wait, and measure what is left")
        .say(
            job.hasDrive()
                ? "The label’s time on the drive, up to 15 min; then DC between its bus terminals."
                : job.old() == Family.BLDC_FIVE_WIRE
                    ? "5 min or the label’s time, the longer; then DC from red to black, at the plug."
                    : job.has(Body.BOARD) && !job.bringsMotor()
                        ? "5 min or the label’s time, the longer; then at the board’s large capacitors."
                        : "5 min or the label’s time, the longer; then at the line pins of the plug.")
        .say("Below 50 V before a plug is touched.")
        .why(
            "The capacitors of the electronics hold more than 300 V DC long after the breaker is off.")
        .ask(Asked.REST_VOLTS)
        .mind(Caution.CAPACITORS)
        .build();
  }

  private Step photos() {
    return Step.of("off.photos", Stage.BEFORE, "Photograph it as it is")
        .say("The wiring, both plugs from their wire side, the plate, and how it sits.")
        .why("None of it can be read any more once it is out.")
        .photos(Step.Photos.MARKED)
        .build();
  }

  /**
   * Colours count where taps or single wires are moved; a plug that goes on again brings its own.
   */
  private boolean asksWires() {
    return job.has(Body.BOARD)
        || job.has(Body.DRIVE)
        || job.has(Body.BYPASS)
        || (job.bringsMotor()
            && (job.old() == Family.CONSTANT_TORQUE
                || job.old() == Family.STAGED_CONDENSER
                || job.old() == Family.EC_PLUG_FAN
                || job.old() == Family.DRIVE_FED_INDUCTION
                || job.isFixedSpeed()));
  }

  private Step wires() {
    List<String> known = new ArrayList<>();
    job.wires().forEach((terminal, colour) -> known.add(terminal + " " + colour));
    return Step.of("off.wires", Stage.BEFORE, "Which wire sits where")
        .say("By colour, terminal by terminal, off the plug or the photo of it.")
        .why(
            job.old() == Family.CONSTANT_TORQUE
                ? "Which call was on which tap: tap numbers of two motors are not the same air, but"
                    + " this is where the new one starts."
                : "Single wires go back one by one, and colours vary between makers.")
        .give("Read earlier", String.join(", ", known))
        .ask(Asked.WIRES)
        .photos(Step.Photos.MARKED)
        .build();
  }

  private boolean opensTheUnit() {
    return job.bringsMotor() || job.has(Body.MODULE) || job.has(Body.WHEEL);
  }

  private Step inTheWay() {
    List<String> suggested = new ArrayList<>();
    if (job.outdoors()) {
      suggested.addAll(List.of("Fan grille", "Top panel", "Ground wire", "Wire ties"));
    } else if (job.kind() == UnitPlate.Kind.SPLIT_INDOOR) {
      suggested.addAll(
          List.of("Front cover", "Louvre", "Drain pan", "Control box", "Sensor", "Coil bracket"));
    } else {
      suggested.addAll(List.of("Door", "Control box"));
      if (job.heats(Heating.ELECTRIC)) {
        suggested.add("Heater box and its power");
      }
      suggested.addAll(List.of("Shield", "Limit switch", "Ground wire", "Bracket"));
      if (job.has(Body.MOTOR) || job.has(Body.WHEEL)) {
        suggested.add("Blower housing");
      }
    }
    return Step.of("out.way", Stage.OUT, "What is in the way, in order")
        .say("Touch each thing as it comes out; its screws go back into it, or into a bag with it.")
        .say(job.heats(Heating.GAS) && !job.outdoors(), "Gas and flue stay closed and as they are.")
        .why("It is handed back in reverse when all goes in again.")
        .lists(Step.Listing.OUT, suggested)
        .photos(Step.Photos.TAKEN)
        .build();
  }

  private Step board() {
    return Step.of("out.board", Stage.OUT, "The board stays wired until the new one is beside it")
        .say("Note its switches and links. Loosen the board, and leave its wires on.")
        .why("One wire at a time from the old to the new: none is ever loose without its place.")
        .ask(Asked.BOARD_SWITCHES)
        .mind("Touch the frame first: a board dies of a spark that nobody feels.")
        .build();
  }

  private Step drive() {
    return Step.of("out.drive", Stage.BEFORE, "What the old drive is set to")
        .say(
            "Off its display or keypad, before the power goes off; dark, off its plate and papers.")
        .ask(Asked.DRIVE_SETTINGS)
        .mind(Caution.LOOK_ONLY)
        .build();
  }

  private Step module() {
    return Step.of("out.module", Stage.OUT, "Module off")
        .say("Mark module and motor across their joint. Plugs by the latch, never by the wires.")
        .say("Its two or three screws, straight off, then the plug between module and motor.")
        .say("Look inside: a water track or a burnt smell kills the next one the same way.")
        .why("A module on a motor that was not measured dies at once: turn it and measure it now.")
        .ask(Asked.CLOCK.ifKnown())
        .ask(job.hasHousing(), Asked.RAIL)
        .mind(Caution.CAPACITORS)
        .build();
  }

  private Step cassette() {
    return Step.of("out.cassette", Stage.OUT, "Fan out, whole")
        .say("Mark across the joint before it is taken apart. Plugs by the latch.")
        .say("Hold it while the last screws come: it is heavy, and sits on lips.")
        .ask(Asked.SCREWS)
        .ask(Asked.OLD_WIRES)
        .mind(Caution.BENCH)
        .build();
  }

  private void wheel(List<Step> steps) {
    if (job.mount() == null && job.has(Body.MOTOR)) {
      steps.add(
          Step.of("out.mount", Stage.OUT, "How the motor is held")
              .say("What is asked next follows from it.")
              .ask(Asked.MOUNT)
              .build());
    }
    steps.add(position());
    if (job.has(Body.MOTOR) && job.mount() == Mount.BELLY_BAND) {
      steps.add(
          Step.of("out.band", Stage.OUT, "Where the band sits")
              .say(
                  "Measure from the end of the shell at the shaft, and note which way the ears point.")
              .why("The new one hangs at the old height, clear of vents and plugs.")
              .ask(Asked.BAND)
              .ask(Asked.EARS)
              .build());
    } else if (job.has(Body.MOTOR) && (job.mount() == Mount.LUGS || job.mount() == Mount.STUDS)) {
      steps.add(
          Step.of("out.feet", Stage.OUT, "Where its feet sit")
              .say("Which holes, what lies under them, how high.")
              .ask(Asked.FEET)
              .build());
    }
    steps.add(off());
    if (notes.say(Asked.WHEEL.id(), "STUCK")) {
      steps.add(stuck());
    }
    steps.add(clean());
  }

  private Step position() {
    return Step.of(
            "out.depth",
            Stage.OUT,
            job.outdoors()
                ? "Where the blade sits on the shaft"
                : "Where the wheel sits on the shaft")
        .say("Before the set screw is touched.")
        .say(
            job.hasDrive(),
            "On a belt: the sheave instead, its line with the other one, and how tight the belt is.")
        .why(
            "It cannot be read any more once it is off, and a "
                + thing()
                + " at another depth rubs or moves less air.")
        .ask(Asked.DEPTH_SIDE)
        .ask(Asked.DEPTH)
        .ask(!job.outdoors(), Asked.WHEEL_SIDE)
        .ask(job.has(Body.MOTOR), Asked.CLOCK)
        .ask(job.hasHousing(), Asked.RAIL)
        .build();
  }

  private String thing() {
    return job.outdoors() ? "blade" : "wheel";
  }

  private Step off() {
    return Step.of("out.wheel", Stage.OUT, job.outdoors() ? "Blade off" : "Wheel off")
        .say(
            "Loosen the set screw: it must be seen off the flat. Clean the shaft with emery first.")
        .say(job.outdoors(), "Support the motor so that it does not roll or fall; bend no blade.")
        .say(!job.outdoors(), "Straight off, by the hub and not by the blades.")
        .ask(Asked.WHEEL)
        .mind(Caution.BENCH)
        .build();
  }

  private Step stuck() {
    return Step.of("out.stuck", Stage.OUT, "Stuck on its shaft")
        .say("Set screw right out, not only loose. Emery on the bare shaft, penetrating oil, time.")
        .say("A wrench on the shaft’s flat, a second one against it: back and forth, small turns.")
        .say(
            "Then a puller, drawn straight, its bolts beside the set-screw hole and never on it;"
                + " more oil between the pulls.")
        .why(
            "Cracks at the hub, blades that bend, a hub that turns in the wheel: it will not come"
                + " whole. A new wheel is ordered with the motor then, and the motor is cut out.")
        .ask(Asked.STUCK)
        .mind("Eye protection: a hub under a puller can burst.")
        .build();
  }

  private Step clean() {
    return Step.of("out.clean", Stage.OUT, job.outdoors() ? "Clean the blade" : "Clean it now")
        .say(
            job.outdoors()
                ? "Wipe it, look for cracks at the hub, bend nothing."
                : "Wheel, housing and what lies behind: it will never be as easy.")
        .say("Balance weights stay where they are.")
        .why(job.outdoors() ? "" : "A caked wheel moves half the air at the same speed.")
        .build();
  }
}
