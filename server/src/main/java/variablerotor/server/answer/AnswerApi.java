package variablerotor.server.answer;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.route.Route;
import variablerotor.core.view.CallView;
import variablerotor.server.log.Stamps;

/** Customers' answers over HTTP. */
@RestController
class AnswerApi {
  private final AnswerService answers;
  private final Stamps stamps;

  AnswerApi(AnswerService answers, Stamps stamps) {
    this.answers = answers;
    this.stamps = stamps;
  }

  /**
   * @param route null where they think it over
   * @param by who said so
   * @param on the day; null for today
   */
  record AnswerRequest(
      @Nullable Route route, String by, @Nullable LocalDate on, @Nullable String note) {}

  @PutMapping("/api/calls/{call}/answers/{id}")
  CallView keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody AnswerRequest body) {
    return answers.keep(call, id, body.route(), body.by(), body.on(), body.note(), stamps.now());
  }
}
