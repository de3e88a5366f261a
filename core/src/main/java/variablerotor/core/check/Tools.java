package variablerotor.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;

/** What a question is answered with, and what a suspect may need; common practice. */
public enum Tools {
  METER("Meter of the right category"),
  LOW_PASS("Meter with a low-pass mode"),
  INSULATION("500 V insulation tester"),
  MANOMETER("Manometer with two tips"),
  DRILL("Drill and coupling"),
  JUMPER("Fused jumper lead"),
  LOCK("Lock and tag"),
  LIGHT("Head lamp"),
  HAND_TOOLS("Nut drivers and screwdrivers"),
  PULLER("Hub puller, emery, oil");

  /** A suspect likelier than this is worth a part in the bag. Judgement. */
  public static final double WORTH_CARRYING = 0.12;

  private final String title;

  Tools(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** What must be at hand to answer this question. */
  public static List<Tools> of(Question question) {
    List<Tools> tools = new ArrayList<>();
    FactType first = question.facts().get(0);
    switch (first) {
      case STATIC_INWC:
        tools.add(MANOMETER);
        break;
      case WINDING_INSULATION:
        tools.add(INSULATION);
        break;
      case DRIVE_OUTPUT_AB:
        tools.add(LOW_PASS);
        break;
      case RUN_SUBSTITUTE_COMMAND:
        tools.add(JUMPER);
        break;
      default:
        if (!first.unit().isEmpty()) {
          tools.add(METER);
        }
    }
    if (first == FactType.EMF_AB) {
      tools.add(DRILL);
    }
    if (question.state() == UnitState.POWER_OFF_COVER_OFF
        || question.state() == UnitState.MODULE_OFF) {
      tools.add(LOCK);
      tools.add(LIGHT);
      tools.add(HAND_TOOLS);
    }
    if (question.state() == UnitState.ON_BENCH) {
      tools.add(LOCK);
      tools.add(PULLER);
    }
    return tools;
  }

  /** Null where nothing need be carried. */
  public static @Nullable String part(Suspect suspect, Family family) {
    switch (suspect) {
      case SUPPLY:
        return "Fuses";
      case COMMAND:
        return "3 A and 5 A low-voltage fuses, a 24 V transformer";
      case HARNESS:
        return "Pins, splices and wire";
      case MODULE:
        return family.profile().spareElectronics();
      case DRIVE:
        return "The drive's bypass links; a drive is ordered";
      case WINDING:
      case BEARING:
        return "A motor of this kind, if the van has one";
      case WHEEL:
        return "Set screw, hub puller";
      case AIR_PATH:
        return "A filter of this size, coil cleaner";
      default:
        return null;
    }
  }
}
