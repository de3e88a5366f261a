package variablerotor.core.speed;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import variablerotor.core.schematic.Connections;
import variablerotor.core.schematic.Ladder;
import variablerotor.core.schematic.Lit;
import variablerotor.core.schematic.Sheet;
import variablerotor.core.wiring.BeforePower;
import variablerotor.core.wiring.LargeWiring;
import variablerotor.core.wiring.Mend;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Wiring;
import variablerotor.core.wiring.Wirings;

/** How long a wiring takes, call by call, and the search for a mend. Prints figures. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class WiringSpeed {
  private final Wiring large = LargeWiring.of(200, 64);
  private final Wiring small = Wirings.staged();
  private final Wiring wrong = Wirings.shorted();

  @Benchmark
  public Result twoHundredPartsSixtyFourCalls() {
    return Result.of(large);
  }

  @Benchmark
  public Result patternA() {
    return Result.of(small);
  }

  @Benchmark
  public Mend mend() {
    return Mend.of(wrong, Result.of(wrong));
  }

  @Benchmark
  public Sheet ladderOfPatternA() {
    return Ladder.of(small, Lit.dark(small));
  }

  @Benchmark
  public Sheet connectionsOfPatternA() {
    return Connections.of(small, Lit.dark(small));
  }

  @Benchmark
  public Sheet ladderOfTwoHundredParts() {
    return Ladder.of(large, Lit.dark(large));
  }

  @Benchmark
  public Object ohmChecks() {
    return BeforePower.of(small, Result.of(small));
  }

  public static void main(String[] args) throws Exception {
    new Runner(
            new OptionsBuilder()
                .include(WiringSpeed.class.getName())
                .forks(0)
                .warmupIterations(2)
                .warmupTime(TimeValue.seconds(1))
                .measurementIterations(3)
                .measurementTime(TimeValue.seconds(2))
                .build())
        .run();
  }
}
