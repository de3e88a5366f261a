package variablerotor.core.fitting;

import java.util.List;
import variablerotor.core.check.Caution;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;

/** From the new part in the hand to the closed unit. All of it common practice. */
final class InSteps {
  private final FitCase job;
  private final Notes notes;

  InSteps(FitCase job, Notes notes) {
    this.job = job;
    this.notes = notes;
  }

  void addTo(List<Step> steps) {
    if (job.has(Body.MOTOR)) {
      steps.add(hung());
    }
    if (job.takesWheelOff()) {
      steps.add(wheel());
    }
    if (job.has(Body.FAN)) {
      steps.add(cassette());
    }
    if (job.has(Body.MODULE)) {
      steps.add(module());
    }
    if (job.has(Body.BOARD)) {
      steps.add(board());
    }
    if (job.has(Body.DRIVE)) {
      steps.add(drive());
    }
    if (job.isFixedSpeed()) {
      steps.add(smallParts());
      steps.add(oldPlugs());
    }
    if (job.has(Body.BYPASS)) {
      steps.add(deadEnds());
    }
    mends(steps);
    if (plugsAreTouched()) {
      steps.add(pins());
      steps.add(plugs());
    }
    if (job.way().isWired()) {
      steps.add(wiring());
    }
    if (job.bringsMotor() || job.has(Body.MODULE) || job.has(Body.WHEEL)) {
      steps.add(goesBack());
    }
  }

  private boolean plugsAreTouched() {
    return job.bringsMotor()
        || job.has(Body.MODULE)
        || job.has(Body.BOARD)
        || job.has(Body.HARNESS)
        || job.has(Body.WHEEL);
  }

  private Step hung() {
    Step.Builder step = Step.of("in.hung", Stage.IN, job.outdoors() ? "Motor up" : "Motor in");
    Mount mount = job.mount();
    if (mount == Mount.BELLY_BAND) {
      step.say("Band clear of vent holes, of dimples, of the electronics and the plugs.")
          .say("Ears at the old height; tight, but not so that the shell bends.");
    } else if (mount == Mount.LUGS || mount == Mount.STUDS) {
      step.say("Feet level and even, at the old height; all screws started before one is tight.");
    } else {
      step.say("Held as the old one was, level, clear of vents and plugs.");
    }
    return step.say(
            "Turn it so that the plugs can be reached and point down or sideways, not under a foot.")
        .say(job.outdoors(), "Its low drain hole open, the upper ones closed.")
        .back(notes, Asked.BAND, Asked.EARS, Asked.FEET, Asked.CLOCK)
        .mind(Caution.BENCH)
        .build();
  }

  private Step wheel() {
    boolean renewed = notes.say(Asked.STUCK.id(), "BROKE");
    return Step.of("in.wheel", Stage.IN, job.outdoors() ? "Blade on" : "Wheel on")
        .say(
            renewed,
            "The new one: same diameter, width and bore, and the same side towards the motor; a"
                + " wheel turned round blows backwards.")
        .say("To the noted depth, the set screw on the flat.")
        .say(
            job.outdoors()
                ? "Even gap to the shroud all round; turn it by hand."
                : job.kind() == UnitPlate.Kind.SPLIT_INDOOR
                    ? "An even gap at both ends; turn it by hand."
                    : "Equal gaps to both inlet rings; turn it by hand.")
        .say(
            job.hasDrive(),
            "On a belt: both sheaves in one line by a straightedge, the belt as tight as before.")
        .back(notes, Asked.DEPTH_SIDE, Asked.DEPTH, Asked.WHEEL_SIDE)
        .ask(Asked.TURNS)
        .build();
  }

  private Step cassette() {
    return Step.of("in.cassette", Stage.IN, "Fan in")
        .say("Marks across the joint together; lips and notches engaged, felt by hand all round.")
        .say("All screws started before one is tightened; plastic: the last turns by hand.")
        .back(notes, Asked.SCREWS)
        .ask(Asked.TURNS)
        .mind(Caution.BENCH)
        .build();
  }

  private Step module() {
    return Step.of("in.module", Stage.IN, "Module on")
        .say("The plug between module and motor first, each pin looked at; then straight on, marks")
        .say("together, gasket in its groove, the screws evenly. Turn the shaft: it must be free.")
        .back(notes, Asked.CLOCK)
        .build();
  }

  private Step board() {
    return Step.of("in.board", Stage.IN, "One wire at a time, from the old board to the new")
        .say("Plugs and single wires, each to the terminal of the same name; names may have moved.")
        .say("None is loose when the last one is over. Ground and standoffs as they were.")
        .back(notes, Asked.WIRES)
        .mind("Touch the frame first: a board dies of a spark that nobody feels.")
        .photos(Step.Photos.SHOWN)
        .build();
  }

  private Step drive() {
    return Step.of("in.drive", Stage.IN, "Drive in")
        .say("Line on its input terminals, motor on its output terminals: the other way round")
        .say("destroys it. Ground first; control wires one by one; its air slots free.")
        .back(notes, Asked.WIRES)
        .mind(Caution.CAPACITORS)
        .photos(Step.Photos.SHOWN)
        .build();
  }

  private Step smallParts() {
    return Step.of("in.parts", Stage.IN, "Capacitor and relays")
        .say("On sheet metal that is dry and out of the air’s heat; the capacitor strapped.")
        .say("No new hole where a wire goes without a grommet in it.")
        .why("Exactly the motor’s µF, and volts at least as marked on the motor.")
        .build();
  }

  private Step oldPlugs() {
    return Step.of("in.oldplugs", Stage.IN, "The old motor’s plugs")
        .say("Its line plug stays live: each pin dead-ended and insulated by itself, tied back.")
        .say("So do the plugs of its command: no two pins may touch.")
        .back(notes, Asked.WIRES)
        .mind("What is left open here is live whenever the unit is.")
        .photos(Step.Photos.SHOWN)
        .build();
  }

  private Step deadEnds() {
    return Step.of("in.deadends", Stage.IN, "The drive out of the circuit")
        .say("Motor leads off its output; its supply dead-ended and insulated.")
        .say("Never line on the output of a drive: it destroys it.")
        .mind(Caution.CAPACITORS)
        .photos(Step.Photos.TAKEN)
        .build();
  }

  private void mends(List<Step> steps) {
    if (job.has(Body.HARNESS)) {
      steps.add(
          Step.of("mend.harness", Stage.IN, "The harness")
              .say(
                  "The place that was found: pin, plug, or wire. Same size and kind of wire, crimped.")
              .say(
                  "Pull at each wire: it must hold. Run it where nothing rubs and no water runs down.")
              .ask(Ask.text("mend.harness", "What was mended"))
              .mind(Caution.PINS)
              .photos(Step.Photos.TAKEN)
              .build());
    }
    if (job.has(Body.SUPPLY)) {
      steps.add(
          Step.of("mend.supply", Stage.IN, "The supply")
              .say("What made it fail comes first: a breaker or fuse that went has a cause.")
              .say("Joints cut back to bright metal, tightened as their label says.")
              .ask(Ask.text("mend.supply", "What was mended"))
              .mind(Caution.LOCK_OUT)
              .build());
    }
    if (job.has(Body.COMMAND)) {
      steps.add(
          Step.of("mend.command", Stage.IN, "The call and its supply")
              .say("Thermostat, its wires, the 24 V transformer and what hangs on it, the fuse.")
              .ask(Ask.text("mend.command", "What was mended"))
              .build());
    }
    if (job.has(Body.SETTING)) {
      steps.add(
          Step.of("mend.setting", Stage.SETTINGS, "The setting")
              .say("As the unit’s own literature has it; power off while plugs or links are moved.")
              .ask(Ask.text("mend.setting", "Set from what to what"))
              .mind(Caution.PINS)
              .build());
    }
    if (job.has(Body.AIR_PATH)) {
      steps.add(
          Step.of("mend.air", Stage.IN, "The air path")
              .say(
                  "Filter, coil on its air side, dampers and registers open, nothing before the return.")
              .say("A coil is cleaned along its fins, and dried before power.")
              .ask(Ask.text("mend.air", "What was in the way"))
              .build());
    }
    if (job.way() == Route.REPAIR_OTHER && job.bodies().isEmpty()) {
      steps.add(
          Step.of("mend.other", Stage.IN, "What is mended")
              .say("Nothing is settled by the readings: what was it, and what was done?")
              .ask(Ask.text("mend.other", "What was mended"))
              .build());
    }
  }

  private Step pins() {
    return Step.of("in.pins", Stage.IN, "Look at each pin")
        .say("Both halves of each plug, before they are mated: full height, none pushed back, none")
        .say("widened, none green.")
        .why("One pin pushed back, and the new part stands dead.")
        .ask(Asked.PINS)
        .mind(Caution.PINS)
        .build();
  }

  private Step plugs() {
    return Step.of("in.plugs", Stage.IN, "Plugs and leads")
        .say("Each fits one way only; latched, then pulled at.")
        .say(
            !job.has(Body.BOARD) || job.bringsMotor(),
            "Leads out of the wheel’s way, through the grommet, tied; plugs down, with a drip loop.")
        .say(job.water(), "Water was here: a loop lower than the plug, and the leak mended first.")
        .back(notes, Asked.CLOCK)
        .photos(Step.Photos.SHOWN)
        .build();
  }

  private Step wiring() {
    return Step.of("in.wiring", Stage.IN, "The wiring, by the plan")
        .say("Wire by wire as below; done when every call was run and the ohm checks are seen.")
        .why("Simulation proves the record, not the copper: the ohm checks prove the copper.")
        .mind(Caution.LOCK_OUT)
        .build();
  }

  private Step goesBack() {
    boolean chassis = job.kind() == UnitPlate.Kind.SPLIT_INDOOR;
    return Step.of("in.way", Stage.IN, "Back in, in reverse")
        .say("Touch each as it is back; nothing is left over.")
        .say(
            chassis, "Plastic: the last turns by hand; the pan drains, try it with a cup of water.")
        .say(
            job.hasHousing() && !chassis,
            "Rails and lips engaged, felt by hand. Look on the floor for a screw.")
        .back(notes, Asked.RAIL)
        .lists(Step.Listing.BACK, List.of())
        .build();
  }
}
