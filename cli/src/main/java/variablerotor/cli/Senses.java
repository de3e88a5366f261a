package variablerotor.cli;

import java.io.PrintStream;
import java.util.List;
import variablerotor.core.staged.LampTrial;
import variablerotor.core.staged.SpeedTrial;
import variablerotor.core.staged.StartTrial;

/**
 * {@code rotor senses}: how well lamps are counted by the camera and fans heard by the microphone,
 * on drawn films and made sounds of which the truth is known.
 */
final class Senses {
  private static final int FILMS = 500;
  private static final int SOUNDS = 300;
  private static final int STARTS = 100;

  private Senses() {}

  static int run(List<String> args, PrintStream out, PrintStream error) {
    long seed = 1;
    if (args.size() == 2 && args.get(0).equals("--seed")) {
      try {
        seed = Long.parseLong(args.get(1));
      } catch (NumberFormatException notWhole) {
        error.println("--seed: found '" + args.get(1) + "'; allowed is a whole number");
        return 2;
      }
    } else if (!args.isEmpty()) {
      error.println("usage: rotor senses [--seed N]");
      return 2;
    }
    LampTrial lamps = LampTrial.of(FILMS, seed);
    out.println(
        line("lamps by the camera", lamps.films(), lamps.right(), lamps.unsure(), lamps.wrong()));
    SpeedTrial speeds = SpeedTrial.of(SOUNDS, seed);
    out.println(
        line("speed by ear", speeds.sounds(), speeds.right(), speeds.unsure(), speeds.wrong()));
    StartTrial starts = StartTrial.of(STARTS, seed);
    out.println(
        line("starts by ear", starts.sounds(), starts.right(), starts.unsure(), starts.wrong()));
    return 0;
  }

  private static String line(String what, int all, int right, int unsure, int wrong) {
    return String.format(
        "%-22s %4d: %4d right, %4d not said for sure, %3d wrong and sure",
        what, all, right, unsure, wrong);
  }
}
