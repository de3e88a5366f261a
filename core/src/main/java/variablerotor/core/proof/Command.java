package variablerotor.core.proof;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * The command that a plug fan runs on, and the one to go to for its air. Air goes with the speed
 * (ASHRAE Handbook, HVAC Systems and Equipment, fan laws, from memory), and the speed about with
 * the command (common practice; the fan's own table rules).
 *
 * @param now [V DC]
 * @param next [V DC]; null where it stays, or where no command gives that much
 * @param expectedCfm at the next, on the same ducts [cfm]; null where there is none
 */
public record Command(double now, @Nullable Double next, @Nullable Double expectedCfm)
    implements Node {
  /** Below this a fan stands, above the most there is no more [V DC]. Common practice. */
  private static final double LEAST = 1;

  private static final double MOST = 10;

  /** Null where it was not read, or the air is not judged. */
  static @Nullable Command of(@Nullable Airflow air, Readings readings) {
    Double now = readings.number(ReadingType.COMMAND);
    if (now == null || air == null || now < LEAST) {
      return null;
    }
    if (air.state() != Check.State.FAIL) {
      return new Command(now, null, null);
    }
    double wanted = (air.target().get(0) + air.target().get(1)) / 2;
    double next = Numbers.round(now * wanted / air.cfm(), 1);
    boolean reached = next >= LEAST && next <= MOST;
    return reached
        ? new Command(now, next, Numbers.round(air.cfm() * next / now, 0))
        : new Command(now, null, null);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("now", now);
    if (next != null) {
      tree.put("next", next);
      tree.put("expectedCfm", expectedCfm);
    }
    return tree;
  }
}
