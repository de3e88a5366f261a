package variablerotor.core.fitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.motor.UnitPlate.Kind;
import variablerotor.core.proof.Proof;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.proof.Readings;
import variablerotor.core.route.Route;

/**
 * Seventeen whole jobs as the trade does them ({@code fitting/jobs.txt}): which of their steps have
 * a place, and that the place is one of that very job.
 */
class SeventeenJobsTest {
  /** Places that are neither a step of the hands nor a check of the repair. */
  private static final Set<String> ELSEWHERE =
      Set.of("prove", "choose", "plan", "stock", "report", "hold", "list");

  private static List<String> lines() throws IOException {
    try (InputStream in = SeventeenJobsTest.class.getResourceAsStream("/fitting/jobs.txt")) {
      String text = new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
      return text.lines().filter(one -> !one.isBlank() && !one.startsWith("#")).toList();
    }
  }

  private List<String> fit = List.of();
  private List<String> proof = List.of();

  private void begin(String head) {
    String[] words = head.split("\\|")[1].trim().split(" ");
    Route way = Route.valueOf(words[0]);
    Family family = Family.valueOf(words[1]);
    Kind kind = Kind.valueOf(words[2]);
    Heating heat = Heating.valueOf(words[4]);
    FitCase job = FitCases.job(way, family, kind, Mount.valueOf(words[3]), heat);
    fit = FitCases.ids(Fitting.of(FitRecord.begun(job)));
    UnitPlate unit =
        UnitPlate.plate()
            .kind(kind)
            .role(job.outdoors() ? UnitPlate.Role.OUTDOOR_FAN : UnitPlate.Role.INDOOR_BLOWER)
            .coolingTons(heat == Heating.GAS && kind == Kind.MAKE_UP_AIR ? 0.0 : 3.0)
            .heating(List.of(heat))
            .build();
    proof =
        Proof.of(
                new ProofRequest(
                    way,
                    unit,
                    new ProofRequest.Limits(25.0, 55.0, 0.5),
                    new ProofRequest.Fitted(job.fitted().family(), null, null, null, 60),
                    Readings.NONE))
            .checks()
            .stream()
            .map(one -> one.id())
            .toList();
  }

  @Test
  void stepsOfWholeJobsHaveAPlaceInThatJob() throws IOException {
    Map<String, Integer> places = new TreeMap<>();
    int jobs = 0;
    int steps = 0;
    for (String line : lines()) {
      if (line.startsWith("==")) {
        begin(line);
        jobs++;
        continue;
      }
      String[] both = line.split("\\|");
      assertEquals(2, both.length, line);
      String place = both[1].trim();
      steps++;
      places.merge(
          place.contains(":") ? place.substring(0, place.indexOf(':')) : place, 1, Integer::sum);
      if (place.startsWith("fit:")) {
        assertTrue(fit.contains(place.substring(4)), line + " not in " + fit);
      } else if (place.startsWith("proof:")) {
        assertTrue(proof.contains(place.substring(6)), line + " not in " + proof);
      } else {
        assertTrue(place.equals("-") || ELSEWHERE.contains(place), line);
      }
    }
    assertEquals(17, jobs);
    int none = places.getOrDefault("-", 0);
    System.out.println(
        jobs + " jobs, " + steps + " steps: " + (steps - none) + " have a place " + places);
    assertTrue(none * 10 <= steps, none + " of " + steps + " have none");
  }
}
