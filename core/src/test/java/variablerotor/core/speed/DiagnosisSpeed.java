package variablerotor.core.speed;

import java.util.List;
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
import variablerotor.core.diagnosis.Calls;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.fact.Fact;

/** How long one diagnosis with its next checks takes. Not a test: it prints figures. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class DiagnosisSpeed {
  private static final List<Fact> FACTS =
      Calls.facts(
          "line.volts",
          240,
          "command.volts",
          25,
          "shaft.feel",
          "FREE",
          "connector.look",
          "SEATED",
          "winding.ab",
          22,
          "winding.bc",
          21,
          "winding.ca",
          22);

  /** How many facts are known. */
  @Param({"0", "2", "4", "7"})
  public int facts;

  /** Many causes, or fewer. */
  @Param({"NO_RUN", "STARTS_THEN_STOPS"})
  public Symptom symptom;

  @Benchmark
  public Diagnosis diagnose() {
    return Calls.torque(symptom, FACTS.subList(0, facts));
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
