package variablerotor.core.route;

/** Whether a way forward can be gone. */
public enum RouteState {
  OPEN,
  /** With what must first be shown or done. */
  CONDITIONAL,
  /** With why. */
  BLOCKED
}
