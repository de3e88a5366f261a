package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.MeasuredWindow;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Command;
import variablerotor.core.likelihood.Check;
import variablerotor.core.signal.FiveWire;
import variablerotor.core.signal.SignalFigures;
import variablerotor.core.signal.WheelSpeed;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.BackEmf;

/** What the readings amount to beside the verdict: speeds, and the windows in force. */
final class Notes {
  private Notes() {}

  static List<Diagnosis.Note> of(Evidence evidence) {
    List<Diagnosis.Note> notes = new ArrayList<>();
    Facts facts = evidence.situation.facts();
    if (evidence.situation.family().profile().command() == Command.SPEED_VOLTS) {
      command(notes, facts);
    }
    speed(notes, facts);
    wheel(notes, facts, evidence.situation.family().profile().command() == Command.SPEED_VOLTS);
    return notes;
  }

  /** What was heard or measured at the wheel. It proves nothing: a blade is soon miscounted. */
  private static void wheel(List<Diagnosis.Note> notes, Facts facts, boolean speedVolts) {
    Double rpm = facts.number(FactType.ROTOR_RPM);
    if (rpm == null) {
      return;
    }
    String sentence = "The wheel turned at " + Numbers.plain(rpm, 0) + " r/min.";
    Double volts = facts.number(FactType.COMMAND_VOLTS);
    if (speedVolts && volts != null && FiveWire.sampleRpm(volts) > 0) {
      sentence +=
          " At "
              + Numbers.plain(volts)
              + " V a sample motor turns at about "
              + Numbers.plain(Math.round(FiveWire.sampleRpm(volts) / 10) * 10.0, 0)
              + "; motors differ. Take both once more at another command: more volts must be faster.";
    }
    notes.add(new Diagnosis.Note("WHEEL_SPEED", sentence, null));
    Double less = facts.number(FactType.ROTOR_RPM_LESS);
    if (less != null && less > 0 && rpm > 0) {
      notes.add(
          new Diagnosis.Note(
              "SPEED_FOLLOWS",
              WheelSpeed.told(less, rpm) + follows(WheelSpeed.of(less, rpm)),
              SignalFigures.SPEED_APART.id()));
    }
  }

  /**
   * What it says of the fault; a wheel that turns as it is asked to is no proof of a good motor.
   */
  private static String follows(WheelSpeed speed) {
    return switch (speed) {
      case FOLLOWS -> " The motor hears it.";
      case STAYS ->
          " Are both calls set to one speed, or is it at its top on both? If not, read what reaches"
              + " the motor on each.";
      case FALLS -> " Look which call is set for more air, and what reaches the motor on each.";
    };
  }

  private static void command(List<Diagnosis.Note> notes, Facts facts) {
    Double volts = facts.number(FactType.COMMAND_VOLTS);
    if (volts == null) {
      return;
    }
    double rpm = FiveWire.sampleRpm(volts);
    String sentence =
        rpm > 0
            ? "A speed command of "
                + Numbers.plain(volts)
                + " V asks for about "
                + Numbers.plain(Math.round(rpm / 10) * 10.0, 0)
                + " r/min on a sample motor; more volts must be faster."
            : "A speed command of "
                + Numbers.plain(volts)
                + " V is a call to stand still: it begins to turn near 2 V.";
    notes.add(new Diagnosis.Note("EXPECTED_SPEED", sentence, SignalFigures.SPEED_LOW.id()));
  }

  private static void speed(List<Diagnosis.Note> notes, Facts facts) {
    Double hertz = facts.number(FactType.FEEDBACK_HERTZ);
    Double pulses = facts.number(FactType.FEEDBACK_PULSES);
    if (hertz == null || pulses == null || hertz <= 0) {
      return;
    }
    double rpm = BackEmf.rpm(hertz, (int) Math.round(pulses));
    notes.add(
        new Diagnosis.Note(
            "MEASURED_SPEED",
            Numbers.plain(hertz, 1)
                + " Hz with "
                + Numbers.plain(pulses, 0)
                + " pulses a revolution: "
                + Numbers.plain(rpm, 0)
                + " r/min.",
            null));
  }

  /** Every window that a check of this call is held against, and who says so. */
  static List<Diagnosis.WindowInForce> windows(Evidence evidence) {
    List<Diagnosis.WindowInForce> windows = new ArrayList<>();
    for (Check check : evidence.table.checks) {
      MeasuredWindow window = check.question().window();
      if (window != null) {
        windows.add(
            new Diagnosis.WindowInForce(
                window.reading(), window.own(), window.inForce(evidence.situation.facts())));
      }
    }
    return windows;
  }
}
