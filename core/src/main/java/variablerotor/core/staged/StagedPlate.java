package variablerotor.core.staged;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import variablerotor.core.plate.PlateFound.Field;
import variablerotor.core.text.Numbers;

/**
 * What stands on a motor's plate that was made up. Whoever draws it makes it bent, dirty or dark.
 *
 * @param lines as they stand, one below the other
 * @param says what they say, as it would be typed
 */
public record StagedPlate(List<String> lines, Map<Field, String> says) {
  private static final String[] POWERS = {"1/6", "1/4", "1/3", "1/2", "3/4", "1"};
  private static final String[] DECIMALS = {"0.167", "0.25", "0.333", "0.5", "0.75", "1"};
  private static final String[] VOLTS = {"115", "208-230", "230", "277", "460", "115/208-230"};
  private static final String[] SPEEDS = {"825", "1050", "1075", "1100", "1140", "1625"};
  private static final String[] FRAMES = {"48", "48Y", "42Y", "56"};
  private static final String[] FARADS = {"5", "7.5", "10"};

  /** Of a horsepower [W]. */
  private static final double WATTS = 745.7;

  public StagedPlate {
    lines = List.copyOf(lines);
    Map<Field, String> copy = new EnumMap<>(Field.class);
    copy.putAll(says);
    says = Collections.unmodifiableMap(copy);
  }

  /** One of the plates that motors have, its labels before or behind the figures. */
  public static StagedPlate any(Random random) {
    Map<Field, String> says = new EnumMap<>(Field.class);
    List<String> lines = new ArrayList<>();
    int power = random.nextInt(POWERS.length);
    String volts = one(VOLTS, random);
    String phases = volts.equals("460") ? "3" : "1";
    String amps = amps(Double.parseDouble(DECIMALS[power]), volts, random);
    String speed = one(SPEEDS, random);
    String frame = one(FRAMES, random);
    String serial = String.valueOf(2_000_000 + random.nextInt(7_000_000));
    String model = "KX" + (1000 + random.nextInt(8000));
    if (random.nextBoolean()) {
      lines.add("MODEL " + model + "   S/N " + serial);
      lines.add(POWERS[power] + " HP   " + volts + " V   " + phases + " PH   60 HZ");
      lines.add(amps + " A   " + speed + " RPM   FRAME " + frame);
    } else {
      lines.add("MODEL " + model + "   SER " + serial);
      lines.add("HP " + POWERS[power] + "   VOLTS " + volts + "   PH " + phases);
      lines.add("AMPS " + amps + "   RPM " + speed + "   HZ 60   FR " + frame);
    }
    lines.add("INS CL B   AMB 40 C   CONT DUTY");
    if (random.nextBoolean()) {
      String farads = one(FARADS, random);
      lines.add("CAP " + farads + " MFD 370 VAC");
      says.put(Field.MICROFARADS, farads);
      says.put(Field.CAPACITOR_VOLTS, "370");
    }
    says.put(Field.HORSEPOWER, DECIMALS[power]);
    says.put(Field.VOLTS, volts);
    says.put(Field.PHASES, phases);
    says.put(Field.HERTZ, "60");
    says.put(Field.AMPS, amps.endsWith(".0") ? amps.substring(0, amps.length() - 2) : amps);
    says.put(Field.RPM, speed);
    says.put(Field.FRAME, frame);
    says.put(Field.SERIAL, serial);
    says.put(Field.MODEL, model);
    return new StagedPlate(lines, says);
  }

  private static String one(String[] of, Random random) {
    return of[random.nextInt(of.length)];
  }

  /** Between a very good motor and a poor one of that power, with one place behind the point. */
  private static String amps(double horsepower, String volts, Random random) {
    int first = 0;
    while (first < volts.length() && Character.isDigit(volts.charAt(first))) {
      first++;
    }
    double line = Double.parseDouble(volts.substring(0, first)) * (volts.equals("460") ? 1.73 : 1);
    double drawn = WATTS * horsepower * (1.4 + 1.4 * random.nextDouble()) / line + 0.05;
    String plain = Numbers.plain(drawn, 1);
    return plain.indexOf('.') < 0 ? plain + ".0" : plain;
  }
}
