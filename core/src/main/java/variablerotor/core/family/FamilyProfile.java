package variablerotor.core.family;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;

/**
 * All that is particular to one family of motors, in one place: what its links are called, which
 * faults it can have, its terminals, where the tips of a meter go, and what follows from its kind.
 * What it does not say is as in every family. A new family is one more of these, its rows of
 * likelihoods and its tests; {@link #of} does not compile while one is missing.
 */
public final class FamilyProfile {
  private final Family family;
  private final Command command;
  private final EnumSet<Fault> faults;
  private final Map<Suspect, String> titles;
  private final Map<Suspect, String> spoken;
  private final List<Terminal> terminals;
  private final Map<FactType, Probe> probes;
  private final boolean threePhase;
  private final boolean made115;
  private final boolean magnets;
  private final boolean holdsAirflow;
  private final boolean replacedWhole;
  private final int polePairs;
  private final String spareElectronics;

  private FamilyProfile(Builder builder) {
    family = builder.family;
    command = builder.command;
    faults = EnumSet.copyOf(builder.faults);
    titles = Collections.unmodifiableMap(builder.titles);
    spoken = Collections.unmodifiableMap(builder.spoken);
    terminals = List.copyOf(builder.terminals);
    probes = Collections.unmodifiableMap(builder.probes);
    threePhase = builder.threePhase;
    made115 = builder.made115;
    magnets = builder.magnets;
    holdsAirflow = builder.holdsAirflow;
    replacedWhole = builder.replacedWhole;
    polePairs = builder.polePairs;
    spareElectronics = builder.spareElectronics;
  }

  /**
   * @throws IllegalArgumentException for a motor that is only ever a replacement
   */
  public static FamilyProfile of(Family family) {
    return switch (family) {
      case CONSTANT_TORQUE -> Profiles.CONSTANT_TORQUE;
      case CONSTANT_AIRFLOW_PARALLEL -> Profiles.CONSTANT_AIRFLOW_PARALLEL;
      case CONSTANT_AIRFLOW_SERIAL -> Profiles.CONSTANT_AIRFLOW_SERIAL;
      case STAGED_CONDENSER -> Profiles.STAGED_CONDENSER;
      case BLDC_FIVE_WIRE -> Profiles.BLDC_FIVE_WIRE;
      case BLDC_THREE_WIRE -> Profiles.BLDC_THREE_WIRE;
      case EC_PLUG_FAN -> Profiles.EC_PLUG_FAN;
      case DRIVE_FED_INDUCTION -> Profiles.DRIVE_FED_INDUCTION;
      case PSC -> throw new IllegalArgumentException(family + " is only ever a replacement");
    };
  }

  /** Whose profile it is. */
  public Family family() {
    return family;
  }

  /** How it is told to run. */
  public Command command() {
    return command;
  }

  /** The faults that it can have. */
  public Set<Fault> faults() {
    return Collections.unmodifiableSet(faults);
  }

  /** Whether a drive makes its speed. */
  public boolean hasDrive() {
    return faults.contains(Fault.DRIVE_DEAD);
  }

  /** Whether a contactor that the call pulls in stands in its line. */
  public boolean hasContactor() {
    return faults.contains(Fault.CONTACTOR_OPEN);
  }

  /** Whether its winding is measured through the wires that lead to it. */
  public boolean isMeasuredThroughWires() {
    return faults.contains(Fault.HARNESS_LEAD);
  }

  /** Whether it is fed by three phases. */
  public boolean isThreePhase() {
    return threePhase;
  }

  /** Whether there are such motors for 115 V. */
  public boolean isMadeFor115() {
    return made115;
  }

  /** Whether its rotor has magnets, so that shorted turns brake it and turning it makes volts. */
  public boolean hasMagnets() {
    return magnets;
  }

  /** Whether it is programmed to hold an airflow, and not only a torque or a speed. */
  public boolean holdsAirflow() {
    return holdsAirflow;
  }

  /** Whether its electronics sit inside, so that the motor is replaced as a whole. */
  public boolean isReplacedWhole() {
    return replacedWhole;
  }

  /** Pole pairs of a usual one. From memory; the plate or its sheet rules. */
  public int polePairs() {
    return polePairs;
  }

  /** What to carry in case its electronics are at fault. */
  public String spareElectronics() {
    return spareElectronics;
  }

  /** Its links from supply to air path. */
  public List<Suspect> links() {
    List<Suspect> links = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      boolean otherElectronics = suspect == (hasDrive() ? Suspect.MODULE : Suspect.DRIVE);
      if (suspect.isLink() && !otherElectronics) {
        links.add(suspect);
      }
    }
    return links;
  }

  /** The links that are drawn: a motor replaced whole is not parted into winding and module. */
  public List<Suspect> stations() {
    List<Suspect> stations = links();
    if (replacedWhole) {
      stations.remove(Suspect.WINDING);
    }
    return stations;
  }

  /** What a link is called over its station: where its part sits decides its name. */
  public String title(Suspect link) {
    return titles.getOrDefault(link, link.title());
  }

  /** A link inside a sentence. */
  public String spoken(Suspect link) {
    return spoken.getOrDefault(link, link.spoken());
  }

  /** In the order in which they are drawn. */
  public List<Terminal> terminals() {
    return terminals;
  }

  /**
   * Where the tips go, by the id of the fact that is read; a fact not read at the motor is not in
   * it.
   */
  public Map<FactType, Probe> probes() {
    return probes;
  }

  static Builder profile(Family family, Command command) {
    return new Builder(family, command);
  }

  /** Puts a profile together. */
  static final class Builder {
    private final Family family;
    private final Command command;
    private final Set<Fault> faults = EnumSet.noneOf(Fault.class);
    private final Map<Suspect, String> titles = new EnumMap<>(Suspect.class);
    private final Map<Suspect, String> spoken = new EnumMap<>(Suspect.class);
    private final List<Terminal> terminals = new ArrayList<>();
    private final Map<FactType, Probe> probes = new EnumMap<>(FactType.class);
    private boolean threePhase;
    private boolean made115;
    private boolean magnets = true;
    private boolean holdsAirflow;
    private boolean replacedWhole;
    private int polePairs = 6;
    private String spareElectronics = "A motor of this kind, if the van has one";

    private Builder(Family family, Command command) {
      this.family = family;
      this.command = command;
    }

    @SafeVarargs
    final Builder canHave(Set<Fault>... groups) {
      Arrays.stream(groups).forEach(faults::addAll);
      return this;
    }

    Builder title(Suspect link, String title) {
      titles.put(link, title);
      return this;
    }

    Builder spoken(Suspect link, String words) {
      spoken.put(link, words);
      return this;
    }

    Builder terminals(Terminal... more) {
      terminals.addAll(List.of(more));
      return this;
    }

    Builder probe(FactType fact, String red, String black) {
      probes.put(fact, new Probe(red, black));
      return this;
    }

    Builder probes(Map<FactType, Probe> more) {
      probes.putAll(more);
      return this;
    }

    Builder threePhase() {
      threePhase = true;
      return this;
    }

    Builder made115() {
      made115 = true;
      return this;
    }

    Builder withoutMagnets() {
      magnets = false;
      return this;
    }

    Builder holdsAirflow() {
      holdsAirflow = true;
      return this;
    }

    Builder replacedWhole() {
      replacedWhole = true;
      return this;
    }

    Builder polePairs(int pairs) {
      polePairs = pairs;
      return this;
    }

    Builder spareElectronics(String what) {
      spareElectronics = what;
      return this;
    }

    FamilyProfile build() {
      return new FamilyProfile(this);
    }
  }
}
