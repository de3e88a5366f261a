package variablerotor.core.fitting;

import static variablerotor.core.fitting.Ask.bad;
import static variablerotor.core.fitting.Ask.word;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import variablerotor.core.check.Symptom;
import variablerotor.core.wiring.PlanRequest.CallId;

/** What is noted at steps, each once: where it is asked, and where it is given back. */
final class Asked {
  private Asked() {}

  private static final double LONGEST_IN = 40;

  static final Ask REST_VOLTS =
      Ask.figure("rest.volts", "Left at the plug or the bus", "V", 0, 1500);

  static final Ask MOUNT =
      Ask.oneOf(
          "mount",
          "How it is held",
          word("BELLY_BAND", "A band round it"),
          word("LUGS", "Feet or lugs"),
          word("STUDS", "Studs through its end"),
          word("CASSETTE", "A cassette or ring, whole"));

  static final Ask WIRES = Ask.text("wires", "Which colour on which terminal");

  static final Ask CLOCK =
      Ask.oneOf(
          "plug.clock",
          "Plugs and leads, seen from the motor’s end, at",
          word("12", "12 o’clock"),
          word("3", "3 o’clock"),
          word("6", "6 o’clock"),
          word("9", "9 o’clock"));

  static final Ask RAIL = Ask.text("rail.holes", "Rails and holes it sat in").ifKnown();

  static final Ask DEPTH =
      Ask.figure("shaft.depth", "Shaft stands out of the hub, or short of it, by", "in", 0, 12);

  static final Ask DEPTH_SIDE =
      Ask.oneOf(
          "shaft.side",
          "The shaft’s end",
          word("OUT", "stands out of the hub"),
          word("FLUSH", "is flush with it"),
          word("SHORT", "ends inside the hub"));

  static final Ask WHEEL_SIDE =
      Ask.oneOf(
          "wheel.side",
          "The hub’s set screw is on",
          word("MOTOR", "the motor’s side"),
          word("FAR", "the far side"));

  static final Ask BAND = Ask.figure("band.in", "Band, from the shell’s shaft end", "in", 0, 20);

  static final Ask EARS = Ask.text("band.ears", "Which way its ears point").ifKnown();

  static final Ask FEET = Ask.text("feet.holes", "Holes, spacers and height of the feet");

  static final Ask WHEEL =
      Ask.oneOf("wheel.off", "The wheel", word("OFF", "is off"), word("STUCK", "will not come"));

  static final Ask STUCK =
      Ask.oneOf(
          "wheel.stuck",
          "After that",
          word("CAME", "it came whole"),
          word("BROKE", "it will not come whole: a new wheel"));

  static final Ask SCREWS = Ask.figure("cassette.screws", "Screws taken out", "", 0, 60);

  static final Ask DRIVE_SETTINGS =
      Ask.text("drive.settings", "Settings off the old drive: volts, amps, Hz, speeds, ramp")
          .ifKnown();

  static final Ask BOARD_SWITCHES =
      Ask.text("board.switches", "Switches and links as they stood").ifKnown();

  static final Ask PART =
      Ask.oneOf(
          "part.right",
          "By its own plate it is",
          word("RIGHT", "the right one"),
          bad(
              "WRONG",
              "another one",
              "Do not fit it. Say below that the wrong part was in the box: the call waits, and the"
                  + " list of calls says so."));

  static final Ask OLD_WIRES = Ask.figure("old.wires", "Wires at the old plugs", "", 0, 60);
  static final Ask NEW_WIRES = Ask.figure("new.wires", "Wires at the new plugs", "", 0, 60);

  static final Ask OLD_LENGTH =
      Ask.figure("old.length", "Length of the old body", "in", 0.5, LONGEST_IN).ifKnown();

  static final Ask NEW_LENGTH =
      Ask.figure("new.length", "Length of the new body", "in", 0.5, LONGEST_IN).ifKnown();

  static final Ask BENCH =
      Ask.oneOf(
          "bench.run",
          "On the bench",
          word("RUNS", "it runs, and the right way"),
          word("NOT_TRIED", "no command can be given here"),
          bad(
              "DEAD",
              "it does not run",
              "Do not take it up. Its link, its command and its supply first; then it goes back to"
                  + " the counter."),
          bad(
              "BACKWARDS",
              "it turns backwards",
              "Change its reversing plug or the two leads for rotation now, and run it again. One"
                  + " that cannot be reversed is the wrong motor."));

  static final Ask PINS =
      Ask.oneOf(
          "pins",
          "The pins",
          word("GOOD", "all at full height, bright"),
          bad(
              "PUSHED",
              "one is pushed back",
              "Push the terminal out from behind, bend its tongue up, latch it again, pull at its"
                  + " wire: it must hold. Then look at every pin once more."),
          bad(
              "TIGHT",
              "a blade is too tight",
              "Do not force it: it pushes its terminal back. Ease the blade with pliers, a little at"
                  + " a time, try it by itself, then look at every pin once more."),
          bad(
              "GREEN",
              "green, burnt or widened",
              "Renew the terminal, and the one that it mates with. Find where the water came from"
                  + " before the plug goes on."));

  static final Ask TURNS =
      Ask.oneOf(
          "turns.free",
          "Turned by hand",
          word("FREE", "nothing rubs"),
          bad(
              "RUBS",
              "it rubs",
              "Loosen the set screw, put the wheel in the middle of both rings, tighten on the flat,"
                  + " turn again. Rubs at one place only: the wheel is bent, or the motor hangs"
                  + " crooked."));

  static final Ask LINK =
      Ask.oneOf(
          "link",
          "The voltage link is",
          word("IN", "in, as its sheet says for 115"),
          word("OUT", "out, as its sheet says for 208-230"),
          word("NONE", "not there: one voltage only"));

  static final Ask SPEED_PROOF =
      Ask.oneOf(
          "speed.proof",
          "The board’s proof of speed is",
          word("OFF", "switched off"),
          word("WIRED", "served: the new motor sends pulses"),
          bad(
              "NO_SWITCH",
              "on, and has no switch",
              "The board will lock this motor out. Do not leave it so: a motor that sends the signal,"
                  + " or the maker’s own."));

  static final Ask ROTATION =
      Ask.oneOf(
          "rotation.set",
          "Rotation, seen from the shaft end, is set to",
          word("CW", "clockwise"),
          word("CCW", "counter-clockwise"));

  static final Ask PROGRAM =
      Ask.oneOf(
          "program",
          "It was programmed for this unit",
          word("COUNTER", "at the counter, by model number"),
          word("BOARD", "by the board, at its first power"),
          bad(
              "NOT_YET",
              "not yet",
              "It does not run right before. The counter needs the unit’s model and serial number:"
                  + " have the photo of the plate ready."));

  static final Ask COMMAND_VOLTS =
      Ask.figure("command.set", "Command set to", "V DC", 0, 10).ifKnown();

  static final Ask FIRST_RUN =
      Ask.oneOf(
          "first.run",
          "At its first call it",
          word("SMOOTH", "starts smoothly and runs"),
          bad(
              "BOTH_WAYS",
              "turns slowly, one way, then the other",
              "A self-finding motor does so once, 10 to 15 s each way with a stop between: count them,"
                  + " touch nothing, and say then what it does. One that is not self-finding has a"
                  + " phase missing: power off."),
          bad(
                  "GIVES_UP",
                  "tries and gives up",
                  "Power off. What was changed first: plug and pins, link, tap, switch, wire, a wheel"
                      + " that rubs. All right and still so: a new search, on the new part.")
              .opening(Symptom.STARTS_THEN_STOPS),
          bad(
                  "TRIPS",
                  "trips the breaker",
                  "Power off, and leave it off. The link: 115 on 208-230 destroys it. Then every lead to"
                      + " the frame, the plug, the wires of the line.")
              .opening(Symptom.TRIPS_PROTECTION),
          bad(
                  "NOTHING",
                  "does nothing",
                  "Door switch in? Call there, at the new plug? Line there? Then plug and pins, link,"
                      + " programming, the board’s lock-out: power off for a minute resets it.")
              .opening(Symptom.NO_RUN));

  private static final List<Ask.Word> GAS =
      List.of(
          word("RIGHT", "no carbon monoxide, flame steady, limit closed"),
          bad(
              "CO",
              "carbon monoxide, or a flame that moves",
              "Off, and it stays off: air the place, nobody sleeps there. Whoever is licensed for gas"
                  + " looks at heat exchanger and flue before it burns again."),
          bad(
              "LIMIT",
              "the limit opens",
              "Too little air over the heat: its tap higher, filter, registers, the wheel’s direction;"
                  + " then once more. A limit is never bridged."));

  /** What gas heat does after a change; where nobody said that it has any, that there is none. */
  static Ask gas(boolean told) {
    List<Ask.Word> words = new ArrayList<>(GAS);
    if (!told) {
      words.add(word("NONE", "it burns none"));
    }
    return Ask.oneOf("gas.after", "After one heat cycle", words.toArray(new Ask.Word[0]));
  }

  /** Where things were before they came out: true of the machine, whichever way is gone. */
  static final List<Ask> PLACES =
      List.of(
          MOUNT,
          WIRES,
          CLOCK,
          RAIL,
          DEPTH,
          DEPTH_SIDE,
          WHEEL_SIDE,
          BAND,
          EARS,
          FEET,
          SCREWS,
          DRIVE_SETTINGS,
          BOARD_SWITCHES);

  static final Ask LINK_BACK =
      Ask.oneOf(
          "serial.back",
          "The board and the motor",
          word("TALK", "talk: no link fault, the lamp flashes the air"),
          bad(
              "SILENT",
              "do not talk",
              "The plug at both ends, then power off for a minute: a new part is taught at its first"
                  + " power. Never 24 V on a message wire."));

  static final Ask PULSES_BACK =
      Ask.oneOf(
          "pulses.back",
          "The speed signal",
          word("BACK", "is there and rises with the speed"),
          word("OFF", "is not used: proof of speed is off"),
          bad(
              "GONE",
              "is missing",
              "Its wire and pin first. A motor that sends none needs the board’s proof of speed"
                  + " switched off."));

  /** Which tap or speed a call gets. */
  static Ask tap(CallId call) {
    return Ask.text("tap." + call.name(), "Tap or speed on " + call.title()).ifKnown();
  }

  /** Something that was changed, looked at again after a fail. */
  static Ask again(String what, String title) {
    return Ask.oneOf(
            "again." + what.toLowerCase(Locale.ROOT),
            title,
            word("RIGHT", "looked at, right"),
            word("MENDED", "was wrong, mended"))
        .ifKnown();
  }
}
