package variablerotor.core.motor;

import java.util.Map;
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

  /** Seen from the shaft end. */
  public enum Rotation {
    CW,
    CCW,
    REVERSIBLE,
    SELF_FINDING
  }

  /** How it is held. */
  public enum Mount {
    BELLY_BAND,
    LUGS,
    STUDS,
    CASSETTE
  }

  /** How it is closed against its surroundings. */
  public enum Enclosure {
    OPEN,
    TOTALLY_ENCLOSED
  }

  /** Only the family known, and perhaps the volts. */
  public static MotorPlate of(Family family, String volts) {
    return new MotorPlate(
        family,
        null,
        volts,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        Connection.UNKNOWN);
  }

  /** The same motor with what is known of its module. */
  public MotorPlate withModule(Boolean removable, Boolean soldAlone) {
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
        removable,
        soldAlone,
        programmed,
        connection);
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
}
