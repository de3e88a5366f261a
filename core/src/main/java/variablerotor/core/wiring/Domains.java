package variablerotor.core.wiring;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What each terminal belongs to: the line, 24 V, ground, or the start winding's own circle. */
final class Domains {
  /** What must never meet on one conductor. */
  enum Domain {
    LINE,
    CONTROL,
    GROUND,
    START
  }

  private final Board board;
  private final Map<Integer, Set<Domain>> byNet = new LinkedHashMap<>();

  Domains(Board board) {
    this.board = board;
    for (int at = 0; at < board.terminals.size(); at++) {
      Domain own = own(board.terminals.get(at));
      if (own != null) {
        of(at).add(own);
      }
    }
    // Contacts are of whatever stands on one side of them.
    boolean more = true;
    while (more) {
      more = false;
      for (Part part : board.parts) {
        more |= part.type() == PartType.RELAY ? poles(part) : contact(part);
      }
    }
  }

  private boolean poles(Part relay) {
    boolean more = false;
    for (int pole = 1; pole <= 4; pole++) {
      int common = board.at(relay, "COM" + pole);
      more |= share(common, board.at(relay, "NO" + pole));
      more |= share(common, board.at(relay, "NC" + pole));
    }
    return more;
  }

  private boolean contact(Part part) {
    return part.type() == PartType.CONTACT && share(board.at(part, "1"), board.at(part, "2"));
  }

  private boolean share(int one, int other) {
    if (one < 0 || other < 0) {
      return false;
    }
    boolean more = of(one).addAll(of(other));
    return of(other).addAll(of(one)) || more;
  }

  private Set<Domain> of(int terminal) {
    return byNet.computeIfAbsent(board.wired.of(terminal), any -> EnumSet.noneOf(Domain.class));
  }

  private @Nullable Domain own(Terminal terminal) {
    int at = board.at(terminal);
    Part part = at < 0 ? null : board.part(at);
    if (part == null) {
      return null;
    }
    String name = terminal.name();
    if (board.isGround(at)) {
      return Domain.GROUND;
    }
    return switch (part.type()) {
      case LINE_120, LINE_240, LINE_3PH, MOTOR_3PH -> Domain.LINE;
      case MOTOR_PSC -> name.startsWith("CAP") ? Domain.START : Domain.LINE;
      case CAPACITOR -> Domain.START;
      case TRANSFORMER -> name.startsWith("H") ? Domain.LINE : Domain.CONTROL;
      case OUTPUT -> Domain.CONTROL;
      case OVERLOAD -> name.startsWith("9") ? Domain.CONTROL : Domain.LINE;
      case CONTACTOR -> isCoil(name) ? coil(part) : Domain.LINE;
      case RELAY -> isCoil(name) ? coil(part) : null;
      case ADAPTER ->
          name.startsWith("T") || name.equals("C") || name.equals("R")
              ? Domain.CONTROL
              : Domain.LINE;
      case CONTACT, JOINT -> null;
    };
  }

  private static boolean isCoil(String name) {
    return name.equals("A") || name.equals("B");
  }

  private static @Nullable Domain coil(Part part) {
    return Loads.isControl(part) ? Domain.CONTROL : null;
  }

  /** What a conductor belongs to; where several meet, what is not to be overlooked. */
  Conductors.Kind kind(int conductor) {
    Set<Domain> its = of(conductor);
    return its.contains(Domain.GROUND)
        ? Conductors.Kind.GROUND
        : its.contains(Domain.LINE) || its.contains(Domain.START)
            ? Conductors.Kind.LINE
            : its.contains(Domain.CONTROL) ? Conductors.Kind.CONTROL : Conductors.Kind.OTHER;
  }

  /** Whether a terminal belongs to 24 V. */
  boolean isControl(Terminal terminal) {
    int at = board.at(terminal);
    return at >= 0 && of(at).contains(Domain.CONTROL);
  }

  /** Whether a wire between these two joins what must not meet. */
  boolean parts(Terminal one, Terminal other) {
    Set<Domain> met = EnumSet.noneOf(Domain.class);
    for (Terminal each : List.of(one, other)) {
      // A joint that no wire goes to is nowhere.
      if (board.at(each) >= 0) {
        met.addAll(of(board.at(each)));
      }
    }
    if (met.size() < 2) {
      return false;
    }
    boolean hookup =
        met.equals(EnumSet.of(Domain.LINE, Domain.START))
            && (isHookup(one, other) || isHookup(other, one));
    return !hookup;
  }

  /** A capacitor to the common of a motor whose second capacitor lead is that common. */
  private boolean isHookup(Terminal capacitor, Terminal common) {
    Part part = board.wiring.part(capacitor.part());
    Part motor = board.wiring.part(common.part());
    return part != null
        && motor != null
        && part.type() == PartType.CAPACITOR
        && motor.type() == PartType.MOTOR_PSC
        && motor.capacitorCommon()
        && common.name().equals("COM");
  }
}
