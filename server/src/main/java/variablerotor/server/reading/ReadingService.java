package variablerotor.server.reading;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactParser;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.job.Job;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** What is measured, seen and told on a call. */
@Service
public class ReadingService {

  private final ReadingStore store;
  private final CallService calls;

  ReadingService(ReadingStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * @param plain the value as the open format has it
   * @param phase null for before the repair
   * @param again true for a second measurement, which corrects nothing; null for none
   * @param taken how it came about
   */
  @Transactional
  public Job read(
      UUID call,
      UUID id,
      String fact,
      @Nullable Object plain,
      @Nullable RepairPhase phase,
      @Nullable Boolean again,
      Taken taken,
      Stamp stamp) {
    calls.lock(call);
    Save save = store.reading(id, call, checked(fact, plain, phase, again, checked(taken)));
    return calls.after(store.keep(save, stamp), call, stamp);
  }

  private static Taken checked(Taken taken) {
    return new Taken(
        text("note", taken.note(), Taken.LONGEST_NOTE),
        taken.when(),
        text("on", taken.on(), Taken.LONGEST_PLACE));
  }

  /** Blank is as good as nothing. */
  private static @Nullable String text(String field, @Nullable String given, int longest) {
    String text = given == null || given.isBlank() ? null : given.trim();
    if (text != null && text.length() > longest) {
      throw Refused.field(
          field, "found " + text.length() + " characters; allowed are at most " + longest);
    }
    return text;
  }

  private static Fact checked(
      @Nullable String fact,
      @Nullable Object plain,
      @Nullable RepairPhase phase,
      @Nullable Boolean again,
      Taken taken) {
    FactType type = fact == null ? null : FactType.ofId(fact);
    if (type == null) {
      throw Refused.field(
          "fact",
          "found " + FactParser.describe(fact) + "; allowed is a fact id such as \"line.volts\"");
    }
    try {
      return new Fact(
          type,
          FactParser.parse(type, plain),
          phase == null ? RepairPhase.BEFORE : phase,
          Boolean.TRUE.equals(again),
          taken);
    } catch (FactParser.Refused refused) {
      throw Refused.field("value", String.valueOf(refused.getMessage()));
    }
  }

  @Transactional
  public Job takeBack(UUID call, UUID id, UUID reading, Stamp stamp) {
    calls.lock(call);
    if (reading == null || !store.isOf(reading, call)) {
      throw Refused.missing("reading on this call");
    }
    return calls.after(store.retract(id, reading, stamp), call, stamp);
  }
}
