package variablerotor.server.answer;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
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

  @PutMapping("/api/calls/{call}/answers/{id}")
  Job keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody AnswerService.Said body) {
    return answers.keep(call, id, body, stamps.now());
  }
}
