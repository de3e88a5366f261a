package variablerotor.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.bench.FaultyWinding;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.Meter;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.WindingAnalysis;
import variablerotor.core.winding.WindingReadings;
import variablerotor.core.winding.WindingTests;

/** What is drawn of a winding, from its readings. */
class WindingPictureTest {
  private static Drawing of(FaultyWinding winding) {
    return WindingPicture.of(WindingAnalysis.of(winding.readings(0.01)));
  }

  private static long failed(Drawing drawing) {
    return drawing.strokes().stream().filter(one -> one.ink() == Ink.FAILED).count()
        + drawing.boxes().size()
        + drawing.dots().stream().filter(one -> one.fill() == Ink.FAILED).count();
  }

  private static boolean says(Drawing drawing, String text) {
    return drawing.labels().stream().anyMatch(label -> label.text().equals(text));
  }

  @Test
  void aSoundWindingHasThreeCoilsAndNoMark() {
    Drawing drawing = of(FaultyWinding.healthy(3));
    assertEquals(3, drawing.strokes().size());
    assertTrue(drawing.strokes().stream().allMatch(coil -> coil.ink() == Ink.COPPER));
    assertEquals(0, failed(drawing));
    assertTrue(says(drawing, "3.00 Ω"));
  }

  /** Each coil: where it begins, then two curves a half turn, ending at the star point. */
  @Test
  void aCoilEndsWhereItShouldWithAllItsTurns() {
    List<List<Double>> coil = of(FaultyWinding.healthy(3)).strokes().get(0).pieces();
    assertEquals(List.of(220.0, 26.0), coil.get(0));
    assertEquals(1 + 2 * 6, coil.size());
    List<Double> last = coil.get(coil.size() - 1);
    assertEquals(List.of(220.0, 142.0), last.subList(4, 6));
    // Half-round: the first curve ends a radius along and a radius to the right of the way.
    double radius = 116.0 / 6 / 2;
    assertEquals(220 + radius, coil.get(1).get(4), 0.06);
    assertEquals(26 + radius, coil.get(1).get(5), 0.06);
  }

  @Test
  void phasesThatTouchAreJoinedAtTheirDepth() {
    Drawing drawing = of(FaultyWinding.touching(8, 1, 0.25, 2, 0.25));
    List<Drawing.Dot> marks =
        drawing.dots().stream().filter(dot -> dot.fill() == Ink.FAILED).toList();
    // A quarter of the way from B (96, 222) to the star point (220, 142).
    assertEquals(127, marks.get(0).x(), 0.5);
    assertEquals(202, marks.get(0).y(), 0.5);
    Drawing.Stroke bridge = drawing.strokes().get(3);
    assertTrue(bridge.dashed());
    // It bends away from the star point, which lies above.
    assertTrue(bridge.pieces().get(1).get(1) > marks.get(0).y());
    assertEquals(
        2, drawing.strokes().subList(0, 3).stream().filter(s -> s.ink() == Ink.FAILED).count());
  }

  @Test
  void anOpenPhaseHasTheGapThatItHas() {
    Drawing drawing = of(FaultyWinding.open(3, 0));
    assertEquals(4, drawing.strokes().size(), "one coil in two halves");
    assertTrue(says(drawing, "open"));
  }

  @Test
  void everyFaultHasItsMark() {
    assertEquals(1, of(FaultyWinding.highJoint(3, 2, 2)).boxes().size());
    Drawing turns = of(FaultyWinding.turnShort(3, 2, 0.4));
    assertTrue(turns.strokes().get(3).dashed());
    WindingReadings grounded =
        FaultyWinding.healthy(3)
            .readings(0.01)
            .withFrame(Map.of(Phase.A, new Ohms(40), Phase.B, new Ohms(41), Phase.C, new Ohms(42)));
    Drawing frame = WindingPicture.of(WindingAnalysis.of(grounded));
    // The path, and the three bars of the sign for earth.
    assertEquals(3 + 4, frame.strokes().size());
  }

  @Test
  void nothingIsMarkedWhileTheMeterCannotTell() {
    WindingReadings coarse = WindingReadings.ofPairs(new Ohms(1.0), new Ohms(1.1), new Ohms(1.2));
    assertEquals(0, failed(WindingPicture.of(WindingAnalysis.of(coarse))));
  }

  @Test
  void whatIsNotMeasuredIsDotted() {
    WindingReadings none =
        new WindingReadings(
            Map.of(),
            Map.of(),
            null,
            20,
            Meter.HAND_HELD,
            Connection.UNKNOWN,
            null,
            WindingTests.NONE);
    Drawing drawing = WindingPicture.of(WindingAnalysis.of(none));
    assertTrue(drawing.strokes().stream().allMatch(s -> s.dashed() && s.ink() == Ink.SOFT));
  }

  /** Labels stand clear of the coils, and nothing runs off the ground. */
  @ParameterizedTest
  @ValueSource(doubles = {0.5, 3, 22, 480})
  void labelsAreClearOfTheCoils(double ohms) {
    Drawing drawing = of(FaultyWinding.touching(ohms, 0, 0.3, 1, 0.5));
    for (Drawing.Label label : drawing.labels()) {
      assertTrue(label.x() > drawing.left() && label.x() < drawing.left() + drawing.width());
      assertTrue(label.y() > drawing.top() && label.y() < drawing.top() + drawing.height());
      if (label.text().endsWith("Ω")) {
        Point at = new Point(label.x(), label.y());
        for (Drawing.Stroke coil : drawing.strokes().subList(0, 3)) {
          for (List<Double> piece : coil.pieces()) {
            int end = piece.size() - 2;
            Point on = new Point(piece.get(end), piece.get(end + 1));
            assertFalse(at.distance(on) < 10, label.text());
          }
        }
      }
    }
  }
}
