package variablerotor.core.winding;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;

/** From readings at the three leads to a verdict on the winding. */
public final class WindingAnalysis {
  private final WindingReadings readings;
  private final double limitPercent;
  private final double error;

  private WindingAnalysis(WindingReadings readings, double limitPercent) {
    this.readings = readings;
    this.limitPercent = limitPercent;
    this.error = readings.meter().errorOhms();
  }

  /** With the usual limit of 10 %. */
  public static WindingVerdict of(WindingReadings readings) {
    return of(readings, WindingFigures.BALANCE_LIMIT.value());
  }

  /**
   * @param limitPercent largest unbalance that counts as sound [%]
   */
  public static WindingVerdict of(WindingReadings readings, double limitPercent) {
    return new WindingAnalysis(readings, limitPercent).verdict();
  }

  private WindingVerdict verdict() {
    FrameState frame = frame();
    if (framesExcludeEachOther()) {
      return build(
          WindingState.UNCERTAIN,
          inconsistent(
              "One lead reads next to nothing to the frame, and another OL: through the winding it"
                  + " would read no more than the pair. A contact is bad or a number is wrong."),
          null,
          null,
          FrameState.NOT_MEASURED);
    }
    WindingVerdict pairs =
        readings.allPairs()
            ? ofPairs(frame)
            : readings.tests().shorted() ? byTurning(null, null, frame) : notMeasured(frame);
    if (frame != FrameState.SHORT) {
      return frame == FrameState.LEAK ? leaking(pairs) : pairs;
    }
    return shorted(pairs);
  }

  /**
   * A lead that touches the frame takes the others with it: each reads at most that lead's ohms and
   * the pair's (any circuit text). OL beside a dead touch is no winding's.
   */
  private boolean framesExcludeEachOther() {
    for (Pair pair : Pair.values()) {
      Ohms between = readings.pairs().get(pair);
      Ohms one = readings.frame().get(pair.first());
      Ohms other = readings.frame().get(pair.second());
      if (between != null && one != null && other != null && !between.isOverLimit()) {
        double touch = WindingFigures.FRAME_CONDEMNED.value() / 10;
        double near = Math.min(one.value(), other.value());
        if (near < touch && (one.isOverLimit() || other.isOverLimit())) {
          return true;
        }
      }
    }
    return false;
  }

  /** The reading of one pair less the test leads [Ω]; a hair below zero is zero. */
  private double net(Pair pair) {
    Ohms shown = Objects.requireNonNull(readings.pairs().get(pair));
    double net = shown.value() - readings.meter().leadOhms();
    return net < 0 && net >= -error ? 0 : net;
  }

  private WindingVerdict ofPairs(FrameState frame) {
    double[] pairs = {net(Pair.AB), net(Pair.BC), net(Pair.CA)};
    for (double pair : pairs) {
      if (pair < 0) {
        return build(
            WindingState.UNCERTAIN,
            inconsistent(
                "A pair reads less than the test leads alone. Zero the meter, read again."),
            null,
            null,
            frame);
      }
    }
    Double reference =
        readings.referencePairOhms() == null
            ? null
            : Copper.at(readings.referencePairOhms(), Copper.REFERENCE_CELSIUS, readings.celsius());
    PairPicture picture = new PairPicture(pairs, error, readings.connection(), reference);
    boolean numbers = picture.overLimit() == 0;
    Unbalance unbalance = numbers ? Unbalance.of(pairs[0], pairs[1], pairs[2], error) : null;
    Star star = numbers ? Star.ofPairs(pairs[0], pairs[1], pairs[2]) : null;
    if (!picture.consistent()) {
      String why =
          numbers
              ? "One pair reads more than the way round by the third lead."
              : "One pair alone reads OL, and the way round by the third lead does not.";
      return build(
          WindingState.UNCERTAIN,
          inconsistent(why + " No winding does that: a contact is bad or a number is wrong."),
          unbalance,
          null,
          frame);
    }
    WindingTests tests = readings.tests();
    if (unbalance == null || star == null || unbalance.low() > limitPercent) {
      PairPicture.Picture fault = picture.ofFault(tests);
      if (isShort(fault.signature()) && tests.clear()) {
        return build(
            WindingState.UNCERTAIN,
            unclear(
                "The pairs show a short, and a short drags and makes back-EMF uneven: here it"
                    + " turns free and even. Measure the pairs again on clean contacts."),
            unbalance,
            star,
            frame);
      }
      if (isShort(fault.signature()) && unbalance != null && turnsFreeForAShort(unbalance)) {
        return build(
            WindingState.UNCERTAIN,
            unclear(
                "The pairs show a short ("
                    + band(unbalance)
                    + "), and a short drags: here it turns free. Read the pairs again, one meter"
                    + " and clean contacts; the back-EMF or the drag test decides."),
            unbalance,
            star,
            frame);
      }
      return build(WindingState.FAULTY, withBand(fault, unbalance), unbalance, star, frame);
    }
    if (tests.shorted()) {
      return byTurning(unbalance, star, frame);
    }
    if (unbalance.high() > limitPercent
        || Unbalance.spread(pairs[0], pairs[1], pairs[2]) > limitPercent) {
      return between(pairs, unbalance, star, frame);
    }
    if (Boolean.FALSE.equals(tests.even())) {
      return build(
          WindingState.UNCERTAIN,
          unclear(
              "The three pairs agree, and back-EMF does not: few turns shorted, or the speed was"
                  + " not steady. Take both again."),
          unbalance,
          star,
          frame);
    }
    return balanced(pairs, reference, unbalance, star, frame);
  }

  /**
   * One reading with other leads or another meter feigns few shorted turns; a rotor that turns free
   * speaks against them. Deep shorts are believed all the same: the hand can be wrong. The limit
   * twice over is judgement.
   */
  private boolean turnsFreeForAShort(Unbalance unbalance) {
    WindingTests tests = readings.tests();
    return Boolean.FALSE.equals(tests.drags())
        && !Boolean.FALSE.equals(tests.even())
        && unbalance.low() < 2 * limitPercent;
  }

  private static boolean isShort(Signature signature) {
    return signature == Signature.TURN_SHORT || signature == Signature.PHASE_TO_PHASE_SHORT;
  }

  /** Neither clear of the limit nor clear below it: what was tried beside decides, if anything. */
  private WindingVerdict between(double[] pairs, Unbalance unbalance, Star star, FrameState frame) {
    WindingTests tests = readings.tests();
    if (tests.clear()) {
      double mean = (pairs[0] + pairs[1] + pairs[2]) / 3;
      return build(
          WindingState.SOUND,
          new PairPicture.Picture(
              Signature.BALANCED,
              List.of(),
              null,
              mean,
              null,
              "The pairs alone cannot tell: "
                  + band(unbalance)
                  + ". Back-EMF is even and it turns free, so the winding is sound."),
          unbalance,
          star,
          frame);
    }
    if (Boolean.FALSE.equals(tests.even())) {
      return build(
          WindingState.FAULTY,
          unclear(
              "The pairs alone cannot tell: " + band(unbalance) + ". Back-EMF is uneven as well."),
          unbalance,
          star,
          frame);
    }
    return build(WindingState.UNCERTAIN, uncertain(unbalance), unbalance, star, frame);
  }

  /** The pairs do not show it, or were not measured; turning it does. */
  private WindingVerdict byTurning(
      @Nullable Unbalance unbalance, @Nullable Star star, FrameState frame) {
    List<Phase> weak = readings.tests().weakPhases();
    String names = Words.and(weak.stream().map(Enum::name).toList());
    boolean one = weak.size() == 1;
    return build(
        WindingState.FAULTY,
        PairPicture.Picture.of(
            one ? Signature.TURN_SHORT : Signature.PHASE_TO_PHASE_SHORT,
            weak,
            "Back-EMF is uneven and the rotor drags, module off: "
                + (one ? "turns of phase " + names + " are" : "phases " + names + " are")
                + " shorted"
                + (unbalance == null
                    ? "."
                    : ", which the pairs do not tell (" + band(unbalance) + ").")),
        unbalance,
        star,
        frame);
  }

  private static PairPicture.Picture unclear(String why) {
    return PairPicture.Picture.of(Signature.UNCLEAR, List.of(), why);
  }

  private WindingVerdict balanced(
      double[] pairs,
      @Nullable Double reference,
      Unbalance unbalance,
      Star star,
      FrameState frame) {
    double mean = (pairs[0] + pairs[1] + pairs[2]) / 3;
    if (reference != null) {
      double share = limitPercent / 100;
      if (mean + error < (1 - share) * reference) {
        return build(
            WindingState.FAULTY,
            level(reference, "All three pairs read low alike against this motor's own figure of "),
            unbalance,
            star,
            frame);
      }
      if (mean - error > (1 + share) * reference) {
        return build(
            WindingState.UNCERTAIN,
            level(reference, "All three pairs read high alike (probes, hot winding?); healthy is "),
            unbalance,
            star,
            frame);
      }
    }
    String sentence =
        "The three pairs agree: " + band(unbalance) + ", limit " + plain(limitPercent) + " %.";
    return build(
        WindingState.SOUND,
        new PairPicture.Picture(Signature.BALANCED, List.of(), null, mean, null, sentence),
        unbalance,
        star,
        frame);
  }

  private PairPicture.Picture level(double reference, String what) {
    return new PairPicture.Picture(
        Signature.UNCLEAR,
        List.of(Phase.values()),
        null,
        reference,
        null,
        what + Numbers.plain(reference) + " Ω.");
  }

  private PairPicture.Picture uncertain(Unbalance unbalance) {
    return unclear(
        "This meter cannot tell: the unbalance is "
            + band(unbalance)
            + ", limit "
            + plain(limitPercent)
            + " %. Use a milliohm meter, the drag test or the back-EMF.");
  }

  private static PairPicture.Picture inconsistent(String why) {
    return PairPicture.Picture.of(Signature.INCONSISTENT, List.of(), why);
  }

  private PairPicture.Picture withBand(PairPicture.Picture fault, @Nullable Unbalance unbalance) {
    StringBuilder text = new StringBuilder(fault.sentence());
    if (fault.healthyPairOhms() != null && fault.signature() != Signature.OPEN_PHASE) {
      text.append(" A healthy pair here would read about ")
          .append(Numbers.plain(fault.healthyPairOhms(), 1))
          .append(" Ω.");
    }
    if (unbalance != null) {
      text.append(" Unbalance ").append(band(unbalance)).append(", limit ");
      text.append(plain(limitPercent)).append(" %.");
    }
    return new PairPicture.Picture(
        fault.signature(),
        fault.phases(),
        fault.depth(),
        fault.healthyPairOhms(),
        fault.extraOhms(),
        text.toString(),
        fault.others());
  }

  private WindingVerdict notMeasured(FrameState frame) {
    String sentence =
        readings.pairs().isEmpty()
            ? "The pairs are not measured."
            : readings.pairs().size() + " of 3 pairs measured.";
    return build(
        WindingState.NOT_MEASURED,
        PairPicture.Picture.of(Signature.NOT_MEASURED, List.of(), sentence),
        null,
        null,
        frame);
  }

  private FrameState frame() {
    double condemned = WindingFigures.FRAME_CONDEMNED.value();
    boolean all = readings.frame().size() == Phase.values().length;
    boolean path = false;
    for (Ohms ohms : readings.frame().values()) {
      if (ohms.value() < condemned) {
        return FrameState.SHORT;
      }
      path |= !ohms.isOverLimit();
    }
    if (readings.insulationMegohms() != null) {
      return switch (Insulation.state(readings.insulationMegohms(), readings.celsius())) {
        case SOUND -> FrameState.CLEAR;
        case UNCERTAIN -> FrameState.LEAK;
        case LOW -> FrameState.SHORT;
      };
    }
    return path ? FrameState.LEAK : all ? FrameState.CLEAR : FrameState.NOT_MEASURED;
  }

  private WindingVerdict leaking(WindingVerdict pairs) {
    WindingState state =
        pairs.state() == WindingState.FAULTY ? WindingState.FAULTY : WindingState.UNCERTAIN;
    String sentence =
        pairs.sentence()
            + (readings.insulationMegohms() == null
                ? " A path to the frame shows; only a 500 V insulation tester, module off, can tell."
                : " The insulation is under the least value for one kind of varnish at least, and"
                    + " not far under: dry it, and test again.");
    return new WindingVerdict(
        state,
        pairs.signature(),
        pairs.signatures(),
        pairs.unbalance(),
        pairs.phases(),
        pairs.depth(),
        pairs.healthyPairOhms(),
        pairs.extraOhms(),
        pairs.phaseOhms(),
        FrameState.LEAK,
        pairs.insulationAt40(),
        limitPercent,
        sentence);
  }

  private WindingVerdict shorted(WindingVerdict pairs) {
    boolean pairsTell = pairs.state() == WindingState.FAULTY;
    List<Phase> leads = nearestLeads();
    String where =
        leads.isEmpty()
            ? "The winding"
            : "Phase " + Words.and(leads.stream().map(Enum::name).toList());
    String sentence = where + " has a path to the frame: condemned.";
    if (pairs.state() != WindingState.NOT_MEASURED) {
      sentence = sentence + " " + pairs.sentence();
    }
    return new WindingVerdict(
        WindingState.FAULTY,
        pairsTell ? pairs.signature() : Signature.FRAME_SHORT,
        pairsTell ? pairs.signatures() : List.of(Signature.FRAME_SHORT),
        pairs.unbalance(),
        pairsTell ? pairs.phases() : leads,
        pairsTell ? pairs.depth() : frameDepth(pairs, leads),
        pairs.healthyPairOhms(),
        pairs.extraOhms(),
        pairs.phaseOhms(),
        FrameState.SHORT,
        pairs.insulationAt40(),
        limitPercent,
        sentence);
  }

  /** The leads that read least to frame, alike within the meter's error. */
  private List<Phase> nearestLeads() {
    double least = Double.POSITIVE_INFINITY;
    for (Ohms ohms : readings.frame().values()) {
      least = Math.min(least, ohms.value());
    }
    List<Phase> nearest = new ArrayList<>();
    for (Phase phase : Phase.values()) {
      Ohms ohms = readings.frame().get(phase);
      if (ohms != null
          && ohms.value() < WindingFigures.FRAME_CONDEMNED.value()
          && ohms.value() <= least + 2 * error) {
        nearest.add(phase);
      }
    }
    return nearest;
  }

  /**
   * With sound pairs and one fault to frame at depth x of phase A, lead A reads xR + R_f and the
   * other two R + (1 − x)R + R_f, so x = 1 − (other − A)/2R with 2R the pair.
   */
  private @Nullable Double frameDepth(WindingVerdict pairs, List<Phase> leads) {
    if (pairs.healthyPairOhms() == null || leads.size() != 1 || readings.frame().size() != 3) {
      return null;
    }
    double near = Objects.requireNonNull(readings.frame().get(leads.get(0))).value();
    double far = 0;
    for (Ohms ohms : readings.frame().values()) {
      far = Math.max(far, ohms.value());
    }
    double depth = 1 - (far - near) / pairs.healthyPairOhms();
    return depth >= 0 && depth <= 1 ? depth : null;
  }

  private WindingVerdict build(
      WindingState state,
      PairPicture.Picture picture,
      @Nullable Unbalance unbalance,
      @Nullable Star star,
      FrameState frame) {
    Double megohms = readings.insulationMegohms();
    return new WindingVerdict(
        state,
        picture.signature(),
        picture.signatures(),
        unbalance,
        picture.phases(),
        picture.depth(),
        picture.healthyPairOhms(),
        picture.extraOhms(),
        star,
        frame,
        megohms == null ? null : Insulation.at40(megohms, readings.celsius()),
        limitPercent,
        picture.sentence());
  }

  /** Such as {@code 63 % (61 to 65)}. */
  private static String band(Unbalance unbalance) {
    return Numbers.plain(unbalance.percent(), 1)
        + " % ("
        + Numbers.plain(unbalance.low(), 1)
        + " to "
        + Numbers.plain(unbalance.high(), 1)
        + ")";
  }

  private static String plain(double value) {
    return Numbers.plain(value, 1);
  }
}
