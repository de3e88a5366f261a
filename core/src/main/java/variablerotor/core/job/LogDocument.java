package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.Fields;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Taken;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.Wording;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Tree;

/**
 * The log of a call as a plain tree, with the stamps of the server: what a device holds of it. What
 * is the shop's ({@link Shop}) is not in it.
 */
public final class LogDocument {
  static final String FORMAT = "variable-rotor-log";

  private LogDocument() {}

  /** As a plain tree. */
  public static Map<String, Object> tree(JobLog log) {
    return Tree.of(
        "format",
        FORMAT,
        "wording",
        (double) Wording.NOW,
        "id",
        log.id(),
        "practice",
        log.practice(),
        "openedBy",
        log.openedBy(),
        "openedAt",
        log.openedAt(),
        "changedAt",
        log.changedAt(),
        "particulars",
        log.particulars().tree(),
        "readings",
        each(log.readings(), LogDocument::tree),
        "offers",
        log.offers(),
        "found",
        log.sourced().stream().filter(one -> one.route() != null).toList(),
        "decisions",
        each(log.decisions(), LogDocument::tree),
        "answers",
        each(log.answers(), LogDocument::tree),
        "wirings",
        each(log.wirings(), one -> state(one.id(), one.made().tree(), one.author(), one.at())),
        "fits",
        each(log.fits(), one -> state(one.id(), one.record().tree(), one.author(), one.at())),
        "proofs",
        each(log.proofs(), one -> state(one.id(), one.request().tree(), one.author(), one.at())),
        "photos",
        each(log.photos(), LogDocument::tree),
        "strange",
        each(log.strange(), LogDocument::tree),
        "broughtIn",
        log.broughtIn() == null
            ? null
            : Tree.of("by", log.broughtIn().by(), "at", log.broughtIn().at()),
        "outcomes",
        each(log.outcomes(), LogDocument::tree));
  }

  private static <T> List<Map<String, Object>> each(
      List<T> list, Function<T, Map<String, Object>> tree) {
    return list.stream().map(tree).toList();
  }

  private static Map<String, Object> tree(JobLog.Reading one) {
    Fact fact = one.fact();
    Taken taken = fact.taken();
    return Tree.of(
        "id",
        one.id(),
        "fact",
        Tree.of(
            "id", fact.type().id(),
            "value", fact.value().plain(),
            "phase", fact.phase(),
            "again", fact.again(),
            "note", taken.note(),
            "while", taken.when(),
            "on", taken.on()),
        "author",
        one.author(),
        "at",
        one.at(),
        "retractedBy",
        one.retractedBy());
  }

  private static Map<String, Object> tree(JobLog.Decided one) {
    return Tree.of(
        "id", one.id(),
        "route", one.route(),
        "candidate", one.candidate(),
        "firstCost", one.firstCost(),
        "currency", one.currency(),
        "done", one.done(),
        "author", one.author(),
        "at", one.at());
  }

  private static Map<String, Object> tree(JobLog.Answered one) {
    return Tree.of(
        "id", one.id(),
        "route", one.route(),
        "by", one.by(),
        "on", one.on(),
        "note", one.note(),
        "signed", one.signed(),
        "author", one.author(),
        "at", one.at());
  }

  private static Map<String, Object> state(String id, Object document, String author, String at) {
    return Tree.of("id", id, "document", document, "author", author, "at", at);
  }

  private static Map<String, Object> tree(JobLog.Photo one) {
    return Tree.of(
        "id", one.id(),
        "kind", one.kind(),
        "width", one.width(),
        "height", one.height(),
        "author", one.author(),
        "at", one.at());
  }

  private static Map<String, Object> tree(JobLog.Strange one) {
    return Tree.of(
        "what", one.told().what(),
        "said", one.told().said(),
        "author", one.author(),
        "at", one.at());
  }

  private static Map<String, Object> tree(JobLog.Outcome one) {
    return Tree.of(
        "id", one.id(),
        "was", one.was(),
        "said", one.said(),
        "found", one.found(),
        "note", one.note(),
        "author", one.author(),
        "at", one.at());
  }

  /**
   * The log of a call that a device opened itself, and that no server has seen yet.
   *
   * @param tree what is told of it
   * @throws InputFaults with every fault found
   */
  public static JobLog opened(String id, Object tree, String author, String at, Shop shop)
      throws InputFaults {
    JobLog.Builder log = new JobLog.Builder(id, false, author, at, at, Particulars.read(tree));
    shop.addTo(log);
    return log.build();
  }

  /**
   * From a plain tree, as {@link #tree} makes it.
   *
   * @param shop what the shop brings to it
   * @throws InputFaults with every fault found; where it is in another wording, nothing is read
   */
  public static JobLog read(@Nullable Object tree, Shop shop) throws InputFaults {
    List<InputFault> faults = Fields.faults();
    Fields log = Fields.entry(tree, "log", faults);
    if (log == null) {
      throw new InputFaults(faults);
    }
    if (!FORMAT.equals(log.plain("format"))
        || !Double.valueOf(Wording.NOW).equals(log.plain("wording"))) {
      log.fault("wording", "found another than today's; ask the server for the call again");
      throw new InputFaults(faults);
    }
    Object told = log.plain("particulars");
    JobLog.Builder read =
        new JobLog.Builder(
            Needed.text(log, "id"),
            Boolean.TRUE.equals(log.flag("practice")),
            Needed.text(log, "openedBy"),
            Needed.text(log, "openedAt"),
            Needed.text(log, "changedAt"),
            Particulars.read(told == null ? Map.of() : told));
    read.sourced(Shop.sourced(log, "found"));
    shop.addTo(read);
    List<JobLog.Reading> readings = new ArrayList<>();
    for (Fields one : rows(log, "readings")) {
      readings.add(
          new JobLog.Reading(
              Needed.text(one, "id"),
              CaseReader.fact(document(one, "fact")),
              Needed.text(one, "author"),
              Needed.text(one, "at"),
              one.text("retractedBy", Needed.LONGEST)));
    }
    read.readings(readings);
    for (Object one : log.list("offers")) {
      read.offers(List.of(CaseReader.offer(one)));
    }
    for (Fields one : rows(log, "decisions")) {
      read.decisions(List.of(decided(one)));
    }
    for (Fields one : rows(log, "answers")) {
      read.answers(List.of(answered(one)));
    }
    for (Fields one : rows(log, "wirings")) {
      read.wirings(
          List.of(
              new JobLog.Wired(
                  Needed.text(one, "id"),
                  AsWiredReader.read(document(one, "document")),
                  Needed.text(one, "author"),
                  Needed.text(one, "at"))));
    }
    for (Fields one : rows(log, "fits")) {
      read.fits(
          List.of(
              new JobLog.Fitted(
                  Needed.text(one, "id"),
                  FitReader.told(document(one, "document")).document(),
                  Needed.text(one, "author"),
                  Needed.text(one, "at"))));
    }
    for (Fields one : rows(log, "proofs")) {
      read.proofs(
          List.of(
              new JobLog.Proved(
                  Needed.text(one, "id"),
                  ProofReader.told(document(one, "document")).document(),
                  Needed.text(one, "author"),
                  Needed.text(one, "at"))));
    }
    rest(log, read);
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return read.build();
  }

  private static void rest(Fields log, JobLog.Builder read) {
    for (Fields one : rows(log, "photos")) {
      PhotoKind kind = one.word("kind", PhotoKind.values());
      read.photos(
          List.of(
              new JobLog.Photo(
                  Needed.text(one, "id"),
                  kind == null ? PhotoKind.OTHER : kind,
                  Needed.whole(one, "width"),
                  Needed.whole(one, "height"),
                  Needed.text(one, "author"),
                  Needed.text(one, "at"))));
    }
    for (Fields one : rows(log, "strange")) {
      read.strange(
          List.of(
              new JobLog.Strange(
                  new AsTold(Needed.text(one, "what"), Needed.text(one, "said")),
                  Needed.text(one, "author"),
                  Needed.text(one, "at"))));
    }
    for (Fields one : rows(log, "outcomes")) {
      read.outcomes(List.of(outcome(one)));
    }
    if (log.has("broughtIn")) {
      Fields from = log.object("broughtIn");
      read.broughtIn(new JobLog.BroughtIn(Needed.text(from, "by"), Needed.text(from, "at")));
    }
  }

  private static List<Fields> rows(Fields log, String field) {
    List<Fields> rows = new ArrayList<>();
    log.each(field, Integer.MAX_VALUE, rows::add);
    return rows;
  }

  private static Object document(Fields one, String field) {
    Object document = one.plain(field);
    return document == null ? Map.of() : document;
  }

  private static JobLog.Decided decided(Fields one) {
    Route route = one.word("route", Route.values());
    return new JobLog.Decided(
        Needed.text(one, "id"),
        route == null ? Needed.missing(one, "route", Route.REPAIR_OTHER) : route,
        one.text("candidate", Needed.LONGEST),
        one.number("firstCost", -Needed.MOST, Needed.MOST),
        Needed.text(one, "currency"),
        one.list("done").stream().map(String::valueOf).toList(),
        Needed.text(one, "author"),
        Needed.text(one, "at"));
  }

  private static JobLog.Answered answered(Fields one) {
    return new JobLog.Answered(
        Needed.text(one, "id"),
        one.word("route", Route.values()),
        Needed.text(one, "by"),
        Needed.text(one, "on"),
        Needed.text(one, "note"),
        Signature.read(one),
        Needed.text(one, "author"),
        Needed.text(one, "at"));
  }

  private static JobLog.Outcome outcome(Fields one) {
    JobLog.Outcome.Was was = one.word("was", JobLog.Outcome.Was.values());
    return new JobLog.Outcome(
        Needed.text(one, "id"),
        was == null ? Needed.missing(one, "was", JobLog.Outcome.Was.UNKNOWN) : was,
        one.words("said", Suspect.values()),
        one.words("found", Suspect.values()),
        Needed.text(one, "note"),
        Needed.text(one, "author"),
        Needed.text(one, "at"));
  }
}
