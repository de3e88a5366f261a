package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

@DisplayName("A plan")
class PlanRequestTest {
  /** An outdoor fan on a contactor of one pole, with a dual capacitor. */
  private static final PlanRequest OUTDOORS =
      PlanRequest.plan(Pattern.A, PartType.LINE_240)
          .stages(List.of("LOW", "HIGH"))
          .speeds(List.of("HIGH", "LOW"))
          .capacitor(7.5, 440.0)
          .speedFor(Map.of(CallId.COOL, "LOW"))
          .outdoors(true)
          .extras(new PlanRequest.Extras(1, true, 75.0, true, Map.of(CallId.COOL, "LOW")))
          .build();

  @Test
  @DisplayName("looked at by another pattern and back has lost nothing")
  void back() {
    for (Pattern pattern : List.of(Pattern.A1, Pattern.C)) {
      assertEquals(OUTDOORS, OUTDOORS.as(pattern).as(Pattern.A), pattern.name());
    }
    assertEquals(1, OUTDOORS.as(Pattern.E).as(Pattern.A).extras().contactorPoles());
  }

  @Test
  @DisplayName("of another pattern stands where that pattern stands, on its line")
  void where() {
    assertFalse(OUTDOORS.as(Pattern.E).outdoors());
    assertFalse(OUTDOORS.as(Pattern.B).outdoors());
    assertTrue(OUTDOORS.as(Pattern.C).outdoors());
    PlanRequest drive = OUTDOORS.as(Pattern.D);
    assertEquals(PartType.LINE_3PH, drive.supply());
    assertEquals(PartType.LINE_240, drive.as(Pattern.E).supply());
    PlanRequest small = PlanRequest.plan(Pattern.E, PartType.LINE_120).build().as(Pattern.A);
    assertEquals(PartType.LINE_120, small.supply());
    assertEquals(List.of("LOW", "HIGH"), small.stages());
    assertEquals(List.of("HIGH", "LOW"), small.speeds());
    assertTrue(small.outdoors());
  }

  @Test
  @DisplayName("leaves out what its pattern does not ask for")
  void asked() {
    PlanRequest relay = OUTDOORS.as(Pattern.E).asked();
    assertEquals(2, relay.extras().contactorPoles());
    assertFalse(relay.extras().fanCycling());
    assertFalse(relay.extras().dualCapacitor());
    assertEquals(75.0, relay.extras().secondTransformerVa());
    assertEquals("LOW", relay.speedFor().get(CallId.COOL));
    assertEquals(7.5, relay.microfarads());
    PlanRequest drive = OUTDOORS.as(Pattern.D).asked();
    assertNull(drive.microfarads());
    assertNull(drive.extras().secondTransformerVa());
    assertTrue(drive.speeds().isEmpty());
    assertTrue(OUTDOORS.asked().speedFor().isEmpty());
    assertEquals(Map.of(CallId.COOL, "LOW"), OUTDOORS.asked().extras().lowSpeeds());
    assertTrue(OUTDOORS.as(Pattern.A1).asked().extras().lowSpeeds().isEmpty());
  }

  @Test
  @DisplayName("keeps a fan relay only where the pattern shows it")
  void fanRelay() {
    PlanRequest loan = OUTDOORS.as(Pattern.C).withFanRelay();
    assertTrue(loan.as(Pattern.C).fanRelay());
    assertFalse(loan.as(Pattern.B).fanRelay());
  }
}
