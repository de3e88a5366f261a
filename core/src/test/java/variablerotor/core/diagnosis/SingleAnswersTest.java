package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.likelihood.Witness;
import variablerotor.core.winding.Ohms;
import variablerotor.sampling.Share;

/** Every single answer there is, under every family and every complaint. */
class SingleAnswersTest {

  /** Values of every kind that a fact takes: nothing, little, an edge, much, and OL. */
  private static List<FactValue> values(FactType type) {
    List<FactValue> values = new ArrayList<>();
    switch (type.kind()) {
      case NUMBER, MEGOHMS -> {
        for (double value : new double[] {0, 3, 16.5, 25, 120, 240, 385}) {
          if (value >= type.least() && value <= type.most()) {
            values.add(new FactValue.Quantity(value));
          }
        }
      }
      case OHMS -> {
        values.add(new FactValue.Resistance(new Ohms(5)));
        values.add(new FactValue.Resistance(new Ohms(2e5)));
        values.add(new FactValue.Resistance(Ohms.OVER_LIMIT));
      }
      case FLAG -> {
        values.add(new FactValue.Flag(true));
        values.add(new FactValue.Flag(false));
      }
      case CHOICE -> type.choices().forEach(word -> values.add(new FactValue.Choice(word)));
      default -> {}
    }
    return values;
  }

  private static boolean isFelt(Family family, FactType type) {
    for (Check check : FamilyModel.of(family).checks()) {
      if (check.facts().contains(type)) {
        return check.witness() != Witness.MEASURED;
      }
    }
    return true;
  }

  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void noneContradictsItselfAndTheSensesNeverProve(Family family) {
    int tried = 0;
    for (Symptom symptom : Symptom.values()) {
      if (!Share.has(family.ordinal() + symptom.ordinal(), 4)) {
        continue;
      }
      for (FactType type : FactType.values()) {
        boolean used = FamilyModel.of(family).uses(type);
        for (FactValue value : used ? values(type) : values(type).stream().limit(1).toList()) {
          Diagnosis diagnosis =
              Engine.diagnose(
                  Situation.of(family, symptom, Facts.of(List.of(new Fact(type, value)))));
          String what = symptom + " " + type.id() + " " + value.spoken();
          tried++;
          assertFalse(
              diagnosis.warnings().stream().anyMatch(w -> w.id() == WarningId.CONTRADICTION), what);
          boolean decided = diagnosis.verdict().state() == VerdictState.DECIDED;
          assertFalse(decided && isFelt(family, type), "proved by the senses: " + what);
          Action action = diagnosis.verdict().remedy().action();
          assertFalse(
              action != null && action.isDear() && isFelt(family, type),
              "a part is bought by the senses: " + what);
          if (decided) {
            String proof = diagnosis.verdict().proof();
            assertTrue(proof != null && proof.startsWith("A finding"), what + ": " + proof);
          }
          assertEquals(
              1,
              diagnosis.suspects().stream().mapToDouble(Diagnosis.SuspectView::probability).sum(),
              1e-9);
        }
      }
    }
    assertTrue(tried > Share.of(1500, 300), "tried " + tried);
  }
}
