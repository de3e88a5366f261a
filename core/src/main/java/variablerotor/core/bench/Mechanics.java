package variablerotor.core.bench;

import java.util.Random;
import variablerotor.core.fact.Answer;
import variablerotor.core.family.Fault;

/** Shaft, bearings, wheel and air of a simulated motor. */
final class Mechanics {
  private static final Answer[] FEEL = {Answer.FREE, Answer.COGGING, Answer.STIFF, Answer.LOCKED};

  private final HiddenFault hidden;
  private final Windings.Drag drag;
  private final boolean ice;
  private final double speed;
  private final double healthyStatic;
  private final double chance;
  private final double blemish;

  /**
   * @param ice whether too little air, from whatever cause, has iced the coil
   */
  Mechanics(HiddenFault hidden, Windings.Drag drag, boolean ice, Random random) {
    this.hidden = hidden;
    this.ice = ice;
    this.drag = drag;
    speed = 8 + 10 * random.nextDouble();
    healthyStatic = 0.15 + 0.3 * random.nextDouble() + (random.nextDouble() < 0.08 ? 0.2 : 0);
    chance = random.nextDouble();
    blemish = random.nextDouble();
  }

  private boolean has(Fault fault) {
    return hidden.has(fault);
  }

  /**
   * How it turns by hand.
   *
   * @param module whether the electronics are still joined to the leads
   * @param wheel whether the wheel is on
   * @param warm right after it quit
   */
  Answer feel(boolean module, boolean wheel, boolean warm) {
    double s = hidden.severity();
    int worst = rub(wheel);
    if (module && has(Fault.MODULE_OUTPUT_SHORTED)) {
      worst = Math.max(worst, s > 0.9 ? 3 : s > 0.6 ? 2 : 1);
    }
    if (warm && has(Fault.BEARING_WARM)) {
      worst = Math.max(worst, s > 0.7 ? 3 : 2);
    }
    if (warm && has(Fault.WINDING_WARM_SHORT)) {
      worst = Math.max(worst, s > 0.7 ? 2 : 1);
    }
    return FEEL[Math.max(worst, brake())];
  }

  /** At a crawl a brake made by current lets go, or nearly. */
  Answer slowFeel() {
    boolean currents = has(Fault.MODULE_OUTPUT_SHORTED) || drag.shorted() > 0.6;
    return FEEL[Math.max(rub(true), currents && chance > 0.8 ? 1 : 0)];
  }

  /** What rubs or is stuck, whatever the speed. */
  private int rub(boolean wheel) {
    double s = hidden.severity();
    int worst = 0;
    if (has(Fault.BEARING_SEIZED)) {
      worst = s < 0.1 ? 2 : 3;
    }
    if (has(Fault.BEARING_DRAG)) {
      worst = Math.max(worst, chance < 0.15 && wheel ? 1 : 2);
    }
    if (has(Fault.BEARING_NOISY) && s > 0.75) {
      worst = Math.max(worst, 2);
    }
    if (wheel && has(Fault.WHEEL_JAMMED)) {
      worst = Math.max(worst, s < 0.2 ? 2 : 3);
    }
    if (wheel && has(Fault.WHEEL_RUBBING) && s > 0.5) {
      worst = Math.max(worst, 2);
    }
    return worst;
  }

  /** Shorted turns brake a rotor that is turned, the more the more of them. */
  private int brake() {
    // An induction motor has no magnets: turned by hand, its shorted winding has nothing to brake.
    if (!hidden.family().profile().hasMagnets()) {
      return 0;
    }
    return drag.shorted() <= 0 ? 0 : drag.shorted() > 0.85 ? 3 : drag.shorted() > 0.45 ? 2 : 1;
  }

  /** Back-EMF of two leads at one steady speed [V]; star, phases 120 degrees apart. */
  double emf(int one, int two) {
    if (one == drag.open() || two == drag.open()) {
      return 0;
    }
    double speed = has(Fault.MAGNETS_WEAK) ? 0.4 * this.speed : this.speed;
    double a = share(one);
    double b = share(two);
    return speed * Math.sqrt(a * a + b * b + a * b);
  }

  private double share(int phase) {
    boolean concerned = phase == drag.phase() || phase == drag.second();
    return concerned ? 1 - drag.shorted() : 1;
  }

  Answer dirt() {
    return has(Fault.WHEEL_DIRTY) || blemish > 0.45 && blemish < 0.55 ? Answer.DIRTY : Answer.CLEAN;
  }

  /** Turned with the three leads joined. */
  Answer joined() {
    boolean open = drag.open() >= 0 && chance < 0.6;
    return has(Fault.MAGNETS_WEAK) || open ? Answer.FREE : Answer.DRAGS;
  }

  Answer sound() {
    if (has(Fault.BEARING_NOISY)) {
      return Answer.GRINDS;
    }
    if (has(Fault.BEARING_DRAG) || has(Fault.BEARING_SEIZED)) {
      return chance < 0.6 ? Answer.GRINDS : Answer.QUIET;
    }
    boolean wheel = has(Fault.WHEEL_RUBBING) || has(Fault.WHEEL_JAMMED);
    boolean loose = has(Fault.WHEEL_LOOSE) && chance < 0.4;
    return (wheel && chance < 0.9) || loose ? Answer.SCRAPES : Answer.QUIET;
  }

  Answer wheel() {
    if (has(Fault.WHEEL_JAMMED)) {
      return Answer.JAMMED;
    }
    if (has(Fault.WHEEL_LOOSE)) {
      return Answer.LOOSE_ON_SHAFT;
    }
    return has(Fault.WHEEL_RUBBING) || blemish < 0.01 ? Answer.RUBBING : Answer.CLEAR;
  }

  Answer air() {
    if (has(Fault.AIR_BLOCKED)) {
      return chance < 0.55
          ? Answer.FILTER_BLOCKED
          : chance < 0.8 ? Answer.COIL_BLOCKED : Answer.COIL_FROZEN;
    }
    return ice ? Answer.COIL_FROZEN : blemish > 0.95 ? Answer.FILTER_BLOCKED : Answer.CLEAR;
  }

  double staticInwc() {
    if (has(Fault.WHEEL_LOOSE)) {
      return 0.08;
    }
    if (has(Fault.WHEEL_DIRTY) || has(Fault.SETTING_ROTATION)) {
      return chance < 0.7 ? 0.1 : healthyStatic;
    }
    // What stands outside the cabinet raises it; a filter or coil inside lowers it.
    if (has(Fault.DUCTS_BLOCKED) || (has(Fault.AIR_BLOCKED) && chance < 0.35)) {
      return 0.62 + 0.6 * hidden.severity();
    }
    return has(Fault.AIR_BLOCKED) ? 0.14 - 0.1 * hidden.severity() : healthyStatic;
  }
}
