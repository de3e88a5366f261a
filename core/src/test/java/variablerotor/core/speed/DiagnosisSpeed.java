package variablerotor.core.speed;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;

/** How long one diagnosis with its next checks takes. Not a test: it prints figures. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class DiagnosisSpeed {
  /** A call as far as it has come. */
  public enum Case {
    /** Nothing known yet, the most to choose from. */
    TORQUE_BEGUN(Family.CONSTANT_TORQUE, Symptom.NO_RUN),
    TORQUE_HALFWAY(
        Family.CONSTANT_TORQUE,
        Symptom.NO_RUN,
        "line.volts",
        240,
        "command.volts",
        25,
        "shaft.feel",
        "FREE",
        "connector.look",
        "SEATED"),
    TORQUE_STOPS(Family.CONSTANT_TORQUE, Symptom.STARTS_THEN_STOPS),
    PARALLEL_STOPS(Family.CONSTANT_AIRFLOW_PARALLEL, Symptom.STARTS_THEN_STOPS),
    FIVE_WIRE_BEGUN(Family.BLDC_FIVE_WIRE, Symptom.NO_RUN),
    DRIVE_BEGUN(Family.DRIVE_FED_INDUCTION, Symptom.NO_RUN),
    /** No single cause explains it: every pair of causes is weighed. */
    TWO_FAULTS(Family.CONSTANT_TORQUE, Symptom.NO_RUN, "line.volts", 150, "shaft.feel", "LOCKED");

    final Situation situation;

    Case(Family family, Symptom symptom, Object... facts) {
      situation = Situation.of(family, symptom, Facts.of(Calls.facts(facts)));
    }
  }

  @Param public Case call;

  @Benchmark
  public Diagnosis diagnose() {
    return Engine.diagnose(call.situation);
  }

  public static void main(String[] args) throws Exception {
    new Runner(
            new OptionsBuilder()
                .include(DiagnosisSpeed.class.getName())
                .forks(0)
                .warmupIterations(3)
                .warmupTime(TimeValue.seconds(1))
                .measurementIterations(3)
                .measurementTime(TimeValue.seconds(2))
                .build())
        .run();
  }
}
