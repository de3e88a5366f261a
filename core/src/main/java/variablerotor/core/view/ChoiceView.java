package variablerotor.core.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.choice.Conversion;
import variablerotor.core.choice.Dials;
import variablerotor.core.choice.Market;
import variablerotor.core.choice.Options;
import variablerotor.core.choice.RouteCost;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Turn;
import variablerotor.core.job.Job;
import variablerotor.core.match.Match;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * All that a choice stands on: every way with its costs over the years, what turns the ranking, and
 * the motors that might be fitted.
 *
 * @param recommended null until it is settled what is to be done, or where no way is open
 * @param why it comes first
 * @param loan what to lend meanwhile; null where nothing need be
 * @param lines of ways that can be gone and of which all figures are known
 * @param missing figures that costs over the years wait for, as the market calls them
 * @param conversion null where the fixed-speed way is blocked
 * @param lost with a fixed speed, in watts and money; null where either is not known
 */
public record ChoiceView(
    List<CallView.WayView> ways,
    @Nullable Route recommended,
    @Nullable String why,
    @Nullable String loan,
    Market market,
    List<String> missing,
    List<Options.BreakEven> breakEven,
    List<Line> lines,
    List<Turn> turns,
    List<Fit> motors,
    @Nullable Conversion conversion,
    @Nullable Lost lost)
    implements Node {

  public ChoiceView {
    ways = List.copyOf(ways);
    missing = List.copyOf(missing);
    breakEven = List.copyOf(breakEven);
    lines = List.copyOf(lines);
    turns = List.copyOf(turns);
    motors = List.copyOf(motors);
  }

  /**
   * What a way has cost after each year, from none on.
   *
   * @param costs [currency]
   */
  public record Line(Route route, List<Double> costs) implements Node {
    public Line {
      costs = List.copyOf(costs);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("route", route, "costs", costs);
    }
  }

  /** A motor that the shop can get, against the one that stood here, on the way it would go. */
  public record Fit(ShopMotor motor, Route route, Match match) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("motor", motor, "route", route, "match", match);
    }
  }

  /**
   * What the fixed speed takes more than another way.
   *
   * @param watts [W]
   * @param perYear [currency]
   */
  public record Lost(Route against, double watts, double perYear) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("against", against, "watts", watts, "perYear", perYear);
    }
  }

  /** Where no life is said, lines are drawn as far as this [years]. */
  private static final int USUAL_LINE = 10;

  /** The choice as it stands on a call, or as it would at other figures. */
  public static ChoiceView of(Job job, Dials dials) {
    Options options = Options.of(job.options().basis(), dials.turn(job.options().market()));
    Market market = options.market();
    return new ChoiceView(
        options.routes().stream().map(one -> CallView.way(one, job)).toList(),
        options.recommended(),
        options.ranking().why(),
        options.ranking().loan(),
        market,
        missing(options),
        options.breakEven(),
        lines(options),
        Turn.of(options),
        fits(job, options),
        options.conversion(),
        lost(options));
  }

  private static List<String> missing(Options options) {
    Market market = options.market();
    List<String> missing = new ArrayList<>();
    boolean noWatts =
        options.routes().stream()
            .anyMatch(
                one ->
                    one.firstCost() != null
                        && one.watts() == null
                        && one.way().route().keepsVariableSpeed());
    if (noWatts && options.basis().all().running().variableWatts() == null) {
      missing.add("variableWatts");
    }
    if (market.energyPerKwh() == null) {
      missing.add("energyPerKwh");
    }
    if (market.fanHoursPerYear() == null) {
      missing.add("fanHoursPerYear");
    }
    if (market.airflowCfm() == null) {
      missing.add("airflowCfm");
    }
    if (market.yearsAhead() == null) {
      missing.add("yearsAhead");
    }
    return missing;
  }

  private static List<Line> lines(Options options) {
    Double ahead = options.market().yearsAhead();
    int years = ahead == null ? USUAL_LINE : Math.max(1, (int) Math.ceil(ahead));
    List<Line> lines = new ArrayList<>();
    for (RouteCost one : options.routes()) {
      if (one.way().state() == RouteState.BLOCKED) {
        continue;
      }
      List<Double> costs = new ArrayList<>();
      for (int year = 0; year <= years; year++) {
        Double cost = one.after(year);
        if (cost != null) {
          costs.add(cost);
        }
      }
      if (!costs.isEmpty()) {
        lines.add(new Line(one.way().route(), costs));
      }
    }
    return lines;
  }

  private static List<Fit> fits(Job job, Options options) {
    List<Fit> fits = new ArrayList<>();
    for (ShopMotor motor : job.motors()) {
      fits.add(new Fit(motor, motor.route(), options.basis().match(motor.candidate())));
    }
    fits.sort((a, b) -> a.match().state().compareTo(b.match().state()));
    return fits;
  }

  private static @Nullable Lost lost(Options options) {
    RouteCost fixed = options.route(Route.FIXED_SPEED);
    Double more = fixed.watts();
    Double cost = fixed.energyPerYear();
    if (options.conversion() == null || more == null || cost == null) {
      return null;
    }
    for (RouteCost one : options.routes()) {
      Double watts = one.watts();
      Double energy = one.energyPerYear();
      if (one.way().route().keepsVariableSpeed() && watts != null && energy != null) {
        return new Lost(one.way().route(), more - watts, cost - energy);
      }
    }
    return null;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "ways", ways,
        "recommended", recommended,
        "why", why,
        "loan", loan,
        "market", market,
        "missing", missing,
        "breakEven", breakEven,
        "lines", lines,
        "turns", turns,
        "motors", motors,
        "conversion", conversion,
        "lost", lost);
  }
}
