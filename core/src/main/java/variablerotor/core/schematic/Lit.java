package variablerotor.core.schematic;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Finding;
import variablerotor.core.wiring.Moment;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/** What is lit in a drawing: conductors under voltage, contacts that have moved, what runs. */
public final class Lit {
  private final Wiring wiring;
  private final Wiring.@Nullable Call call;
  private final @Nullable Moment moment;
  private final Set<Integer> live = new HashSet<>();
  private final Set<Terminal> bad = new HashSet<>();

  private Lit(Wiring wiring, Wiring.@Nullable Call call, @Nullable Moment moment) {
    this.wiring = wiring;
    this.call = call;
    this.moment = moment;
    Conductors conductors = Conductors.of(wiring);
    if (moment != null) {
      moment.live().forEach(one -> live.add(conductors.of(one)));
    }
  }

  /** Nothing is: as on paper, at rest. */
  public static Lit dark(Wiring wiring) {
    return new Lit(wiring, null, null);
  }

  /** As it stands at one moment of a call. */
  public static Lit at(Wiring wiring, Wiring.Call call, Moment moment) {
    return new Lit(wiring, call, moment);
  }

  /** The same, with what is found wrong marked where it shows. */
  public Lit marking(List<Finding> findings) {
    findings.stream().filter(Finding::stops).forEach(one -> bad.addAll(one.at()));
    return this;
  }

  /** The same, with these terminals marked. */
  public Lit marking(Set<Terminal> terminals) {
    bad.addAll(terminals);
    return this;
  }

  boolean isBad(Terminal terminal) {
    return bad.contains(terminal);
  }

  boolean isLive(int conductor) {
    return live.contains(conductor);
  }

  /** Whether a contact lets through now; nothing is said of it while no call is shown. */
  boolean isBridged(Branch branch) {
    boolean rest = branch.symbol() == Symbol.CLOSED_CONTACT;
    Part part = wiring.part(branch.part());
    if (call == null || moment == null || part == null) {
      return false;
    }
    return switch (part.type()) {
      case OUTPUT -> call.on().contains(part.call());
      case CONTACT -> rest != call.on().contains(part.when());
      case RELAY, CONTACTOR -> rest != moment.relays().contains(part.id());
      case ADAPTER -> branch.to().name().equals(moment.outputs().get(part.id()));
      default -> rest;
    };
  }

  /** Whether a coil holds or a motor's lead is fed. */
  boolean isOn(Branch branch) {
    if (moment == null) {
      return false;
    }
    return switch (branch.symbol()) {
      case COIL -> moment.relays().contains(branch.part());
      case MOTOR -> moment.fed().contains(branch.from()) || moment.fed().contains(branch.to());
      default -> false;
    };
  }
}
