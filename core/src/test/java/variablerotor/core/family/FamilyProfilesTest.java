package variablerotor.core.family;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/** A family is whole: whatever is missing of one is named here. */
class FamilyProfilesTest {
  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void linksHaveNamesAndTerminalsAreThere(Family family) {
    FamilyProfile profile = family.profile();
    assertEquals(family, profile.family());
    for (Suspect link : profile.links()) {
      assertFalse(profile.title(link).isBlank());
      assertFalse(profile.spoken(link).isBlank());
    }
    List<String> there = profile.terminals().stream().map(Terminal::id).toList();
    assertFalse(there.isEmpty());
    assertEquals(there.size(), there.stream().distinct().count());
    assertFalse(profile.spareElectronics().isBlank());
  }

  /** Each tip goes to a terminal that the motor has. */
  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void tipsGoToTerminalsOfTheMotor(Family family) {
    FamilyProfile profile = family.profile();
    List<String> there = profile.terminals().stream().map(Terminal::id).toList();
    // The plug fan's line is read in one pair or in three; its terminals serve both.
    profile
        .probes()
        .forEach(
            (fact, probe) -> {
              assertTrue(there.contains(probe.red()), fact + " red on " + probe.red());
              assertTrue(there.contains(probe.black()), fact + " black on " + probe.black());
              assertFalse(probe.red().equals(probe.black()), fact.id());
            });
  }

  /** What a check measures at the motor's own plug is shown there. */
  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void everyCheckAtThePlugShowsWhereTheTipsGo(Family family) {
    Set<String> atThePlug =
        Set.of(
            "line.volts",
            "line.volts.ab",
            "bus.volts",
            "logic.volts",
            "aux.volts",
            "link.volts",
            "command.volts",
            "feedback.hertz",
            "winding.ab",
            "winding.frame.c",
            "emf.ab",
            "drive.output.ab",
            "winding.insulation");
    for (Check check : FamilyModel.of(family).checks()) {
      for (FactType fact : check.facts()) {
        if (atThePlug.contains(fact.id())) {
          assertTrue(family.profile().probes().containsKey(fact), fact.id());
        }
      }
    }
  }

  /** A fault that a family can have comes about in some complaint, alone or in a chain. */
  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void everyFaultItCanHaveHasARowAndNoOther(Family family) {
    Set<Fault> met = EnumSet.noneOf(Fault.class);
    for (Symptom symptom : Symptom.values()) {
      FamilyModel.of(family).population(symptom).keySet().forEach(met::addAll);
    }
    met.add(Fault.UNLISTED);
    assertEquals(family.profile().faults(), met);
    Set<Suspect> blamed = new HashSet<>();
    met.forEach(fault -> blamed.add(fault.suspect()));
    blamed.removeIf(suspect -> !suspect.isLink());
    assertTrue(family.profile().links().containsAll(blamed), blamed.toString());
  }

  /** Between them the families have every fault there is. */
  @Test
  void noFaultIsForgotten() {
    Set<Fault> had = EnumSet.noneOf(Fault.class);
    for (Family family : Family.values()) {
      if (family.isVariableSpeed()) {
        had.addAll(family.profile().faults());
      }
    }
    assertEquals(EnumSet.allOf(Fault.class), had);
  }

  @Test
  void whatIsParticular() {
    Map<FactType, Probe> fiveWire = Family.BLDC_FIVE_WIRE.profile().probes();
    assertEquals(new Probe("BUS", "GND"), fiveWire.get(FactType.BUS_VOLTS));
    assertEquals("Board's driver", Family.BLDC_THREE_WIRE.profile().title(Suspect.MODULE));
    assertFalse(Family.DRIVE_FED_INDUCTION.profile().links().contains(Suspect.MODULE));
    assertFalse(Family.DRIVE_FED_INDUCTION.profile().hasMagnets());
    assertFalse(Family.EC_PLUG_FAN.profile().stations().contains(Suspect.WINDING));
    assertTrue(Family.CONSTANT_AIRFLOW_SERIAL.profile().holdsAirflow());
    assertThrows(IllegalArgumentException.class, Family.PSC::profile);
  }
}
