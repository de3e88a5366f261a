package variablerotor.core.proof;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * The tap that the air was measured on, and the one to go to.
 *
 * @param now from 1 on
 * @param next null where it stays
 * @param expectedCfm that the next is to give, on the same ducts; null where its torque is not
 *     known
 */
public record Tap(int now, @Nullable Integer next, @Nullable Double expectedCfm) implements Node {

  /** Null where the tap was not read, or the air not judged. */
  static @Nullable Tap of(@Nullable Airflow air, Readings readings, @Nullable Integer taps) {
    Double read = readings.number(ReadingType.TAP);
    if (read == null || air == null) {
      return null;
    }
    int now = read.intValue();
    if (air.state() != Check.State.FAIL) {
      return new Tap(now, null, null);
    }
    boolean low = air.cfm() < air.target().get(0);
    int next = low ? now + 1 : now - 1;
    if (next < 1 || (taps != null && next > taps)) {
      return new Tap(now, null, null);
    }
    return new Tap(now, next, expected(air.cfm(), low, readings));
  }

  /**
   * On one system torque goes with the square of the air, so air with its root (ASHRAE Handbook,
   * HVAC Systems and Equipment, fan laws, from memory).
   */
  private static @Nullable Double expected(double cfm, boolean low, Readings readings) {
    Double share = readings.number(ReadingType.SHARE_NOW);
    Double other = readings.number(ReadingType.SHARE_NEXT);
    // The torque told is that of the tap the other way.
    if (share == null || other == null || (other > share) != low) {
      return null;
    }
    return Numbers.round(cfm * Math.sqrt(other / share), 0);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("now", now);
    if (next != null) {
      tree.put("next", (double) next);
    }
    if (expectedCfm != null) {
      tree.put("expectedCfm", expectedCfm);
    }
    return tree;
  }
}
