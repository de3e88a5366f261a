package variablerotor.core.circuit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Linear equations with named unknowns, solved by Gaussian elimination with scaled partial pivoting
 * (a textbook method; see any handbook of numerical analysis).
 */
final class LinearSystem {
  /**
   * A pivot below this share of its row counts as none. Chosen here: sixteen decimal digits are
   * carried, and thousandfold cancellation is let pass.
   */
  private static final double NOTHING = 1e-13;

  private final Map<String, Integer> columns = new LinkedHashMap<>();
  private final List<String> names = new ArrayList<>();
  private final List<Map<Integer, Complex>> rows = new ArrayList<>();
  private final List<Complex> right = new ArrayList<>();

  /** An unknown, and the equation that stands for it. */
  void unknown(String name) {
    if (!columns.containsKey(name)) {
      columns.put(name, names.size());
      names.add(name);
      rows.add(new LinkedHashMap<>());
      right.add(Complex.ZERO);
    }
  }

  /** Adds a coefficient to an equation; an unknown that is fixed at zero has none. */
  void add(String equation, String unknown, Complex coefficient) {
    Integer row = columns.get(equation);
    Integer column = columns.get(unknown);
    if (row != null && column != null) {
      rows.get(row).merge(column, coefficient, Complex::plus);
    }
  }

  /** Adds to the right side of an equation. */
  void addRight(String equation, Complex value) {
    Integer row = columns.get(equation);
    if (row != null) {
      right.set(row, right.get(row).plus(value));
    }
  }

  /**
   * @throws SingularNetwork naming an unknown that the equations leave open
   */
  Map<String, Complex> solve() {
    int size = names.size();
    // Plain numbers, real and imaginary parts apart: this is where the time goes.
    double[][] re = new double[size][size + 1];
    double[][] im = new double[size][size + 1];
    fill(re, im);
    for (int column = 0; column < size; column++) {
      int pivot = largest(re, im, column);
      if (Math.hypot(re[pivot][column], im[pivot][column]) < NOTHING) {
        throw new SingularNetwork(names.get(column));
      }
      swap(re, column, pivot);
      swap(im, column, pivot);
      for (int row = column + 1; row < size; row++) {
        eliminate(re, im, row, column);
      }
    }
    return substituted(re, im);
  }

  /** Each equation divided by its largest coefficient, so that pivots can be compared. */
  private void fill(double[][] re, double[][] im) {
    int size = names.size();
    for (int row = 0; row < size; row++) {
      double largest = 0;
      for (Complex coefficient : rows.get(row).values()) {
        largest = Math.max(largest, coefficient.magnitude());
      }
      if (largest == 0) {
        throw new SingularNetwork(names.get(row));
      }
      for (Map.Entry<Integer, Complex> entry : rows.get(row).entrySet()) {
        re[row][entry.getKey()] = entry.getValue().re() / largest;
        im[row][entry.getKey()] = entry.getValue().im() / largest;
      }
      re[row][size] = right.get(row).re() / largest;
      im[row][size] = right.get(row).im() / largest;
    }
  }

  private static int largest(double[][] re, double[][] im, int column) {
    int best = column;
    double most = -1;
    for (int row = column; row < re.length; row++) {
      double square = re[row][column] * re[row][column] + im[row][column] * im[row][column];
      if (square > most) {
        most = square;
        best = row;
      }
    }
    return best;
  }

  private static void swap(double[][] rows, int one, int other) {
    double[] kept = rows[one];
    rows[one] = rows[other];
    rows[other] = kept;
  }

  /** Takes the pivot's row, times a factor, off another, so that its column is gone there. */
  private static void eliminate(double[][] re, double[][] im, int row, int pivot) {
    if (re[row][pivot] == 0 && im[row][pivot] == 0) {
      return;
    }
    Complex factor =
        new Complex(re[row][pivot], im[row][pivot])
            .dividedBy(new Complex(re[pivot][pivot], im[pivot][pivot]));
    re[row][pivot] = 0;
    im[row][pivot] = 0;
    for (int i = pivot + 1; i < re[row].length; i++) {
      re[row][i] -= factor.re() * re[pivot][i] - factor.im() * im[pivot][i];
      im[row][i] -= factor.re() * im[pivot][i] + factor.im() * re[pivot][i];
    }
  }

  private Map<String, Complex> substituted(double[][] re, double[][] im) {
    int size = names.size();
    Complex[] values = new Complex[size];
    Map<String, Complex> solution = new LinkedHashMap<>();
    for (int row = size - 1; row >= 0; row--) {
      Complex sum = new Complex(re[row][size], im[row][size]);
      for (int column = row + 1; column < size; column++) {
        sum = sum.minus(new Complex(re[row][column], im[row][column]).times(values[column]));
      }
      values[row] = sum.dividedBy(new Complex(re[row][row], im[row][row]));
      solution.put(names.get(row), values[row]);
    }
    return solution;
  }
}
