package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest;

/** What the plan of a conversion asks of stock and supply house. */
public final class PlanNeeds {
  /** The control circuit's coils [V], NEMA and unit practice; common practice. */
  private static final double COIL_VOLTS = 24;

  private PlanNeeds() {}

  /**
   * A need for each of the plan's parts.
   *
   * @param motor the shop's number of the motor that was chosen; null where none was
   */
  public static List<Need> of(PlanRequest asked, Plan plan, @Nullable String motor) {
    List<Need> needs = new ArrayList<>();
    for (Plan.Need one : plan.parts()) {
      needs.add(of(asked, plan, one, motor));
    }
    return needs;
  }

  private static Need of(PlanRequest asked, Plan plan, Plan.Need need, @Nullable String motor) {
    PartKind kind = kind(need.type());
    Map<RatingField, Double> ratings = new EnumMap<>(RatingField.class);
    String ask = null;
    switch (kind) {
      case MOTOR -> {
        if (motor != null) {
          return Need.numbered(kind, motor, need.count(), need.need());
        }
        ask = "Choose the motor first: which one goes in decides what is rated for it.";
      }
      case CAPACITOR -> {
        put(ratings, RatingField.MICROFARADS, asked.microfarads());
        put(ratings, RatingField.VOLTS, asked.capacitorVolts());
        if (asked.microfarads() == null) {
          ask = "The microfarads on the new motor's plate say which capacitor.";
        } else if (asked.capacitorVolts() == null) {
          ask = "The capacitor's volts on the new motor's plate say which will do.";
        }
      }
      case RELAY -> {
        ratings.put(RatingField.COIL_VOLTS, COIL_VOLTS);
        put(ratings, RatingField.AMPS, contactAmps(plan));
      }
      case CONTACTOR -> {
        ratings.put(RatingField.COIL_VOLTS, COIL_VOLTS);
        ratings.put(RatingField.POLES, 3.0);
        put(ratings, RatingField.AMPS, asked.amps());
        if (asked.amps() == null) {
          ask = "The motor's amps say what its contacts must carry.";
        }
      }
      case OVERLOAD -> {
        put(ratings, RatingField.AMPS_FROM, asked.amps());
        put(ratings, RatingField.AMPS, asked.amps());
        if (asked.amps() == null) {
          ask = "The amps on the motor's plate say which range.";
        }
      }
      default -> {
        // An adapter is one by its kind.
      }
    }
    return new Need(kind, need.count(), need.need(), null, ratings, ask);
  }

  /** What the plan's relays must carry; the most where they differ. */
  private static @Nullable Double contactAmps(Plan plan) {
    return plan.wiring().parts().stream()
        .filter(one -> one.type() == PartType.RELAY)
        .map(one -> one.contactAmps())
        .filter(Objects::nonNull)
        .max(Comparator.naturalOrder())
        .orElse(null);
  }

  private static void put(
      Map<RatingField, Double> ratings, RatingField field, @Nullable Double value) {
    if (value != null) {
      ratings.put(field, value);
    }
  }

  private static PartKind kind(PartType type) {
    return switch (type) {
      case MOTOR_PSC, MOTOR_3PH -> PartKind.MOTOR;
      case CAPACITOR -> PartKind.CAPACITOR;
      case RELAY -> PartKind.RELAY;
      case CONTACTOR -> PartKind.CONTACTOR;
      case OVERLOAD -> PartKind.OVERLOAD;
      case TRANSFORMER -> PartKind.TRANSFORMER;
      case ADAPTER -> PartKind.ADAPTER;
      default -> PartKind.OTHER;
    };
  }
}
