package variablerotor.core.code;

/**
 * One tap along with a lamp.
 *
 * @param down when the key went down [s]
 * @param up when it came up [s]
 * @param lamp 0 for the first key, 1 for the second
 */
public record Press(double down, double up, int lamp) {
  public Press {
    if (!(down >= 0) || !(up >= down) || lamp < 0 || lamp > 1) {
      throw new IllegalArgumentException("down and up in seconds, up not before down, lamp 0 or 1");
    }
  }

  double held() {
    return up - down;
  }
}
