package variablerotor.core.fitting;

import java.util.List;
import variablerotor.core.check.Caution;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Rotation;
import variablerotor.core.motor.UnitPlate.Heating;

/** From the closed unit to a fan that runs on its first call. All of it common practice. */
final class PowerSteps {
  /** Twice 15 s and the stop between [s]. Common practice. */
  private static final int SELF_FINDING = 45;

  private final FitCase job;

  PowerSteps(FitCase job) {
    this.job = job;
  }

  void addTo(List<Step> steps) {
    boolean finds = job.bringsMotor() && job.fitted().rotation() == Rotation.SELF_FINDING;
    steps.add(
        Step.of("on.close", Stage.POWER, "Before power")
            .say("Tools and rags out, the " + (job.outdoors() ? "blade" : "wheel") + " turns free,")
            .say("panels on or the door switch held for the look alone.")
            .say(
                job.way().isWired(),
                "The ohm checks are seen; 24 V alone first, each relay watched.")
            .mind(Caution.LIVE)
            .build());
    steps.add(
        Step.of("on.first", Stage.POWER, "First power, first call")
            .say("Power on, wait for the board’s delay, one call. Stand clear, hand at the switch.")
            .say(
                finds,
                "Self-finding: it turns slowly 10 to 15 s each way, with a stop between, this once."
                    + " Count it before anything is judged.")
            .counts(finds, SELF_FINDING)
            .why(
                job.bringsNew()
                    ? "A new part that tries and gives up opens a new search, on the new part."
                    : "")
            .ask(Asked.FIRST_RUN)
            .mind(Caution.LIVE)
            .build());
    if (job.bringsNew() && job.mayBurnGas()) {
      steps.add(
          Step.of("on.gas", Stage.POWER, "Gas heat after the change")
              .say(
                  job.heats(Heating.GAS)
                      ? "One heat cycle from cold:"
                      : "Where it burns gas, one heat cycle from cold:")
              .say("carbon monoxide in the room and the supply air, with a meter made for it; the")
              .say("flame as the blower starts; the limit.")
              .say("The rise is read when the repair is proved.")
              .why(
                  "Another fan over a burner changes what it burns like, and can void its listing.")
              .ask(Asked.gas(job.heats(Heating.GAS)))
              .mind("Gas is licensed work: where it is not yours, say so and leave it off.")
              .build());
    }
    boolean ends = job.bringsMotor() || job.has(Body.MODULE) || job.has(Body.BOARD);
    if (ends && job.fitted().family() == Family.CONSTANT_AIRFLOW_SERIAL) {
      steps.add(
          Step.of("on.link", Stage.POWER, "The link is back")
              .say("No link fault after a minute; a lamp that flashes the air does so on a call.")
              .ask(Asked.LINK_BACK)
              .build());
    }
    boolean pulses =
        job.fitted().family() == Family.BLDC_FIVE_WIRE
            || Boolean.TRUE.equals(job.boardNeedsFeedback());
    if (pulses && (ends || job.has(Body.HARNESS)) && !job.isFixedSpeed()) {
      steps.add(
          Step.of("on.pulses", Stage.POWER, "The speed signal is back")
              .say("At the board, while it runs: pulses that rise with the speed.")
              .ask(Asked.PULSES_BACK)
              .mind(Caution.LIVE)
              .build());
    }
  }
}
