package variablerotor.server.week;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.chain.Suspect;
import variablerotor.server.call.CallRow;
import variablerotor.server.csv.Csv;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;

/** The week of a lead over HTTP. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/week")
class WeekApi {
  private static final int MOST_DAYS = 730;

  private final WeekService weeks;

  WeekApi(WeekService weeks) {
    this.weeks = weeks;
  }

  /**
   * @param days back to which comebacks and outcomes are told
   */
  @GetMapping
  WeekService.Week week(@RequestParam(defaultValue = "90") int days) {
    new Faults().within("days", (double) days, 7, MOST_DAYS).refuse();
    return weeks.week(days);
  }

  /** The calls behind the figures, a row each. */
  @GetMapping("/calls")
  ResponseEntity<byte[]> calls(@RequestParam(defaultValue = "90") int days) {
    WeekService.Week week = week(days);
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of("figure", "place", "unit", "what", "day", "cost", "currency", "call"));
    week.calls().forEach(one -> rows.add(call("open", one)));
    week.bypassed().forEach(one -> rows.add(call("bypassed", one)));
    week.comebacks()
        .forEach(
            one ->
                rows.add(
                    row("came back", one.place(), one.unitName(), one.sentence(), "", one.call())));
    week.claims()
        .forEach(
            one ->
                rows.add(
                    row("warranty", one.place(), one.unitName(), one.sentence(), "", one.call())));
    week.turned().forEach(one -> rows.add(turned(one)));
    return Csv.file("week.csv", Csv.write(rows));
  }

  private static List<String> call(String figure, CallRow one) {
    String stands = Objects.requireNonNullElse(one.standSentence(), "");
    return row(
        figure,
        one.place(),
        one.unitName(),
        stands.isEmpty() ? one.sentence() : stands,
        one.due() == null ? "" : one.due().toString(),
        one.id());
  }

  private static List<String> row(
      String figure, String place, String unit, String what, String day, @Nullable UUID call) {
    return List.of(figure, place, unit, what, day, "", "", String.valueOf(call));
  }

  private static List<String> turned(WeekService.TurnedOut one) {
    return List.of(
        one.bought() ? "condemned wrongly" : "was it that: " + one.was().name(),
        one.place(),
        one.unitName(),
        "said " + names(one.said()) + "; was " + names(one.found()),
        one.at().toLocalDate().toString(),
        one.firstCost() == null ? "" : String.valueOf(one.firstCost()),
        Objects.requireNonNullElse(one.currency(), ""),
        one.call().toString());
  }

  private static String names(List<Suspect> suspects) {
    return suspects.isEmpty()
        ? "nothing"
        : suspects.stream().map(Suspect::name).collect(Collectors.joining(" "));
  }
}
