package variablerotor.json;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.bench.BenchCall;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.MeterModel;
import variablerotor.core.bench.SimulatedMotor;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.catalogue.Catalogue;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Dials;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.job.Settings;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.stock.Place;
import variablerotor.core.tree.Node;
import variablerotor.core.view.CallView;
import variablerotor.core.view.ChoiceView;
import variablerotor.sampling.Sampled;

/**
 * What a general JSON library makes of the records (Jackson, as the server answers) is what their
 * own trees say (as the command line prints): every field, no other.
 */
class SameJsonTest {
  private static void same(Node node) throws InputFaults {
    assertEquals(Json.plainOf(node), Json.read(Json.write(node.tree())));
  }

  @Test
  void theCatalogue() throws InputFaults {
    same(Catalogue.whole());
  }

  @ParameterizedTest
  @Sampled(4)
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void aCallAfterEachOfItsChecks(Family family) throws InputFaults {
    HiddenFault hidden = HiddenFault.draw(family, Symptom.NO_RUN, new Random(11), true);
    SimulatedMotor motor = new SimulatedMotor(hidden);
    MeterModel meter = new MeterModel(new Random(12), 0.1);
    Particulars told =
        Particulars.of("Quay", Symptom.NO_RUN, MotorPlate.of(family, motor.plateVolts()))
            .unitName("Roof")
            .unit(
                UnitPlate.plate()
                    .kind(UnitPlate.Kind.ROOFTOP)
                    .role(UnitPlate.Role.INDOOR_BLOWER)
                    .coolingTons(5.0)
                    .heating(List.of(UnitPlate.Heating.GAS))
                    .installed(LocalDate.parse("2020-02-29"))
                    .otherHeatOrCooling(false)
                    .build())
            .wires(Map.of("C", "brown"))
            .build();
    List<JobLog.Reading> readings = new ArrayList<>();
    for (Check check : FamilyModel.of(family).checks()) {
      for (Fact fact : BenchCall.answers(motor, check, meter)) {
        Fact taken = readings.size() % 7 == 6 ? after(fact) : fact;
        String id = "r" + readings.size();
        readings.add(
            new JobLog.Reading(
                id, taken, "Tobin", "now", readings.size() % 9 == 8 ? "Ines" : null));
      }
      JobLog log =
          new JobLog.Builder("c", false, "Tobin", "then", "now", told)
              .readings(readings)
              .offers(List.of(new Offer(Route.SAME_MOTOR, null, 900.0, 5.0, 1.0, 12.0, 280.0)))
              .motors(MOTORS)
              .decisions(
                  List.of(
                      new JobLog.Decided(
                          "d",
                          Route.SAME_MOTOR,
                          null,
                          null,
                          "USD",
                          List.of("link"),
                          "Tobin",
                          "now")))
              .photos(List.of(new JobLog.Photo("p", PhotoKind.OTHER, 800, 600, "Tobin", "now")))
              .build();
      Job job = Job.of(log, Settings.usual("UTC"), LocalDate.parse("2026-11-24"));
      same(CallView.of(job));
      same(ChoiceView.of(job, new Dials(0.16, 2600.0, 6.0, 100.0, Route.SAME_MOTOR, 700.0, 1.5)));
    }
  }

  private static final List<ShopMotor> MOTORS =
      Stream.of(Family.CONSTANT_TORQUE, Family.PSC)
          .map(family -> MotorPlate.of(family).volts("208-230").horsepower(1.0).build())
          .map(plate -> new Candidate(plate.family().name(), plate, 1, List.of("ring"), true))
          .map(one -> new ShopMotor(one, Place.SHELF, 400.0, 2.0, 12.0, 280.0))
          .toList();

  private static Fact after(Fact fact) {
    Taken taken = new Taken("one leg only", Taken.When.FAILING, "tap 3");
    return new Fact(fact.type(), fact.value(), RepairPhase.AFTER, false, taken);
  }
}
