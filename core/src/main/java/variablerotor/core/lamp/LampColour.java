package variablerotor.core.lamp;

import org.jspecify.annotations.Nullable;

/**
 * Colours that lamps of boards have. A camera's own balance of colours shifts them, so what lies
 * between two of them has none. Bounds of hue are judgement.
 */
public enum LampColour {
  RED("red", -25, 18),
  AMBER("amber", 26, 64),
  GREEN("green", 85, 175),
  BLUE("blue", 195, 265);

  /** Below this saturation a light is white, or too much for the camera [share]. */
  private static final double COLOURLESS = 0.2;

  private final String title;
  private final double from;
  private final double to;

  LampColour(String title, double from, double to) {
    this.title = title;
    this.from = from;
    this.to = to;
  }

  public String title() {
    return title;
  }

  /**
   * @param light what the lamp adds when it is lit, red, green and blue, in any unit
   * @return null where it is none of them for sure
   */
  static @Nullable LampColour of(double[] light) {
    double hue = hue(light);
    if (Double.isNaN(hue)) {
      return null;
    }
    for (LampColour colour : values()) {
      double turned = hue > 300 ? hue - 360 : hue;
      if (turned >= colour.from && turned <= colour.to) {
        return colour;
      }
    }
    return null;
  }

  /** Hue on the usual circle of six [°]; not a number where there is no colour. */
  static double hue(double[] light) {
    double red = Math.max(0, light[0]);
    double green = Math.max(0, light[1]);
    double blue = Math.max(0, light[2]);
    double most = Math.max(red, Math.max(green, blue));
    double span = most - Math.min(red, Math.min(green, blue));
    if (most <= 0 || span < COLOURLESS * most) {
      return Double.NaN;
    }
    double sixth =
        most == red
            ? (green - blue) / span
            : most == green ? 2 + (blue - red) / span : 4 + (red - green) / span;
    return (60 * sixth + 360) % 360;
  }
}
