package variablerotor.core.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import variablerotor.core.catalogue.Catalogue.PlateQuestion;
import variablerotor.core.catalogue.Catalogue.PlateQuestion.Kind;
import variablerotor.core.catalogue.Catalogue.Word;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.winding.Connection;

/** What plates say that is no number, and how it is told. */
final class PlateQuestions {
  /** The volts that plates name, by far the most of them. Common practice. */
  private static final List<String> VOLTS = List.of("115", "208-230", "115/208-230", "277", "460");

  private PlateQuestions() {}

  static List<PlateQuestion> all() {
    List<PlateQuestion> all = new ArrayList<>();
    all.add(
        new PlateQuestion(
            "motor.volts",
            "Line voltage on the plate",
            Kind.DIGITS,
            VOLTS.stream().map(one -> new Word(one, one)).toList()));
    all.add(plain("motor.frame", "Frame", Kind.TEXT));
    all.add(
        choice(
            "motor.rotation",
            "Rotation, seen from the shaft end",
            MotorPlate.Rotation.values(),
            MotorPlate.Rotation::title));
    all.add(choice("motor.mount", "Mount", MotorPlate.Mount.values(), MotorPlate.Mount::title));
    all.add(
        choice(
            "motor.enclosure",
            "Enclosure",
            MotorPlate.Enclosure.values(),
            MotorPlate.Enclosure::title));
    all.add(
        choice(
            "motor.connection",
            "Windings joined in",
            new Connection[] {Connection.STAR, Connection.DELTA},
            Connection::title));
    all.add(plain("motor.moduleRemovable", "Does the module come off the motor?", Kind.FLAG));
    all.add(plain("motor.moduleSoldAlone", "Is the module sold alone?", Kind.FLAG));
    all.add(plain("motor.programmed", "Is it programmed for this unit?", Kind.FLAG));
    all.add(plain("motor.feedback", "Does it send a speed signal?", Kind.FLAG));
    all.add(choice("unit.kind", "Kind of unit", UnitPlate.Kind.values(), UnitPlate.Kind::title));
    all.add(plain("unit.role", "Role", Kind.TEXT));
    all.add(
        new PlateQuestion(
            "unit.heating",
            "Heat in this unit",
            Kind.SEVERAL,
            words(UnitPlate.Heating.values(), UnitPlate.Heating::title)));
    all.add(plain("unit.boardNeedsFeedback", "Does the board wait for a speed signal?", Kind.FLAG));
    all.add(
        plain(
            "unit.feedbackCanBeDisabled",
            "Can the board's proof of speed be switched off?",
            Kind.FLAG));
    all.add(plain("unit.otherHeatOrCooling", "Other heat or cooling in the building?", Kind.FLAG));
    all.add(plain("unit.installed", "Installed", Kind.DAY));
    all.add(plain("unit.warrantyUntil", "Warranty until", Kind.DAY));
    all.add(
        choice(
            "running.staging",
            "Stages of cooling",
            Running.Staging.values(),
            Running.Staging::title));
    return all;
  }

  private static PlateQuestion plain(String path, String title, Kind kind) {
    return new PlateQuestion(path, title, kind, List.of());
  }

  private static <E extends Enum<E>> PlateQuestion choice(
      String path, String title, E[] values, Function<E, String> spoken) {
    return new PlateQuestion(path, title, Kind.CHOICE, words(values, spoken));
  }

  private static <E extends Enum<E>> List<Word> words(E[] values, Function<E, String> spoken) {
    return Arrays.stream(values).map(one -> new Word(one.name(), spoken.apply(one))).toList();
  }
}
