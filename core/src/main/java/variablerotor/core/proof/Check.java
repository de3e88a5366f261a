package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;

/**
 * One thing that a repair must show.
 *
 * @param value what was read or came of it, in the reading's unit; null where it is no number
 * @param limit what it is held against: one number, or the least and the most; empty where there is
 *     none
 * @param leadsTo where a fail comes from, the likeliest first
 * @param asks the readings that it is judged by, as they are named in the open format
 * @param opens the complaint of a new search, on the new part, which a fail opens where what was
 *     changed is right; null where its own causes are all that is looked at
 */
public record Check(
    String id,
    State state,
    @Nullable Double value,
    List<Double> limit,
    String sentence,
    List<String> leadsTo,
    List<String> asks,
    @Nullable Symptom opens)
    implements Node {
  public Check {
    asks = List.copyOf(asks);
    limit = List.copyOf(limit);
    leadsTo = List.copyOf(leadsTo);
  }

  /** How it stands. */
  public enum State {
    PASS,
    FAIL,
    NOT_YET
  }

  static Check pass(String id, String sentence) {
    return new Check(id, State.PASS, null, List.of(), sentence, List.of(), List.of(), null);
  }

  static Check fail(String id, String sentence, String... leadsTo) {
    return new Check(id, State.FAIL, null, List.of(), sentence, List.of(leadsTo), List.of(), null);
  }

  static Check notYet(String id, String sentence) {
    return new Check(id, State.NOT_YET, null, List.of(), sentence, List.of(), List.of(), null);
  }

  Check of(@Nullable Double measured, Double... limits) {
    return new Check(id, state, measured, List.of(limits), sentence, leadsTo, asks, opens);
  }

  Check asking(ReadingType... types) {
    List<String> ids = new ArrayList<>();
    for (ReadingType type : types) {
      ids.add(type.id());
    }
    return asking(ids);
  }

  Check asking(List<String> ids) {
    return new Check(id, state, value, limit, sentence, leadsTo, ids, opens);
  }

  Check opening(Symptom complaint) {
    return new Check(id, state, value, limit, sentence, leadsTo, asks, complaint);
  }

  /** As it is called. */
  public String title() {
    return switch (id) {
      case "rotation" -> "Direction of rotation";
      case "idle" -> "With no call";
      case "defrost" -> "In defrost";
      case "code" -> "No code";
      case "covers" -> "Covers on";
      case "amps" -> "Amps";
      case "airflow" -> "Air";
      case "static" -> "Static pressure";
      case "rise" -> "Rise under heat";
      case "capacitor" -> "Capacitor";
      case "speed" -> "Speed";
      case "aux" -> "10 V out";
      default -> "On " + CallId.valueOf(id.substring(CALL.length())).title();
    };
  }

  /** What the id of a call's check begins with. */
  static final String CALL = "call.";

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("id", id, "title", title(), "state", state);
    if (value != null) {
      tree.put("value", value);
    }
    if (limit.size() == 1) {
      tree.put("limit", limit.get(0));
    } else if (!limit.isEmpty()) {
      tree.put("limit", Tree.plain(limit));
    }
    tree.put("sentence", sentence);
    tree.put("leadsTo", Tree.plain(leadsTo));
    tree.put("asks", Tree.plain(asks));
    if (opens != null) {
      tree.put("opens", opens.name());
    }
    return tree;
  }
}
