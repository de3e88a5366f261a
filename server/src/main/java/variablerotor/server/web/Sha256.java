package variablerotor.server.web;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 (FIPS 180-4). */
public final class Sha256 {
  private Sha256() {}

  /** Of these bytes, in hexadecimal figures. */
  public static String of(byte[] content) {
    return spoken(digest().digest(content));
  }

  /** For what comes piece by piece. */
  public static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException(never);
    }
  }

  /** As {@link #of} says it. */
  public static String spoken(byte[] sum) {
    return HexFormat.of().formatHex(sum);
  }
}
