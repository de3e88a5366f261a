package variablerotor.server.answer;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.job.Deciding;
import variablerotor.core.job.Job;
import variablerotor.core.job.Signature;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** What the customer said to the ways: which one, or that they think it over. */
@Service
public class AnswerService {
  private static final int LONGEST_NAME = 100;
  private static final int LONGEST_NOTE = 1000;
  private static final String NAMED =
      "required is the name of who answered, at most " + LONGEST_NAME;
  private static final String NOTED = "allowed are at most " + LONGEST_NOTE + " characters";
  private static final String PRINTABLE = "[\\n\\P{Cntrl}]*";

  private static final java.util.regex.Pattern LINE =
      java.util.regex.Pattern.compile("\\P{Cntrl}{1," + Signature.LONGEST_LINE + "}");

  /** An answer older than this is not one to prices of today [d]. */
  private static final int OLDEST_DAYS = 180;

  private final AnswerStore store;
  private final CallService calls;

  AnswerService(AnswerStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * @param route null where they think it over
   * @param by who said so
   * @param on the day; null for today
   * @param signed null where nobody signed on a screen
   */
  public record Said(
      @Nullable Route route,
      @NotBlank(message = NAMED)
          @Size(max = LONGEST_NAME, message = NAMED)
          @Pattern(regexp = PRINTABLE, message = NAMED)
          String by,
      @Nullable LocalDate on,
      @Size(max = LONGEST_NOTE, message = NOTED) @Pattern(regexp = PRINTABLE, message = NOTED)
          @Nullable String note,
      @Nullable Signed signed) {}

  /**
   * @param strokes the name written by hand, as {@link Signature} has it
   * @param under what stood above it, line by line
   */
  public record Signed(@Nullable String strokes, @Nullable List<@Nullable String> under) {}

  /**
   * @throws Refused where the way is blocked, or a field makes no sense
   */
  @Transactional
  public Job keep(UUID call, UUID id, Said said, Stamp stamp) {
    calls.lock(call);
    Job job = calls.job(call);
    LocalDate today =
        stamp.at().atZoneSameInstant(ZoneId.of(job.settings().timeZone())).toLocalDate();
    LocalDate on = said.on() == null ? today : said.on();
    Faults faults = Faults.of(said);
    if (on.isAfter(today) || on.isBefore(today.minusDays(OLDEST_DAYS))) {
      faults.add(
          "on",
          "found "
              + on
              + "; allowed is a day from "
              + today.minusDays(OLDEST_DAYS)
              + " to "
              + today);
    }
    Signature signed = signed(said.signed(), faults);
    faults.refuse();
    Route route = said.route();
    String note = said.note() == null ? "" : said.note().strip();
    Save save = store.answer(id, call, route, said.by().strip(), on, note, signed);
    if (!store.holds(save) && route != null) {
      try {
        Deciding.holdOpen(job, route);
      } catch (InputFaults blocked) {
        throw Refused.fields(blocked.faults());
      }
    }
    return calls.after(store.add(save, stamp), call, stamp);
  }

  private static @Nullable Signature signed(@Nullable Signed told, Faults faults) {
    if (told == null) {
      return null;
    }
    String strokes = told.strokes() == null ? "" : told.strokes();
    if (!Signature.isPath(strokes)) {
      faults.add("signed.strokes", "required is a path of moves and lines, as it was drawn");
    }
    List<String> under =
        told.under() == null
            ? List.of()
            : told.under().stream().map(one -> one == null ? "" : one.strip()).toList();
    if (under.isEmpty()
        || under.size() > Signature.MOST_LINES
        || under.stream().anyMatch(one -> !LINE.matcher(one).matches())) {
      faults.add(
          "signed.under",
          "required is what was signed, in up to "
              + Signature.MOST_LINES
              + " lines of 1 to "
              + Signature.LONGEST_LINE
              + " characters");
    }
    return new Signature(strokes, under);
  }
}
