package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.text.Words;

/** What is to be done where that is settled, and what could still turn it where it is not. */
final class WhatToDo {
  private final Evidence evidence;
  private final CauseTable table;
  private final Belief belief;
  private final Remedies remedies;
  private final Judgement judgement;
  private final Goal done;
  private final RestsOn restsOn;
  private final boolean consistent;
  private final List<FactType> questions;
  private final @Nullable MendAndSee mend;

  /**
   * @param consistent whether all readings can be true together
   * @param questions for plate and counter that are open
   */
  WhatToDo(
      Evidence evidence,
      Remedies remedies,
      Judgement judgement,
      Goal done,
      RestsOn restsOn,
      boolean consistent,
      List<FactType> questions) {
    this.evidence = evidence;
    table = evidence.table;
    belief = evidence.belief;
    this.remedies = remedies;
    this.judgement = judgement;
    this.done = done;
    this.restsOn = restsOn;
    this.consistent = consistent;
    this.questions = questions;
    mend = judgement.action == 0 && consistent ? MendAndSee.of(evidence) : null;
  }

  /**
   * @param next the checks that come next, best first
   */
  Remedy remedy(List<Diagnosis.NextTest> next) {
    Set<Action> also = new LinkedHashSet<>();
    if (mend != null) {
      evidence.found().forEach(found -> also.add(found.action()));
      also.remove(mend.found().action());
      return new Remedy(
          Remedy.State.SETTLED,
          mend.found().action(),
          List.copyOf(also),
          mend.found().sentence() + " " + mend.how() + ". " + MendAndSee.STANDING,
          mend.how(),
          MendAndSee.STANDING,
          mend.trial(),
          List.of());
    }
    if (!consistent || judgement.action == 0) {
      evidence.found().forEach(found -> also.add(found.action()));
      return Remedy.open(List.copyOf(also), openSentence(), wouldChange(next));
    }
    Action action = Remedies.action(judgement.action);
    if (action == Action.REPLACE_BOARD && !callIsThere()) {
      return Remedy.open(
          List.of(),
          "A board is silent only if a call reaches it: look at that first.",
          List.of("call.present"));
    }
    // A module alone is not put on a motor whose bearing is heard.
    if (action == Action.REPLACE_MODULE && Shown.grinds(evidence)) {
      action = Action.REPLACE_MOTOR;
    }
    also.addAll(judgement.also());
    evidence.found().forEach(found -> also.add(found.action()));
    addSilentBoard(action, also);
    also.remove(action);
    if (action == Action.REPLACE_MOTOR) {
      also.remove(Action.REPLACE_MODULE);
    }
    return settled(action, also);
  }

  /** Both ends broken: what is proved not to ask is mended with the motor, too. */
  private void addSilentBoard(Action action, Set<Action> also) {
    boolean named =
        action == Action.REPLACE_BOARD
            || action == Action.REPAIR_COMMAND
            || also.contains(Action.REPLACE_BOARD)
            || also.contains(Action.REPAIR_COMMAND);
    boolean call =
        Boolean.TRUE.equals(evidence.situation.facts().flag(FactType.CALL_PRESENT))
            && evidence.situation.family().profile().faults().contains(Fault.BOARD_SILENT);
    if (!named && judgement.suspects().contains(Suspect.COMMAND)) {
      also.add(call ? Action.REPLACE_BOARD : Action.REPAIR_COMMAND);
    }
  }

  private Remedy settled(Action action, Set<Action> also) {
    Fault fault = likeliest(action);
    String how =
        fault == null
            ? null
            : new Mends(evidence.situation.facts(), evidence.situation.family().profile())
                .of(fault);
    String besides =
        also.isEmpty()
            ? ""
            : " Besides: "
                + Words.and(also.stream().map(Action::title).map(Words::inside).toList())
                + ".";
    // One line of its state: never that nothing can change it, above a reading that would.
    String standing =
        action.isDear() && !restsOn.doubted().isEmpty()
            ? "Before you order, take once more what it rests on."
            : "No further check can change what you do.";
    return new Remedy(
        Remedy.State.SETTLED,
        action,
        List.copyOf(also),
        (how == null ? action.title() : how) + "." + besides + " " + standing,
        how,
        standing,
        null,
        List.of());
  }

  /** The fault that the facts make likeliest, of those that ask for this. */
  private @Nullable Fault likeliest(Action action) {
    Map<Fault, Double> shares = new EnumMap<>(Fault.class);
    for (int i = 0; i < belief.probability.length; i++) {
      for (Fault fault : table.causes.get(i).faults()) {
        if (action == remedies.of(fault)) {
          shares.merge(fault, belief.probability[i], Double::sum);
        }
      }
    }
    return shares.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(null);
  }

  /** The board's driver in the place of a module is not asked for a command. */
  private boolean callIsThere() {
    boolean silent = judgement.suspects().contains(Suspect.COMMAND) || judgement.proved == 0;
    return !silent
        || Boolean.TRUE.equals(evidence.situation.facts().flag(FactType.CALL_PRESENT))
        || !evidence.situation.family().profile().faults().contains(Fault.BOARD_SILENT);
  }

  private String openSentence() {
    if (!consistent) {
      return "Take the readings that exclude each other again first.";
    }
    if (judgement.waits) {
      return evidence.isSpun()
          ? "Never fit a new module to an unchecked motor: measure the three pairs and each lead to"
              + " the frame first."
          : "Turn it by hand before you order: a minute, and it can make a bearing or the winding"
              + " of it.";
    }
    if (Remedies.isModuleOrMotor(belief.settled(done))) {
      return "A new module, or the motor with it: the plate and the counter decide.";
    }
    if (belief.leading() == Suspect.OTHER) {
      return "Not settled yet: the readings fit nothing on the list.";
    }
    List<String> likely = likelyActions();
    if (likely.size() == 1) {
      return "Not settled yet. Likeliest: " + likely.get(0) + ".";
    }
    List<String> known = Headline.known(evidence);
    return known.isEmpty()
        ? "Not settled yet: many things are still possible."
        : "Not settled yet. " + String.join(" ", known);
  }

  /** An action at least this likely is named while all is open. Judgement. */
  private static final double NAMED = 0.1;

  /** Less than this together, and what is named would mislead. Judgement. */
  private static final double TOGETHER = 0.8;

  /** What may come to be done, the likeliest first, spoken; none where that is too little of it. */
  private List<String> likelyActions() {
    Map<Integer, Double> shares = new TreeMap<>();
    for (int i = 0; i < belief.probability.length; i++) {
      shares.merge(remedies.bit(i), belief.probability[i], Double::sum);
    }
    shares.values().removeIf(share -> share < NAMED);
    if (shares.values().stream().mapToDouble(Double::doubleValue).sum() < TOGETHER) {
      return List.of();
    }
    // What may come to the whole motor anyway names it.
    if (shares.keySet().stream().anyMatch(Remedies::isModuleOrMotor)) {
      shares.remove(1 << Action.REPLACE_MOTOR.ordinal());
    }
    return shares.entrySet().stream()
        .sorted(Map.Entry.<Integer, Double>comparingByValue().reversed())
        .map(share -> spoken(share.getKey()))
        .toList();
  }

  private static String spoken(int bit) {
    if (bit == 0) {
      return "something that is not on the list";
    }
    if (Remedies.isModuleOrMotor(bit)) {
      return "replace the module, or the motor with it";
    }
    Action action = Remedies.action(bit);
    return action == Action.NOTHING
        ? "leave it, it works as it should"
        : Words.inside(action.title());
  }

  /** The checks of which some answer takes away something that could be done. */
  private List<String> wouldChange(List<Diagnosis.NextTest> next) {
    List<String> ids = new ArrayList<>();
    boolean[] rivals = belief.rivals();
    int before = bits(rivals, -1, 0);
    List<Diagnosis.NextTest> inOrder = new ArrayList<>(next);
    inOrder.sort(Comparator.comparingInt(test -> table.checks.indexOf(test.check())));
    for (Diagnosis.NextTest test : inOrder) {
      int c = table.checks.indexOf(test.check());
      for (int o = 0; o < test.outcomes().size() && !test.check().isSoft(); o++) {
        boolean comes = test.outcomes().get(o).probability() >= SELDOM;
        int after = bits(rivals, c, o);
        boolean turns = (after != before && after != 0) || test.outcomes().get(o).decides();
        if (comes && turns) {
          ids.add(test.check().id());
          break;
        }
      }
    }
    if (judgement.waits) {
      evidence.unchecked().stream().filter(id -> !ids.contains(id)).forEach(ids::add);
    }
    for (FactType question : questions) {
      ids.add(question.id());
    }
    // Where no one answer does it, each takes a part of the doubt away.
    return ids.isEmpty()
        ? inOrder.stream()
            .filter(one -> !one.check().isSoft())
            .map(one -> one.check().id())
            .toList()
        : ids;
  }

  /** Answers rarer than this are not reckoned with. Judgement. */
  private static final double SELDOM = 0.002;

  private int bits(boolean[] rivals, int check, int outcome) {
    int bits = 0;
    for (int i = 0; i < rivals.length; i++) {
      boolean left = rivals[i] && (check < 0 || table.possible[check][i][outcome]);
      bits |= left ? done.bits()[i] : 0;
    }
    return bits;
  }
}
