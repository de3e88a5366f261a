package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;
import variablerotor.core.family.Family;
import variablerotor.core.fitting.Ask;
import variablerotor.core.fitting.Body;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Notes;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.text.Numbers;
import variablerotor.core.wiring.PlanRequest.CallId;

/** From a plain tree to what was done of a job; every fault is told with its path. */
public final class FitReader {
  private static final int MOST = 200;
  private static final int LONGEST_ID = 60;

  private final List<InputFault> faults = Fields.faults();

  private FitReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @return what was done, and the fields that nobody knows
   * @throws InputFaults with every fault found
   */
  public static Told<FitRecord> told(Object tree) throws InputFaults {
    FitReader reader = new FitReader();
    FitRecord record = reader.record(tree);
    return new Told<>(record, Fields.unknownOf(reader.faults));
  }

  private FitRecord record(Object tree) throws InputFaults {
    Fields root =
        Document.root(tree, "what was done of a job", FitRecord.FORMAT, FitRecord.VERSION, faults);
    Route way = CaseReader.required(root, "way", Route.values());
    FitCase job = job(root.object("case"), way == null ? Route.REPAIR_OTHER : way);
    List<FitRecord.Mark> marks = marks(root);
    Map<String, Object> notes = notes(root.object("notes"), root.plain("notes"));
    List<FitRecord.Removed> removed = removed(root);
    List<FitRecord.PhotoMark> photoMarks = photoMarks(root);
    Hold hold = root.has("hold") ? hold(root.object("hold")) : null;
    boolean handedOver = Boolean.TRUE.equals(root.flag("handedOver"));
    String search = root.text("search", LONGEST_ID);
    FitRecord record =
        new FitRecord(job, marks, new Notes(notes), removed, photoMarks, hold, handedOver, search);
    bounds(record, notes);
    if (!faults.isEmpty() || way == null) {
      throw new InputFaults(faults);
    }
    return record;
  }

  private FitCase job(Fields told, Route way) {
    Set<Body> bodies = EnumSet.noneOf(Body.class);
    words(told, "bodies", Body.values()).forEach(bodies::add);
    Family old = CaseReader.required(told, "old", Family.values());
    Fields plate = told.object("fitted");
    Family family = CaseReader.required(plate, "family", Family.values());
    Map<String, String> wires = new LinkedHashMap<>();
    if (told.plain("wires") instanceof Map<?, ?> given && given.size() <= MOST) {
      given.forEach(
          (terminal, colour) -> {
            String name = terminal.toString();
            if (name.length() > LONGEST_ID
                || !(colour instanceof String text)
                || text.length() > LONGEST_ID) {
              told.fault("wires", "allowed are texts of up to " + LONGEST_ID + " characters");
            } else {
              wires.put(name, text);
            }
          });
    }
    return new FitCase(
        way,
        List.copyOf(bodies),
        old == null ? Family.PSC : old,
        CaseReader.plateFields(plate, family == null ? Family.PSC : family),
        Boolean.TRUE.equals(told.flag("outdoors")),
        told.word("kind", UnitPlate.Kind.values()),
        told.word("mount", MotorPlate.Mount.values()),
        words(told, "heating", UnitPlate.Heating.values()),
        told.flag("boardNeedsFeedback"),
        told.flag("feedbackCanBeDisabled"),
        told.number("lineVolts", 0, 1000),
        words(told, "calls", CallId.values()),
        wires,
        Boolean.TRUE.equals(told.flag("water")));
  }

  private static <E extends Enum<E>> List<E> words(Fields told, String field, E[] allowed) {
    List<E> all = new ArrayList<>();
    List<?> given = told.list(field);
    for (Object one : given) {
      for (E word : allowed) {
        if (word.name().equals(one)) {
          all.add(word);
        }
      }
    }
    if (all.size() != given.size()) {
      List<String> names = new ArrayList<>();
      for (E word : allowed) {
        names.add(word.name());
      }
      told.fault(
          field,
          "found " + FactParser.describe(given) + "; allowed are " + String.join(", ", names));
    }
    return all;
  }

  private static String required(Fields one, String field, int longest) {
    String text = one.text(field, longest);
    if (text == null || text.isBlank()) {
      one.fault(field, "found nothing; required is a text");
      return "";
    }
    return text;
  }

  private static String orEmpty(@Nullable String text) {
    return text == null ? "" : text.trim();
  }

  private static List<FitRecord.Mark> marks(Fields root) {
    List<FitRecord.Mark> marks = new ArrayList<>();
    root.each(
        "marks",
        MOST,
        one -> {
          String id = required(one, "id", LONGEST_ID);
          boolean done = Boolean.TRUE.equals(one.flag("done"));
          String why = orEmpty(one.text("why", Ask.LONGEST));
          if (!done && why.isEmpty()) {
            one.fault("why", "found nothing; a step that is left out needs a word why");
          }
          marks.add(new FitRecord.Mark(id, done, why));
        });
    return marks;
  }

  /** Of what nobody knows any more the note stays as it was told. */
  private static Map<String, Object> notes(Fields notes, @Nullable Object given) {
    Map<String, Object> all = new LinkedHashMap<>();
    if (!(given instanceof Map<?, ?> map)) {
      return all;
    }
    for (Object key : map.keySet()) {
      String id = key.toString();
      Object value = notes.plain(id);
      boolean number = value instanceof Double one && !one.isNaN() && !one.isInfinite();
      boolean text = value instanceof String one && !one.isBlank() && one.length() <= Ask.LONGEST;
      if (all.size() >= MOST || id.length() > LONGEST_ID || (!number && !text)) {
        notes.fault(
            id,
            "found "
                + FactParser.describe(value)
                + "; allowed is a number, or a text of up to "
                + Ask.LONGEST
                + " characters");
      } else {
        all.put(id, value);
      }
    }
    return all;
  }

  /** What is asked at the steps is held to what it can be. */
  private void bounds(FitRecord record, Map<String, Object> notes) {
    Fitting fitting = Fitting.of(record);
    List<Ask> asks = new ArrayList<>(fitting.changed());
    fitting.steps().forEach(one -> asks.addAll(one.step().asks()));
    for (Ask ask : asks) {
      Object noted = notes.get(ask.id());
      if (noted == null) {
        continue;
      }
      String wrong = wrong(ask, noted);
      if (wrong != null) {
        faults.add(
            new InputFault(
                "notes." + ask.id(),
                "found " + FactParser.describe(noted) + "; allowed is " + wrong));
      }
    }
  }

  private static @Nullable String wrong(Ask ask, Object noted) {
    Double least = ask.least();
    Double most = ask.most();
    if (least != null && most != null) {
      boolean within = noted instanceof Double number && number >= least && number <= most;
      return within
          ? null
          : Numbers.plain(least, 2) + " to " + (Numbers.plain(most, 2) + " " + ask.unit()).trim();
    }
    if (!ask.words().isEmpty()) {
      return ask.words().stream().anyMatch(one -> one.id().equals(noted))
          ? null
          : "one of " + String.join(", ", ask.words().stream().map(Ask.Word::id).toList());
    }
    return noted instanceof String ? null : "a text";
  }

  private static List<FitRecord.Removed> removed(Fields root) {
    List<FitRecord.Removed> removed = new ArrayList<>();
    root.each(
        "removed",
        MOST,
        one -> {
          removed.add(
              new FitRecord.Removed(
                  required(one, "what", Ask.LONGEST),
                  orEmpty(one.text("where", Ask.LONGEST)),
                  Boolean.TRUE.equals(one.flag("back"))));
        });
    return removed;
  }

  private static List<FitRecord.PhotoMark> photoMarks(Fields root) {
    List<FitRecord.PhotoMark> marks = new ArrayList<>();
    root.each(
        "photoMarks",
        MOST,
        one -> {
          Double x = one.number("x", 0, 1);
          Double y = one.number("y", 0, 1);
          String photo = required(one, "photo", LONGEST_ID);
          String label = required(one, "label", LONGEST_ID);
          if (x == null || y == null) {
            one.fault(x == null ? "x" : "y", "found nothing; required is a place from 0 to 1");
          } else {
            marks.add(new FitRecord.PhotoMark(photo, x, y, label));
          }
        });
    return marks;
  }

  private static @Nullable Hold hold(Fields told) {
    Hold.Reason reason = CaseReader.required(told, "reason", Hold.Reason.values());
    String until = Days.of(told, "until");
    if (reason != null && reason.needsDay() && until == null) {
      told.fault("until", "found nothing; what runs so for days needs the day on which that ends");
    }
    List<Hold.Left> left = words(told, "left", Hold.Left.values());
    String note = orEmpty(told.text("note", Ask.LONGEST));
    String bring = orEmpty(told.text("bring", Ask.LONGEST));
    return reason == null ? null : new Hold(reason, until, note, bring, left);
  }
}
