package variablerotor.core.bench;

import java.util.Random;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;

/**
 * What stands round a fault on a real call: boards of every kind, what a complaint brings with it,
 * and a plate that may be unread.
 *
 * @param tripped whether the breaker is out when the technician comes
 * @param lockedOut whether the board has given up, and taken its command away
 * @param dutyCycle whether the board gives a duty cycle
 * @param ownWindow whether this unit has a window of its own, beside the usual one
 * @param nobodyAsks whether the call is over while the fan still runs
 * @param ice whether too little air has iced the coil
 * @param plateUnread whether the motor's plate was not read beforehand
 * @param plateLegible whether it can be read at all
 * @param moduleAlone whether the module comes off and is sold alone
 * @param plateTells whether the plate says so beforehand
 */
record Effects(
    boolean tripped,
    boolean lockedOut,
    boolean dutyCycle,
    boolean ownWindow,
    boolean nobodyAsks,
    boolean ice,
    boolean plateUnread,
    boolean plateLegible,
    boolean moduleAlone,
    boolean plateTells) {

  /** Nothing besides the fault, as on a bench: for practice, and for tests of one rule. */
  static final Effects NONE =
      new Effects(false, false, false, false, false, false, false, true, true, true);

  /** As calls are. All shares are judgement. */
  static Effects draw(HiddenFault hidden, Random random) {
    Symptom symptom = hidden.symptom();
    boolean stops =
        symptom == Symptom.STARTS_THEN_STOPS
            || symptom == Symptom.INTERMITTENT
            || symptom == Symptom.CODE_BUT_RUNS;
    boolean proves =
        hidden.family() == Family.CONSTANT_AIRFLOW_PARALLEL
            || hidden.family() == Family.BLDC_FIVE_WIRE;
    double locks = stops ? 0.25 : proves && symptom == Symptom.NO_RUN ? 0.04 : 0;
    boolean wholeMotor = hidden.family() == Family.CONSTANT_TORQUE;
    return new Effects(
        symptom == Symptom.TRIPS_PROTECTION && random.nextDouble() < 0.3,
        random.nextDouble() < locks,
        hidden.family() == Family.CONSTANT_AIRFLOW_PARALLEL && random.nextDouble() < 0.12,
        random.nextDouble() < 0.08,
        symptom == Symptom.RUNS_ALWAYS && random.nextDouble() < 0.5,
        symptom == Symptom.LOW_AIRFLOW && random.nextDouble() < 0.1,
        random.nextDouble() < 0.2,
        random.nextDouble() < 0.8,
        random.nextDouble() < (wholeMotor ? 0.25 : 0.7),
        random.nextDouble() < 0.5);
  }
}
