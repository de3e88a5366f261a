package variablerotor.core.chain;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.signal.Family;

/** The stations of each family, from supply to air path. */
public final class Chain {
  private Chain() {}

  /** In order; every suspect of the family but {@link Suspect#NONE}. */
  public static List<Suspect> of(Family family) {
    List<Suspect> stations = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      boolean drive = family == Family.DRIVE_FED_INDUCTION;
      boolean left =
          suspect == Suspect.NONE
              || (suspect == Suspect.DRIVE && !drive)
              || (suspect == Suspect.MODULE && drive);
      if (!left) {
        stations.add(suspect);
      }
    }
    return stations;
  }

  /** What is drawn: a motor with its electronics inside is not parted into winding and module. */
  public static List<Suspect> stations(Family family) {
    List<Suspect> stations = of(family);
    if (family.isReplacedWhole()) {
      stations.remove(Suspect.WINDING);
    }
    return stations;
  }

  /** A suspect inside a sentence, by where its part sits in this family. */
  public static String spoken(Family family, Suspect suspect) {
    boolean controller = family == Family.EC_PLUG_FAN || family == Family.DRIVE_FED_INDUCTION;
    if (suspect == Suspect.COMMAND && controller) {
      return "the call or the controller";
    }
    if (suspect == Suspect.MODULE) {
      switch (family) {
        case BLDC_FIVE_WIRE:
          return "the motor's electronics";
        case BLDC_THREE_WIRE:
          return "the board's driver";
        case EC_PLUG_FAN:
          return "the fan's electronics";
        default:
      }
    }
    return suspect.spoken();
  }

  /** What a station is called on this family's chain: where its part sits decides its name. */
  public static String title(Family family, Suspect station) {
    switch (family) {
      case BLDC_FIVE_WIRE:
        return station == Suspect.SUPPLY
            ? "DC bus"
            : station == Suspect.MODULE ? "Motor electronics" : station.title();
      case BLDC_THREE_WIRE:
        return station == Suspect.MODULE
            ? "Board's driver"
            : station == Suspect.COMMAND ? "Call" : station.title();
      case EC_PLUG_FAN:
        return station == Suspect.COMMAND
            ? "Controller"
            : station == Suspect.MODULE ? "Fan electronics" : station.title();
      case DRIVE_FED_INDUCTION:
        return station == Suspect.COMMAND
            ? "Controller"
            : station == Suspect.WINDING ? "Motor windings" : station.title();
      case CONSTANT_AIRFLOW_SERIAL:
        return station == Suspect.HARNESS ? "Serial cable" : station.title();
      case STAGED_CONDENSER:
        return station == Suspect.SUPPLY ? "Contactor, defrost" : station.title();
      default:
        return station.title();
    }
  }
}
