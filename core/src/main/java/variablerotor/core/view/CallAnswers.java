package variablerotor.core.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.Fields;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.choice.Dials;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.LogDocument;
import variablerotor.core.job.Saves;
import variablerotor.core.job.Saves.Save;
import variablerotor.core.job.Shop;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a device asks of a call that it holds as a log: worked out here as the server works it out.
 * The shop is said once and holds for every call after it, as it can be large.
 */
public final class CallAnswers {
  private static final double MOST = 1e9;
  private static final int LONGEST = 200;

  private @Nullable Shop shop;

  /**
   * From now on calls are worked out with this.
   *
   * @param tree as {@link Shop#tree} makes it
   * @throws InputFaults with every fault found
   */
  public Map<String, Object> shop(Object tree) throws InputFaults {
    // Where the new one does not read, the old one does not stand in for it.
    shop = null;
    shop = Shop.read(tree);
    return Map.of();
  }

  /**
   * A call, whole, with what waits on the device.
   *
   * @param tree {@code log} as the server has it or {@code opened} where none has seen it, {@code
   *     saves} that wait, and the day {@code today}
   * @throws InputFaults with every fault found, and before the shop is said
   */
  public Map<String, Object> call(Object tree) throws InputFaults {
    return shown(CallView.of(job(tree)));
  }

  /**
   * Its choice, as it stands or would stand.
   *
   * @param tree as for {@link #call}, and {@code dials}
   * @throws InputFaults with every fault found, and before the shop is said
   */
  public Map<String, Object> choice(Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Dials dials = dials(new Fields(map(tree), "", faults).object("dials"));
    hold(faults);
    return shown(ChoiceView.of(job(tree), dials));
  }

  /**
   * What the customer is shown of it.
   *
   * @param tree as for {@link #call}, and {@code priced}, the day on which the shop was read
   * @throws InputFaults with every fault found, and before the shop is said
   */
  public Map<String, Object> sheet(Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields asked = new Fields(map(tree), "", faults);
    LocalDate today = asked.date("today");
    LocalDate priced = asked.date("priced");
    hold(faults);
    CallView call = CallView.of(job(tree));
    LocalDate day = Objects.requireNonNull(today);
    return shown(WaysSheet.of(call, day, priced == null ? day : priced));
  }

  /**
   * What stands on the unit's label; nothing where nothing that it could say was done.
   *
   * @param tree as for {@link #call}, and {@code fitted}, the day on which the last of it was done
   * @throws InputFaults with every fault found, and before the shop is said
   */
  public Map<String, Object> label(Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields asked = new Fields(map(tree), "", faults);
    LocalDate fitted = asked.date("fitted");
    if (fitted == null) {
      asked.fault("fitted", "found nothing; it must be said");
    }
    hold(faults);
    UnitLabel label = UnitLabel.of(job(tree), Objects.requireNonNull(fitted));
    return label == null ? Map.of() : shown(label);
  }

  /** As over a wire: what is not said is left out. */
  @SuppressWarnings("unchecked")
  private static Map<String, Object> shown(Node view) {
    return (Map<String, Object>) Tree.withoutNulls(view.tree());
  }

  private static Dials dials(Fields told) {
    return new Dials(
        told.number("energyPerKwh", 0, MOST),
        told.number("fanHoursPerYear", 0, MOST),
        told.number("yearsAhead", 0, MOST),
        told.number("labourPerHour", 0, MOST),
        told.word("way", Route.values()),
        told.number("partPrice", 0, MOST),
        told.number("labourHours", 0, MOST));
  }

  private Job job(Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields asked = new Fields(map(tree), "", faults);
    LocalDate today = asked.date("today");
    if (shop == null || today == null) {
      asked.fault(shop == null ? "shop" : "today", "found nothing; it must be said first");
    }
    List<Save> saves = new ArrayList<>();
    asked.each("saves", Integer.MAX_VALUE, one -> saves.add(save(one)));
    hold(faults);
    Shop known = Objects.requireNonNull(shop);
    LocalDate day = Objects.requireNonNull(today);
    JobLog log =
        asked.has("opened")
            ? opened(asked.object("opened"), known)
            : LogDocument.read(asked.plain("log"), known);
    return Saves.onto(log, known, day, saves);
  }

  private static JobLog opened(Fields told, Shop shop) throws InputFaults {
    Save save = save(told);
    return LogDocument.opened(save.id(), save.body(), save.author(), save.at(), shop);
  }

  private static Save save(Fields one) {
    Object body = one.plain("body");
    return new Save(
        text(one, "id"),
        text(one, "kind"),
        body == null ? Map.of() : body,
        text(one, "author"),
        text(one, "at"));
  }

  private static String text(Fields one, String field) {
    String text = one.text(field, LONGEST);
    return text == null ? "" : text;
  }

  private static Map<?, ?> map(Object tree) {
    return tree instanceof Map<?, ?> map ? map : Map.of();
  }

  private static void hold(List<InputFault> faults) throws InputFaults {
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
  }
}
