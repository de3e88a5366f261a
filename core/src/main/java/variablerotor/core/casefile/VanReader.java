package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.van.VanRequest;
import variablerotor.core.van.VanRequest.Installed;
import variablerotor.core.van.VanRequest.Stocked;

/** From a plain tree to what a van is planned for; every fault is told with its path. */
public final class VanReader {
  private static final int MOST_SLOTS = 60;
  private static final int MOST_MOTORS = 5000;
  private static final int MOST_CANDIDATES = 500;

  /** Failures of one kind of motor that a shop can meet [1/year]. */
  private static final double MOST_A_YEAR = 1e6;

  private static final double MOST_MONEY = 1e7;

  private final List<InputFault> faults = Fields.faults();

  private VanReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static VanRequest read(Object tree) throws InputFaults {
    return told(tree).document();
  }

  /**
   * The same, and the fields that nobody knows.
   *
   * @throws InputFaults with every fault found
   */
  public static Told<VanRequest> told(Object tree) throws InputFaults {
    VanReader reader = new VanReader();
    VanRequest document = reader.request(tree);
    return new Told<>(document, Fields.unknownOf(reader.faults));
  }

  private VanRequest request(Object tree) throws InputFaults {
    Fields root = Document.root(tree, "a van", VanRequest.FORMAT, VanRequest.VERSION, faults);
    Integer slots = root.whole("slots", 1, MOST_SLOTS);
    if (!root.has("slots")) {
      root.fault("slots", "found nothing; required is a whole number from 1 to " + MOST_SLOTS);
    }
    List<Installed> motors = new ArrayList<>();
    for (Fields one : entries(root, "motors", MOST_MOTORS)) {
      motors.add(motor(one));
    }
    List<Stocked> candidates = new ArrayList<>();
    for (Fields one : entries(root, "candidates", MOST_CANDIDATES)) {
      Candidate candidate = CaseReader.candidate(one, faults);
      candidates.add(new Stocked(candidate, one.number("price", 0, MOST_MONEY)));
    }
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new VanRequest(slots == null ? 1 : slots, motors, candidates);
  }

  /** The objects of a list, each with an id that no other has. */
  private List<Fields> entries(Fields root, String field, int most) {
    List<Fields> entries = new ArrayList<>();
    List<?> list = root.list(field);
    if (!root.has(field) || list.size() > most) {
      root.fault(field, "found " + list.size() + "; required is a list of at most " + most);
      return entries;
    }
    Set<String> seen = new HashSet<>();
    for (int at = 0; at < list.size(); at++) {
      Fields one = Fields.entry(list.get(at), field + "[" + at + "]", faults);
      if (one != null) {
        String id = one.text("id", 100);
        if (id != null && !seen.add(id)) {
          one.fault("id", "found \"" + id + "\" twice; each needs one of its own");
        }
        entries.add(one);
      }
    }
    return entries;
  }

  private static Installed motor(Fields one) {
    String id = one.text("id", 100);
    if (id == null || id.isBlank()) {
      one.fault("id", "found nothing; required is a text");
    }
    Double perYear = one.number("perYear", 0, MOST_A_YEAR);
    if (!one.has("perYear")) {
      one.fault("perYear", "found nothing; required is how many fail in a year");
    }
    @Nullable Family family = one.word("family", Family.values());
    return new Installed(
        id == null ? "" : id,
        perYear == null ? 0 : perYear,
        family,
        CaseReader.plateFields(one, family == null ? Family.PSC : family));
  }
}
