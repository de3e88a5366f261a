package variablerotor.server.account;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.server.web.Sha256;

/**
 * What wrong tries to sign in are counted under. Common practice; how many are free, and for how
 * long a count holds, is chosen here.
 *
 * <p>A device on which the account signed in before has a count of its own, and no other: nobody
 * elsewhere can keep a technician out of the telephone that he works with. All others share three:
 * the name at their address, the name wherever it is tried, and their address whatever name is
 * tried there, so that neither many addresses nor many names make guessing cheap.
 *
 * @param login {@value #ANY} for whatever name
 * @param address {@value #ANY} for wherever
 * @param free so many wrong tries cost no wait
 * @param held for how long after the last try the count stands
 */
record TryCounter(String login, String address, int free, Duration held)
    implements Comparable<TryCounter> {
  /** No name and no address is written so. */
  static final String ANY = "*";

  static final int FREE = 5;
  static final int FREE_ANYWHERE = 15;

  private static final Duration DAY = Duration.ofDays(1);
  private static final Duration HOUR = Duration.ofHours(1);

  /** Of IPv6 whoever has one address has the whole network of it: RFC 6177, section 2. */
  private static final int NETWORK_BYTES = 8;

  /** Of a device that is known to be this account's. */
  static List<TryCounter> ofDevice(String login, String device) {
    return List.of(new TryCounter(login, "device " + device.substring(0, 32), FREE, DAY));
  }

  /** Of whoever is signed in and says the password once more. */
  static List<TryCounter> ofSession(String login) {
    return List.of(new TryCounter(login, "signed in", FREE, DAY));
  }

  /**
   * Of everybody else; in an order that is the same for all, as each is held until the end.
   *
   * @param freeAtAddress wrong tries that cost an address no wait, whatever the name
   */
  static List<TryCounter> ofStranger(String login, String address, int freeAtAddress) {
    String from = network(address);
    return List.of(
            new TryCounter(login, from, FREE, DAY),
            new TryCounter(login, ANY, FREE_ANYWHERE, HOUR),
            new TryCounter(ANY, from, freeAtAddress, HOUR))
        .stream()
        .sorted()
        .toList();
  }

  /** Whether a right password ends it: of those that others add to it only takes back its own. */
  boolean isOwn() {
    return !login.equals(ANY) && !address.equals(ANY);
  }

  @Override
  public int compareTo(TryCounter other) {
    int names = login.compareTo(other.login);
    return names == 0 ? address.compareTo(other.address) : names;
  }

  /** The address as it is counted. */
  static String network(@Nullable String address) {
    String given = address == null ? "" : address;
    if (!given.contains(":")) {
      return given;
    }
    try {
      // A text with colons is never looked up.
      byte[] bytes = InetAddress.getByName(given).getAddress();
      return bytes.length <= NETWORK_BYTES
          ? InetAddress.getByAddress(bytes).getHostAddress()
          : "net " + Sha256.spoken(Arrays.copyOf(bytes, NETWORK_BYTES));
    } catch (UnknownHostException odd) {
      return given.length() > 60 ? given.substring(0, 60) : given;
    }
  }
}
