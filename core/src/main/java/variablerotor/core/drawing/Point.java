package variablerotor.core.drawing;

/** A place on a drawing: x to the right, y downward. */
public record Point(double x, double y) {
  /** The point at this share of the way to another. */
  public Point towards(Point other, double share) {
    return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
  }

  /** The point so far beside and below it. */
  public Point moved(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }

  /** How far it is to another. */
  public double distance(Point other) {
    return Math.hypot(other.x - x, other.y - y);
  }

  /** A point beside the way to another: at this share of it, then square to it. */
  public Point beside(Point other, double share, double distance) {
    Point at = towards(other, share);
    double length = distance(other);
    return at.moved(-(other.y - y) / length * distance, (other.x - x) / length * distance);
  }
}
