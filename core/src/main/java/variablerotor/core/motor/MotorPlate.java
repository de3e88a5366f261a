package variablerotor.core.motor;

import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.Connection;

/**
 * What is known of a motor, from its plate and its sheet. All but the family may be null: not
 * known.
 *
 * @param family the kind of motor
 * @param horsepower rated output [hp]
 * @param volts rated volts as on the plate, such as "115" or "208-230"
 * @param phases of the line, 1 or 3
 * @param hertz of the line [Hz]
 * @param rpm rated speed [r/min]
 * @param fullLoadAmps [A]
 * @param frame frame size, such as "48"
 * @param shaftDiameterIn [in]
 * @param shaftLengthIn [in]
 * @param bodyLengthIn [in]
 * @param speedTaps number of speed taps
 * @param feedback whether it sends a speed signal
 * @param moduleRemovable whether the module comes off the motor
 * @param moduleSoldAlone whether the module can be bought without the motor
 * @param programmed whether it is programmed for one unit model
 * @param connection star, delta or unknown
 */
public record MotorPlate(
    Family family,
    @Nullable Double horsepower,
    @Nullable String volts,
    @Nullable Integer phases,
    @Nullable Double hertz,
    @Nullable Double rpm,
    @Nullable Double fullLoadAmps,
    @Nullable String frame,
    @Nullable Double shaftDiameterIn,
    @Nullable Double shaftLengthIn,
    @Nullable Double bodyLengthIn,
    @Nullable Rotation rotation,
    @Nullable Mount mount,
    @Nullable Enclosure enclosure,
    @Nullable Integer speedTaps,
    @Nullable Boolean feedback,
    @Nullable Boolean moduleRemovable,
    @Nullable Boolean moduleSoldAlone,
    @Nullable Boolean programmed,
    @Nullable Connection connection)
    implements Node {

  public MotorPlate {
    connection = connection == null ? Connection.UNKNOWN : connection;
  }

  /** Unknown where it was not said. */
  @Override
  public Connection connection() {
    return Objects.requireNonNull(connection);
  }

  /** Seen from the shaft end. */
  public enum Rotation {
    CW("Clockwise"),
    CCW("Counter-clockwise"),
    REVERSIBLE("Reversible"),
    SELF_FINDING("Finds it itself");

    private final String title;

    Rotation(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** How it is held. */
  public enum Mount {
    BELLY_BAND("Belly band"),
    LUGS("Lugs"),
    STUDS("Studs"),
    CASSETTE("Cassette");

    private final String title;

    Mount(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** How it is closed against its surroundings. */
  public enum Enclosure {
    OPEN("Open"),
    TOTALLY_ENCLOSED("Totally enclosed");

    private final String title;

    Enclosure(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** Only the family known, and perhaps the volts. */
  public static MotorPlate of(Family family, @Nullable String volts) {
    return of(family).volts(volts).build();
  }

  /** Of this family, with what is known of it to be added. */
  public static Builder of(Family family) {
    return new Builder(family);
  }

  /** The same motor, with something else to be said of it. */
  public Builder but() {
    return copied(new Builder(family));
  }

  /** The same plate on a motor of this kind. */
  public MotorPlate as(Family other) {
    return copied(new Builder(other)).build();
  }

  private Builder copied(Builder same) {
    same.horsepower = horsepower;
    same.volts = volts;
    same.phases = phases;
    same.hertz = hertz;
    same.rpm = rpm;
    same.fullLoadAmps = fullLoadAmps;
    same.frame = frame;
    same.shaftDiameterIn = shaftDiameterIn;
    same.shaftLengthIn = shaftLengthIn;
    same.bodyLengthIn = bodyLengthIn;
    same.rotation = rotation;
    same.mount = mount;
    same.enclosure = enclosure;
    same.speedTaps = speedTaps;
    same.feedback = feedback;
    same.moduleRemovable = moduleRemovable;
    same.moduleSoldAlone = moduleSoldAlone;
    same.programmed = programmed;
    same.connection = connection();
    return same;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "family",
        family,
        "horsepower",
        horsepower,
        "volts",
        volts,
        "phases",
        phases,
        "hertz",
        hertz,
        "rpm",
        rpm,
        "fullLoadAmps",
        fullLoadAmps,
        "frame",
        frame,
        "shaftDiameterIn",
        shaftDiameterIn,
        "shaftLengthIn",
        shaftLengthIn,
        "bodyLengthIn",
        bodyLengthIn,
        "rotation",
        rotation,
        "mount",
        mount,
        "enclosure",
        enclosure,
        "speedTaps",
        speedTaps,
        "feedback",
        feedback,
        "moduleRemovable",
        moduleRemovable,
        "moduleSoldAlone",
        moduleSoldAlone,
        "programmed",
        programmed,
        "connection",
        connection);
  }

  /** Puts a plate together; what is not said, or is null, is not known. */
  public static final class Builder {
    private final Family family;
    private @Nullable Double horsepower;
    private @Nullable String volts;
    private @Nullable Integer phases;
    private @Nullable Double hertz;
    private @Nullable Double rpm;
    private @Nullable Double fullLoadAmps;
    private @Nullable String frame;
    private @Nullable Double shaftDiameterIn;
    private @Nullable Double shaftLengthIn;
    private @Nullable Double bodyLengthIn;
    private @Nullable Rotation rotation;
    private @Nullable Mount mount;
    private @Nullable Enclosure enclosure;
    private @Nullable Integer speedTaps;
    private @Nullable Boolean feedback;
    private @Nullable Boolean moduleRemovable;
    private @Nullable Boolean moduleSoldAlone;
    private @Nullable Boolean programmed;
    private Connection connection = Connection.UNKNOWN;

    private Builder(Family family) {
      this.family = family;
    }

    /** Rated output [hp]. */
    public Builder horsepower(@Nullable Double given) {
      horsepower = given;
      return this;
    }

    /** The rating as the plate has it, such as {@code "208-230"} [V]. */
    public Builder volts(@Nullable String given) {
      volts = given;
      return this;
    }

    /** Of the line: 1 or 3. */
    public Builder phases(@Nullable Integer given) {
      phases = given;
      return this;
    }

    /** Rated frequency [Hz]. */
    public Builder hertz(@Nullable Double given) {
      hertz = given;
      return this;
    }

    /** Rated or top speed [rpm]. */
    public Builder rpm(@Nullable Double given) {
      rpm = given;
      return this;
    }

    /** Full-load current [A]. */
    public Builder fullLoadAmps(@Nullable Double given) {
      fullLoadAmps = given;
      return this;
    }

    /** Frame designation, such as {@code "48Y"}. */
    public Builder frame(@Nullable String given) {
      frame = given;
      return this;
    }

    /** Shaft diameter [in]. */
    public Builder shaftDiameterIn(@Nullable Double given) {
      shaftDiameterIn = given;
      return this;
    }

    /** Shaft length [in]. */
    public Builder shaftLengthIn(@Nullable Double given) {
      shaftLengthIn = given;
      return this;
    }

    /** Body length without the shaft [in]. */
    public Builder bodyLengthIn(@Nullable Double given) {
      bodyLengthIn = given;
      return this;
    }

    /** Which way it turns. */
    public Builder rotation(@Nullable Rotation given) {
      rotation = given;
      return this;
    }

    /** How it is held. */
    public Builder mount(@Nullable Mount given) {
      mount = given;
      return this;
    }

    /** Open or closed. */
    public Builder enclosure(@Nullable Enclosure given) {
      enclosure = given;
      return this;
    }

    /** How many speed taps it has. */
    public Builder speedTaps(@Nullable Integer given) {
      speedTaps = given;
      return this;
    }

    /** Whether it sends a speed signal. */
    public Builder feedback(@Nullable Boolean given) {
      feedback = given;
      return this;
    }

    /** Whether the module comes off the motor. */
    public Builder moduleRemovable(@Nullable Boolean given) {
      moduleRemovable = given;
      return this;
    }

    /** Whether the module can be bought without the motor. */
    public Builder moduleSoldAlone(@Nullable Boolean given) {
      moduleSoldAlone = given;
      return this;
    }

    /** Whether it holds a program for its unit. */
    public Builder programmed(@Nullable Boolean given) {
      programmed = given;
      return this;
    }

    /** Star, delta or unknown. */
    public Builder connection(@Nullable Connection given) {
      connection = given == null ? Connection.UNKNOWN : given;
      return this;
    }

    /** The plate; what was never given is not known. */
    public MotorPlate build() {
      return new MotorPlate(
          family,
          horsepower,
          volts,
          phases,
          hertz,
          rpm,
          fullLoadAmps,
          frame,
          shaftDiameterIn,
          shaftLengthIn,
          bodyLengthIn,
          rotation,
          mount,
          enclosure,
          speedTaps,
          feedback,
          moduleRemovable,
          moduleSoldAlone,
          programmed,
          connection);
    }
  }
}
