package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Where another way comes first, one figure moved and all others left as they are.
 *
 * @param dial the figure
 * @param at its value there, in its own unit
 * @param above whether above that value, or below it
 * @param to the way that then comes first
 */
public record Turn(Dial dial, double at, boolean above, Route to) implements Node {

  /** A figure on which the ranking may turn. */
  public enum Dial {
    /** [currency] */
    PART_PRICE(5000),
    /** [h] */
    LABOUR_HOURS(20),
    /** [currency/h] */
    LABOUR_PER_HOUR(500),
    /** [currency/kWh] */
    ENERGY_PER_KWH(2),
    /** [h] */
    FAN_HOURS(8784),
    /** Years that the unit is to last yet. */
    YEARS(25);

    /** As far as it is looked. */
    private final double most;

    Dial(double most) {
      this.most = most;
    }

    private @Nullable Double now(Market market, Options options) {
      Route first = options.recommended();
      return switch (this) {
        case PART_PRICE -> first == null ? null : options.route(first).partPrice();
        case LABOUR_HOURS -> first == null ? null : hours(market, options.route(first));
        case LABOUR_PER_HOUR -> market.labourPerHour();
        case ENERGY_PER_KWH -> market.energyPerKwh();
        case FAN_HOURS -> market.fanHoursPerYear();
        case YEARS -> market.yearsAhead();
      };
    }

    private static @Nullable Double hours(Market market, RouteCost cost) {
      Double rate = market.labourPerHour();
      Double labour = cost.labour();
      return rate == null || labour == null || rate == 0 ? null : (Double) (labour / rate);
    }

    private Dials set(double value, @Nullable Route first) {
      return switch (this) {
        case PART_PRICE -> new Dials(null, null, null, null, first, value, null);
        case LABOUR_HOURS -> new Dials(null, null, null, null, first, null, value);
        case LABOUR_PER_HOUR -> new Dials(null, null, null, value, null, null, null);
        case ENERGY_PER_KWH -> new Dials(value, null, null, null, null, null, null);
        case FAN_HOURS -> new Dials(null, value, null, null, null, null, null);
        case YEARS -> new Dials(null, null, value, null, null, null, null);
      };
    }
  }

  /** So many steps from where a figure is to as far as it is looked. */
  private static final int STEPS = 60;

  /** Halvings of the step in which it turns. */
  private static final int HALVINGS = 30;

  /**
   * The nearest turn of each figure, upwards and downwards; price and hours are the first way's.
   */
  public static List<Turn> of(Options options) {
    List<Turn> turns = new ArrayList<>();
    Route first = options.recommended();
    if (first == null) {
      return turns;
    }
    for (Dial dial : Dial.values()) {
      Double now = dial.now(options.market(), options);
      if (now != null) {
        add(turns, options, dial, now, 0);
        add(turns, options, dial, now, Math.max(dial.most, 3 * now));
      }
    }
    return turns;
  }

  private static void add(List<Turn> turns, Options options, Dial dial, double now, double end) {
    Route first = options.recommended();
    double near = now;
    for (int i = 1; i <= STEPS; i++) {
      double far = now + (end - now) * i / STEPS;
      if (there(options, dial, far, first) != first) {
        for (int halving = 0; halving < HALVINGS; halving++) {
          double middle = (near + far) / 2;
          if (there(options, dial, middle, first) == first) {
            near = middle;
          } else {
            far = middle;
          }
        }
        Route to = there(options, dial, far, first);
        if (to != null) {
          turns.add(new Turn(dial, far, end > now, to));
        }
        return;
      }
      near = far;
    }
  }

  private static @Nullable Route there(
      Options options, Dial dial, double value, @Nullable Route first) {
    return Options.first(options.basis(), dial.set(value, first).turn(options.market()));
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("dial", dial, "at", at, "above", above, "to", to);
  }
}
