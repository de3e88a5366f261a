package variablerotor.core.wiring;

import java.util.List;

/** Kinds of parts. */
public enum PartType {
  LINE_240("Line, 240 V", "SRC"),
  LINE_120("Line, 120 V", "SRC"),
  LINE_3PH("Line, three phases", "SRC"),
  TRANSFORMER("Transformer, 24 V", "TR"),
  OUTPUT("Output of the board", "O"),
  CONTACT("Contact of the board", "DF"),
  RELAY("Relay", "K"),
  CONTACTOR("Contactor", "CT"),
  OVERLOAD("Overload relay", "OL"),
  MOTOR_PSC("Motor with capacitor", "M"),
  MOTOR_3PH("Motor, three phases", "M"),
  CAPACITOR("Run capacitor", "CAP"),
  ADAPTER("Adapter board", "AD"),
  JOINT("Cap or joint", "J");

  private final String title;
  private final String mark;

  PartType(String title, String mark) {
    this.title = title;
    this.mark = mark;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /**
   * The first name of its kind that no part has: relays and outputs are numbered from the first.
   */
  public String free(List<Part> parts) {
    boolean numbered = this == RELAY || this == OUTPUT;
    int n = numbered ? 1 : 0;
    String name = numbered ? mark + n : mark;
    while (isTaken(name, parts)) {
      n++;
      name = mark + n;
    }
    return name;
  }

  private static boolean isTaken(String name, List<Part> parts) {
    return parts.stream().anyMatch(one -> one.id().equals(name));
  }

  /** Whether it brings line voltage. */
  public boolean isLine() {
    return this == LINE_240 || this == LINE_120 || this == LINE_3PH;
  }

  /** The terminals at which it brings line voltage; none for what brings none. */
  public List<String> poles() {
    return switch (this) {
      case LINE_240 -> List.of("L1", "L2");
      case LINE_120 -> List.of("L1", "N");
      case LINE_3PH -> List.of("L1", "L2", "L3");
      default -> List.of();
    };
  }

  /** Between the poles of a line [V]: ANSI C84.1 nominal, from memory; none for what is no line. */
  double lineVolts() {
    return switch (this) {
      case LINE_240 -> 240;
      case LINE_120 -> 120;
      case LINE_3PH -> 208;
      default -> 0;
    };
  }

  /** Whether it turns. */
  public boolean isMotor() {
    return this == MOTOR_PSC || this == MOTOR_3PH;
  }

  /**
   * Whether a terminal is of a pole or a tap that most wirings leave alone, so that it need not be
   * shown while nothing goes to it: a relay's later poles, a contactor's third, an adapter's taps.
   */
  public boolean isSpare(String terminal) {
    char last = terminal.charAt(terminal.length() - 1);
    return switch (this) {
      case RELAY -> last >= '2' && last <= '4';
      case CONTACTOR -> last == '3';
      case ADAPTER -> terminal.length() == 2 && terminal.charAt(0) == 'T';
      default -> false;
    };
  }

  /** Whether a coil of its own moves its contacts. */
  public boolean hasCoil() {
    return this == RELAY || this == CONTACTOR;
  }
}
