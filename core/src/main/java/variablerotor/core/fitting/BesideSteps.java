package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.Caution;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Rotation;

/** Old beside new, before anything is mounted. All of it common practice. */
final class BesideSteps {
  private final FitCase job;
  private final Notes notes;

  BesideSteps(FitCase job, Notes notes) {
    this.job = job;
    this.notes = notes;
  }

  void addTo(List<Step> steps) {
    if (!job.bringsNew()) {
      return;
    }
    steps.add(part());
    if (job.bringsMotor()) {
      steps.add(body());
    }
    steps.add(sheets());
    if (job.has(Body.MOTOR)) {
      steps.add(carry());
    }
    if (canBeBenched()) {
      steps.add(bench());
    }
  }

  private Step part() {
    return Step.of("beside.part", Stage.BESIDE, "The right part in the box")
        .say(
            job.bringsMotor(),
            "Number, volts, phases, horsepower, off its own plate and not the box.")
        .say(
            job.has(Body.MODULE), "Number, volts, horsepower, and for which unit it is programmed.")
        .say(job.has(Body.BOARD), "The board’s number and revision, off the board itself.")
        .say(
            job.has(Body.DRIVE),
            "The drive’s number, volts, phases, and amps not below the motor’s.")
        .say(
            job.has(Body.BYPASS),
            "The contactor’s poles, amps and coil volts; the motor’s plate amps within the overload’s"
                + " range.")
        .why("What was fitted is not taken back at the counter.")
        .ask(Asked.PART)
        .photos(Step.Photos.TAKEN)
        .build();
  }

  private Step body() {
    Double before = notes.figure(Asked.OLD_LENGTH.id());
    Double after = notes.figure(Asked.NEW_LENGTH.id());
    boolean longer = before != null && after != null && after > before;
    Double had = job.has(Body.FAN) ? notes.figure(Asked.OLD_WIRES.id()) : null;
    return Step.of("beside.body", Stage.BESIDE, "Lay them side by side")
        .say("Body, shaft diameter, its length and flat, rotation, feet, plugs.")
        .say(
            job.outdoors(),
            "Totally enclosed; shaft up or down as before; drain plugs at its low end.")
        .say(longer, "It is longer: hold it up. Does it clear the inlet ring and the cabinet wall?")
        .say(
            Steps.fewerWires(notes),
            "It has fewer wires than before. What did the missing ones do? Often they brought the"
                + " speed signal: then the board’s proof of speed must be off.")
        .give("Wires at the old plugs", had == null ? null : notes.spoken(Asked.OLD_WIRES))
        .ask(job.has(Body.MOTOR), Asked.OLD_WIRES)
        .ask(Asked.NEW_WIRES)
        .ask(job.has(Body.MOTOR), Asked.OLD_LENGTH)
        .ask(job.has(Body.MOTOR), Asked.NEW_LENGTH)
        .build();
  }

  /** The sheet that is not read is the one with the switch: each answered, none left out. */
  private Step sheets() {
    Step.Builder step =
        Step.of("beside.sheets", Stage.BESIDE, "Read every sheet in the box")
            .say("All of them, to the end; each thing below is looked for in them.")
            .why("The one that is not read is the one with the switch.")
            .always();
    sheetAsks(job).forEach(step::ask);
    return step.build();
  }

  static List<Ask> sheetAsks(FitCase job) {
    List<Ask> asks = new ArrayList<>();
    asks.add(sheet("caution", "Cautions and what voids it"));
    if (job.bringsMotor() || job.has(Body.MODULE)) {
      asks.add(sheet("volts", "Voltage: a link, a switch, a plug"));
    }
    if (job.bringsMotor()) {
      asks.add(sheet("rotation", "Rotation: a plug, leads, a switch"));
      asks.add(sheet("speed", "Speed: taps, a program, a dial"));
    }
    if (job.bringsMotor() || job.has(Body.MODULE) || job.has(Body.BOARD)) {
      asks.add(sheet("proof", "What the board must be told: proof of speed, motor kind"));
    }
    if (job.has(Body.BOARD) || job.has(Body.DRIVE) || job.has(Body.BYPASS)) {
      asks.add(sheet("switches", "Its own switches and settings"));
    }
    return asks;
  }

  private static Ask sheet(String id, String title) {
    return Ask.oneOf(
        "sheet." + id,
        title,
        Ask.word("THERE", "found, will be set"),
        Ask.word("NONE", "read, it has none"));
  }

  private Step carry() {
    return Step.of("beside.carry", Stage.BESIDE, "What is carried over")
        .say(
            job.outdoors()
                ? "Slinger, rain shield, the nuts and spacers of the feet, the old grommet."
                : "Heat shield or plate, brackets, band, the old grommet and its clips.")
        .build();
  }

  /**
   * Where a command can be given at the bench with what a van carries. Not a plug fan: its impeller
   * has no guard there.
   */
  private boolean canBeBenched() {
    Family family = job.fitted().family();
    return job.bringsMotor()
        && (family == Family.CONSTANT_TORQUE
            || family == Family.PSC
            || family == Family.STAGED_CONDENSER);
  }

  private Step bench() {
    Family family = job.fitted().family();
    return Step.of("beside.bench", Stage.BESIDE, "Run it once before it goes up")
        .say(
            "Clamped or strapped, shaft free, link set as its sheet says for the line that is here.")
        .say(
            switch (family) {
              case CONSTANT_TORQUE -> "Line on, then 24 V on one tap to its common.";
              case STAGED_CONDENSER -> "Line on, then 24 V on one stage to its common.";
              default -> "With its capacitor; line to common and one speed, the others capped.";
            })
        .say(
            job.fitted().rotation() == Rotation.SELF_FINDING,
            "Self-finding motors look for their load at their first power: on the bench there is"
                + " none. Where its sheet says so, leave this out.")
        .why("It saves a climb: dead on arrival or backwards is seen down here.")
        .ask(Asked.BENCH)
        .mind(Caution.LIVE)
        .build();
  }
}
