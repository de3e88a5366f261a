package variablerotor.core.circuit;

/**
 * A complex number: an impedance [Ω], or the phasor of a voltage [V] or current [A] (effective
 * value).
 */
public record Complex(double re, double im) {
  public static final Complex ZERO = new Complex(0, 0);
  public static final Complex ONE = new Complex(1, 0);

  /** A number with no imaginary part: a resistance [Ω], a phasor in phase with the reference. */
  public static Complex real(double value) {
    return new Complex(value, 0);
  }

  /**
   * @param degrees ahead of the reference [°]
   */
  public static Complex polar(double magnitude, double degrees) {
    double angle = Math.toRadians(degrees);
    return new Complex(magnitude * Math.cos(angle), magnitude * Math.sin(angle));
  }

  /** Sum. */
  public Complex plus(Complex other) {
    return new Complex(re + other.re, im + other.im);
  }

  /** Difference. */
  public Complex minus(Complex other) {
    return new Complex(re - other.re, im - other.im);
  }

  /** Product. */
  public Complex times(Complex other) {
    return new Complex(re * other.re - im * other.im, re * other.im + im * other.re);
  }

  /**
   * @throws ArithmeticException for zero as divisor
   */
  public Complex dividedBy(Complex other) {
    double square = other.re * other.re + other.im * other.im;
    if (square == 0) {
      throw new ArithmeticException("division by zero");
    }
    return new Complex(
        (re * other.re + im * other.im) / square, (im * other.re - re * other.im) / square);
  }

  /** Its length: the effective value of a phasor. */
  public double magnitude() {
    return Math.hypot(re, im);
  }

  /** Whether both parts are nought. */
  public boolean isZero() {
    return re == 0 && im == 0;
  }
}
