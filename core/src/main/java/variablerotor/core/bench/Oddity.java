package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Family;
import variablerotor.core.winding.Ohms;

/**
 * What nobody listed: faults from a list of their own, which the diagnosis knows nothing of. The
 * machine is sound but for what each of them shows. All invented from common practice.
 */
public enum Oddity {
  /** The common of the 24 V side is lost to the motor: the command floats. */
  COMMON_LOST("the 24 V common does not reach the motor", Suspect.HARNESS, Symptom.NO_RUN) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      volts(facts, FactType.COMMAND_VOLTS, 4 + 7 * random.nextDouble());
      word(facts, FactType.RUN_SUBSTITUTE_COMMAND, Answer.RUNS);
    }
  },
  /** A part of another unit is fitted: all measures well, and it does not answer. */
  WRONG_PART("a module of another unit is fitted", Suspect.MODULE, Symptom.NO_RUN) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      flag(facts, FactType.REPLACED_RECENTLY, true);
      word(
          facts,
          FactType.RUN_SUBSTITUTE_COMMAND,
          random.nextBoolean() ? Answer.RUNS : Answer.STILL);
    }
  },
  /** Gnawed insulation: two wires touch, and the command sags. */
  MICE("mice have gnawed the harness", Suspect.HARNESS, Symptom.NO_RUN) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      volts(facts, FactType.COMMAND_VOLTS, 7 + 6 * random.nextDouble());
      volts(facts, FactType.COMMAND_VOLTS_BOARD, 15 + 5 * random.nextDouble());
      volts(facts, FactType.CONTROL_VOLTS_LOADED, 16 + 4 * random.nextDouble());
      word(facts, FactType.RUN_SUBSTITUTE_COMMAND, Answer.RUNS);
    }
  },
  /** A second thermostat in the house keeps calling. */
  SECOND_THERMOSTAT("a second thermostat calls", Suspect.COMMAND, Symptom.RUNS_ALWAYS) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      flag(facts, FactType.THERMOSTAT_CALL, false);
      flag(facts, FactType.CALL_PRESENT, true);
      volts(facts, FactType.COMMAND_VOLTS, 25);
      volts(facts, FactType.COMMAND_VOLTS_BOARD, 25);
      volts(facts, FactType.COMMAND_VOLTS_IDLE, 25);
      volts(facts, FactType.COMMAND_VOLTS_MOTOR_IDLE, 25);
    }
  },
  /** A delay that nobody knew of: the board waits, then runs. */
  DELAY("the board waits out a delay", Suspect.NONE, Symptom.INTERMITTENT) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      boolean over = random.nextBoolean();
      volts(facts, FactType.COMMAND_VOLTS_BOARD, over ? 25 : 0);
      volts(facts, FactType.COMMAND_VOLTS, over ? 25 : 0);
      word(facts, FactType.RUN_SUBSTITUTE_COMMAND, Answer.RUNS);
      word(facts, FactType.RUN_RESEATED, Answer.RUNS);
      flag(facts, FactType.CODE_RETURNS, false);
    }
  },
  /** Two meters on one job: the third pair is read with the leads of the other. */
  TWO_METERS("one pair is read with another meter", Suspect.MODULE, Symptom.NO_RUN) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      ohms(facts, FactType.WINDING_AB, 6);
      ohms(facts, FactType.WINDING_BC, 6);
      ohms(facts, FactType.WINDING_CA, 6.7 + 0.6 * random.nextDouble());
      word(facts, FactType.RUN_SUBSTITUTE_COMMAND, Answer.STILL);
    }
  },
  /** A damper in the duct is shut: an air path that no look at filter and coil finds. */
  DAMPER("a damper in the duct is shut", Suspect.AIR_PATH, Symptom.LOW_AIRFLOW) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      volts(facts, FactType.STATIC_INWC, 0.75 + 0.4 * random.nextDouble());
    }
  },
  /** The wheel stands the wrong way round on its shaft. */
  WHEEL_BACKWARDS("the wheel is fitted the wrong way round", Suspect.WHEEL, Symptom.LOW_AIRFLOW) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      flag(facts, FactType.REPLACED_RECENTLY, true);
      volts(facts, FactType.STATIC_INWC, 0.1);
    }
  },
  /** A band that touches the cabinet hums. */
  BAND_TOUCHES("the mounting band touches the cabinet", Suspect.NONE, Symptom.NOISE) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      word(facts, FactType.SHAFT_SOUND, random.nextBoolean() ? Answer.QUIET : Answer.GRINDS);
    }
  },
  /** A breaker that is tired trips by itself. */
  TIRED_BREAKER("the breaker is tired", Suspect.SUPPLY, Symptom.TRIPS_PROTECTION) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {}
  },
  /** The neutral of a shared circuit works loose. */
  LOOSE_NEUTRAL("a neutral works loose now and then", Suspect.SUPPLY, Symptom.STARTS_THEN_STOPS) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      volts(facts, FactType.CONTROL_VOLTS, 20 + 4 * random.nextDouble());
    }
  },
  /** Another fan on the same board takes its command. */
  PLUGS_SWAPPED("two fans' plugs are swapped", Suspect.HARNESS, Symptom.NO_SPEED_CHANGE) {
    @Override
    void shows(Map<FactType, FactValue> facts, Random random) {
      flag(facts, FactType.REPLACED_RECENTLY, random.nextBoolean());
    }
  };

  private final String spoken;
  private final Suspect sits;
  private final Symptom symptom;

  Oddity(String spoken, Suspect sits, Symptom symptom) {
    this.spoken = spoken;
    this.sits = sits;
    this.symptom = symptom;
  }

  abstract void shows(Map<FactType, FactValue> facts, Random random);

  /** What it shows otherwise than a sound machine. */
  Map<FactType, FactValue> shows(Random random) {
    Map<FactType, FactValue> facts = new EnumMap<>(FactType.class);
    shows(facts, random);
    return facts;
  }

  /** In one sentence's inside. */
  String spoken() {
    return spoken;
  }

  /** The link in which it sits; NONE where it sits in none. */
  Suspect sits() {
    return sits;
  }

  /** What is rightly done about it. */
  Set<Action> remedies() {
    return switch (sits) {
      case HARNESS -> EnumSet.of(Action.REPAIR_HARNESS);
      case MODULE -> EnumSet.of(Action.REPLACE_MODULE, Action.REPLACE_MOTOR, Action.REPLACE_BOARD);
      case COMMAND -> EnumSet.of(Action.REPAIR_COMMAND);
      case AIR_PATH -> EnumSet.of(Action.CLEAR_AIR_PATH);
      case WHEEL -> EnumSet.of(Action.REPAIR_WHEEL);
      case SUPPLY -> EnumSet.of(Action.REPAIR_SUPPLY);
      default -> EnumSet.of(Action.NOTHING);
    };
  }

  /** Those that can come about in this family, with this complaint; none for some. */
  static List<Oddity> of(Family family, Symptom symptom) {
    List<Oddity> list = new ArrayList<>();
    boolean on24 =
        family == Family.CONSTANT_TORQUE
            || family == Family.CONSTANT_AIRFLOW_PARALLEL
            || family == Family.STAGED_CONDENSER;
    boolean module = !family.profile().isReplacedWhole() && !family.profile().hasDrive();
    for (Oddity one : values()) {
      boolean fits =
          switch (one) {
            case COMMON_LOST, MICE, SECOND_THERMOSTAT, DELAY -> on24;
            case WRONG_PART, TWO_METERS -> module;
            default -> true;
          };
      if (fits && one.symptom == symptom) {
        list.add(one);
      }
    }
    return list;
  }

  private static void volts(Map<FactType, FactValue> facts, FactType type, double value) {
    facts.put(type, new FactValue.Quantity(value));
  }

  private static void ohms(Map<FactType, FactValue> facts, FactType type, double value) {
    facts.put(type, new FactValue.Resistance(new Ohms(value)));
  }

  private static void word(Map<FactType, FactValue> facts, FactType type, Answer word) {
    facts.put(type, new FactValue.Choice(word));
  }

  private static void flag(Map<FactType, FactValue> facts, FactType type, boolean value) {
    facts.put(type, new FactValue.Flag(value));
  }
}
