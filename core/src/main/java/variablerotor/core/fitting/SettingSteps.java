package variablerotor.core.fitting;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Caution;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Rotation;
import variablerotor.core.wiring.PlanRequest.CallId;

/** What the new part is told before it is powered. Common practice where no source is named. */
final class SettingSteps {
  private final FitCase job;
  private final Notes notes;

  SettingSteps(FitCase job, Notes notes) {
    this.job = job;
    this.notes = notes;
  }

  void addTo(List<Step> steps) {
    boolean motor = job.bringsMotor();
    if ((motor || job.has(Body.MODULE)) && mayHaveLink()) {
      steps.add(link());
    }
    if (motor && isTapped()) {
      steps.add(taps());
    }
    if (motor && job.fitted().rotation() == Rotation.REVERSIBLE) {
      steps.add(
          Step.of("set.rotation", Stage.SETTINGS, "Rotation")
              .say(
                  "By its plug or leads, as its sheet has it; as the old one’s, from the shaft end.")
              .ask(Asked.ROTATION)
              .build());
    }
    if ((motor || job.has(Body.MODULE) || job.has(Body.BOARD)) && mayNeedPulses()) {
      steps.add(proofOfSpeed());
    }
    if (isProgrammed()) {
      steps.add(
          Step.of("set.program", Stage.SETTINGS, "Programmed for this unit")
              .say("At the counter by the unit’s model number, or taught by the board.")
              .why("One that is programmed for another unit moves another air.")
              .ask(Asked.PROGRAM)
              .build());
    }
    if (job.has(Body.BOARD)) {
      steps.add(
          Step.of("set.board", Stage.SETTINGS, "Switches and links of the new board")
              .say("As they stood on the old one, by name and not by place.")
              .back(notes, Asked.BOARD_SWITCHES)
              .build());
    }
    if (motor && job.fitted().family() == Family.EC_PLUG_FAN) {
      steps.add(
          Step.of("set.command", Stage.SETTINGS, "Its command")
              .say(
                  "Potentiometer, duty cycle or bus as before; 0 to 10 V DC: more is faster, it starts")
              .say("near 1 V. Several fans in one wall are set alike.")
              .ask(Asked.COMMAND_VOLTS)
              .build());
    }
    if (job.has(Body.DRIVE)) {
      steps.add(
          Step.of("set.drive", Stage.SETTINGS, "Settings of the drive")
              .say(
                  "Volts, amps, Hz and r/min off the plate of the motor that it drives; ramp and speed")
              .say(
                  "limits as before. Its overload by the motor’s plate amps (NEC 430.6(A)(2), from")
              .say("memory).")
              .back(notes, Asked.DRIVE_SETTINGS)
              .build());
    }
    if (job.has(Body.BYPASS)) {
      steps.add(
          Step.of("set.overload", Stage.SETTINGS, "Overload relay")
              .say("Set by the motor’s plate amps, never by the old drive’s (NEC 430.6(A)(2), from")
              .say("memory); trip class and reset as the unit’s literature has them.")
              .build());
    }
  }

  /** Where the plate names one range alone, there is none to set. */
  private boolean mayHaveLink() {
    String volts = job.fitted().volts();
    Family family = job.fitted().family();
    if (volts != null) {
      return volts.contains("/")
          || (family == Family.CONSTANT_AIRFLOW_PARALLEL && volts.equals("115"));
    }
    return family == Family.CONSTANT_TORQUE || family == Family.CONSTANT_AIRFLOW_PARALLEL;
  }

  private Step link() {
    Double line = line(job);
    String here =
        line == null
            ? "The line’s volts are not known: measure them first."
            : "Measured here: " + Math.round(line) + " V.";
    return Step.of("set.link", Stage.SETTINGS, "Voltage link")
        .say("In for 115, out for 208-230, on the usual ones; its own sheet rules.")
        .say(here)
        .why("The wrong way destroys it at the first power.")
        .ask(Asked.LINK)
        .always()
        .build();
  }

  /** A line that was dead when it was measured says nothing of the volts that come. */
  private static @Nullable Double line(FitCase job) {
    Double line = job.lineVolts();
    return line == null || line < FitFigures.LINE_LEAST.value() ? null : line;
  }

  /** What is wrong with the link as it was said to be; null where nothing is. */
  static @Nullable String linkTrouble(FitCase job, Notes notes) {
    Double line = line(job);
    boolean in = notes.say(Asked.LINK.id(), "IN");
    boolean out = notes.say(Asked.LINK.id(), "OUT");
    if (line == null || (!in && !out)) {
      return null;
    }
    if (in && line > FitFigures.LINK_BETWEEN.value()) {
      return "Set for 115 with "
          + Math.round(line)
          + " V here: it is destroyed at the first power. Take the link out as its sheet says.";
    }
    if (out && line > FitFigures.LINK_MOST.value()) {
      return "Set for 208-230 with " + Math.round(line) + " V here: it is not made for that.";
    }
    return out && line < FitFigures.LINK_BETWEEN.value()
        ? "Set for 208-230 with " + Math.round(line) + " V here: it will not run right."
        : null;
  }

  private boolean isTapped() {
    Family family = job.fitted().family();
    return family == Family.CONSTANT_TORQUE || (family == Family.PSC && !job.outdoors());
  }

  private Step taps() {
    boolean torque = job.fitted().family() == Family.CONSTANT_TORQUE;
    Step.Builder step =
        Step.of(
                "set.taps",
                Stage.SETTINGS,
                torque ? "Which tap gets which call" : "Which speed gets which call")
            .say(
                torque
                    ? "Start with a low tap for heat and fan and a high-middle one for cooling; the air"
                        + " decides after that."
                    : "The speeds by name, as in the wiring plan; each other lead capped by itself.")
            .say(torque, "Tap numbers of two makers are not the same air.")
            .back(notes, Asked.WIRES)
            .photos(Step.Photos.SHOWN);
    for (CallId call : job.calls()) {
      step.ask(Asked.tap(call));
    }
    return step.build();
  }

  /** A board that is known to wait for none, or a motor that sends them as before, asks nothing. */
  private boolean mayNeedPulses() {
    if (Boolean.FALSE.equals(job.boardNeedsFeedback()) || job.outdoors()) {
      return false;
    }
    boolean told = Boolean.TRUE.equals(job.boardNeedsFeedback());
    boolean other = job.fitted().family() != job.old() || Steps.fewerWires(notes);
    return told || other || job.has(Body.BOARD);
  }

  private Step proofOfSpeed() {
    return Step.of("set.proof", Stage.SETTINGS, "Proof of speed")
        .say(
            "Does the board stop the unit without a speed signal? Then this motor sends one, or the")
        .say("board’s switch is off.")
        .say(Boolean.TRUE.equals(job.boardNeedsFeedback()), "This board is known to wait for it.")
        .say(
            Boolean.FALSE.equals(job.feedbackCanBeDisabled()),
            "It is known that it cannot be switched off.")
        .why("New motor, runs, then a lock-out for no air: this first.")
        .ask(Asked.SPEED_PROOF)
        .mind(Caution.PINS)
        .build();
  }

  private boolean isProgrammed() {
    Family family = job.fitted().family();
    boolean holds =
        family == Family.CONSTANT_AIRFLOW_PARALLEL || family == Family.CONSTANT_AIRFLOW_SERIAL;
    return holds
        && (job.bringsMotor() || job.has(Body.MODULE) || job.has(Body.BOARD))
        && !Boolean.FALSE.equals(job.fitted().programmed());
  }
}
