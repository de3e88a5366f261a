package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.MotorPlate.Mount;

/**
 * Which steps this job has, by what is known and was noted of it: none that does not concern it.
 */
final class Steps {
  private Steps() {}

  static List<Step> of(FitCase told, Notes notes) {
    FitCase job = told.mount() == null ? held(told, notes) : told;
    List<Step> steps = new ArrayList<>();
    new OutSteps(job, notes).addTo(steps);
    new BesideSteps(job, notes).addTo(steps);
    new InSteps(job, notes).addTo(steps);
    new SettingSteps(job, notes).addTo(steps);
    new PowerSteps(job).addTo(steps);
    // The mend of a setting stands among the settings, wherever it was made.
    steps.sort(Comparator.comparing(Step::stage));
    return steps;
  }

  private static FitCase held(FitCase told, Notes notes) {
    Mount mount =
        Arrays.stream(Mount.values())
            .filter(one -> notes.say(Asked.MOUNT.id(), one.name()))
            .findFirst()
            .orElse(null);
    return mount == null ? told : told.held(mount);
  }

  /** Whether the new plugs have fewer wires than the old ones. */
  static boolean fewerWires(Notes notes) {
    Double before = notes.figure(Asked.OLD_WIRES.id());
    Double after = notes.figure(Asked.NEW_WIRES.id());
    return before != null && after != null && after < before;
  }

  /** Why a step is not done by what was noted at it; null where nothing stands against it. */
  static @Nullable String trouble(Step step, FitCase job, Notes notes) {
    for (Ask ask : step.asks()) {
      Ask.Word said = ask.said(notes.of(ask.id()));
      if (said != null && said.leadsTo() != null) {
        return said.leadsTo();
      }
      if (ask.id().equals(Asked.LINK.id())) {
        String wrong = SettingSteps.linkTrouble(job, notes);
        if (wrong != null) {
          return wrong;
        }
      }
      Double left = notes.figure(Asked.REST_VOLTS.id());
      if (ask.id().equals(Asked.REST_VOLTS.id())
          && left != null
          && left >= FitFigures.SAFE_VOLTS.value()) {
        return "Not yet: below 50 V before anything is touched. Wait on; a bleed that never comes"
            + " down is a fault of its own, and no finger’s work.";
      }
    }
    return null;
  }
}
