package variablerotor.server.practice;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.server.account.OpenSessions;
import variablerotor.server.log.Stamps;

/** Practice on simulated motors, and the meter that streams from them. */
@RestController
class PracticeApi {
  private final PracticeService practice;
  private final MeterStreams streams;
  private final Stamps stamps;

  PracticeApi(PracticeService practice, MeterStreams streams, Stamps stamps) {
    this.practice = practice;
    this.streams = streams;
    this.stamps = stamps;
  }

  record Connected(UUID id) {}

  @GetMapping("/api/practice/faults")
  List<PracticeService.FaultChoice> faults(
      @RequestParam Family family, @RequestParam Symptom symptom) {
    return practice.choices(family, symptom);
  }

  @PutMapping("/api/practice/{id}")
  Job begin(@PathVariable UUID id, @RequestBody PracticeService.Wanted wanted) {
    return practice.begin(id, wanted, stamps.now());
  }

  @GetMapping("/api/practice/{id}/debrief")
  PracticeService.DebriefView debrief(@PathVariable UUID id) {
    return practice.debrief(id, stamps.now().author());
  }

  @PutMapping("/api/meter/{id}")
  Connected connect(@PathVariable UUID id, @RequestBody PracticeService.Wanted wanted) {
    return new Connected(practice.connect(id, wanted, stamps.now()));
  }

  @GetMapping("/api/meter/{id}/answers")
  List<PracticeService.BenchAnswer> answers(@PathVariable UUID id, @RequestParam String check) {
    return practice.answers(id, check);
  }

  /** The display, some times a second, until whoever listens goes away. */
  @GetMapping(path = "/api/meter/{id}/display", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter display(@PathVariable UUID id, @RequestParam String fact, HttpServletRequest request) {
    FactType terminals = PracticeService.terminals(fact);
    return streams.open(practice.meter(id, terminals), terminals, OpenSessions.of(request));
  }
}
