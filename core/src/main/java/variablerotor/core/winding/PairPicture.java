package variablerotor.core.winding;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;

/**
 * Reads three pair resistances as the picture of one fault.
 *
 * <p>With R the healthy resistance of one phase, in star:
 *
 * <ul>
 *   <li>open phase A: AB and CA are OL, BC = 2R;
 *   <li>turns shorted in A by a share s: AB = CA = (2 − s)R, BC = 2R;
 *   <li>bad joint in A adding j: AB = CA = 2R + j, BC = 2R;
 *   <li>B touching C at depths x and y from the terminals: BC = (x + y)R and AB = R + xR + (1 −
 *       x)(1 − y)R / ((1 − x) + (1 − y)), CA likewise with y.
 * </ul>
 *
 * <p>In delta with one leg open, that pair reads 3 times and the others 1.5 times the healthy pair
 * 2R/3. All follow from series and parallel resistances (any circuit text).
 */
final class PairPicture {

  /** What the pairs show, before the frame is looked at. */
  record Picture(
      Signature signature,
      List<Phase> phases,
      @Nullable Double depth,
      @Nullable Double healthyPairOhms,
      @Nullable Double extraOhms,
      String sentence,
      List<Signature> others) {
    Picture {
      phases = List.copyOf(phases);
      others = List.copyOf(others);
    }

    /** The only picture that explains the readings. */
    Picture(
        Signature signature,
        List<Phase> phases,
        @Nullable Double depth,
        @Nullable Double healthyPairOhms,
        @Nullable Double extraOhms,
        String sentence) {
      this(signature, phases, depth, healthyPairOhms, extraOhms, sentence, List.of());
    }

    /** This one and the others that explain the readings. */
    List<Signature> signatures() {
      List<Signature> all = new ArrayList<>();
      all.add(signature);
      all.addAll(others);
      return all;
    }

    /** With another picture that explains the readings as well, and what parts the two. */
    Picture or(Picture other) {
      String parts =
          isShort() == other.isShort()
              ? " Back-EMF and the motor's own figure tell them apart."
              : " Drag tells them apart: shorted turns brake, module off.";
      List<Signature> rest = new ArrayList<>(others);
      other.signatures().stream().filter(one -> !signatures().contains(one)).forEach(rest::add);
      return new Picture(
          signature,
          phases,
          depth,
          healthyPairOhms,
          extraOhms,
          sentence + " Or else: " + other.sentence + (others.isEmpty() ? parts : ""),
          rest);
    }

    /** Without a healthy pair: where two pictures fit, each has its own. */
    Picture withoutHealthyPair() {
      return new Picture(signature, phases, depth, null, extraOhms, sentence, others);
    }

    boolean isShort() {
      return signature == Signature.TURN_SHORT || signature == Signature.PHASE_TO_PHASE_SHORT;
    }

    /** A picture that puts no figure to its fault. */
    static Picture of(Signature signature, List<Phase> phases, String sentence) {
      return new Picture(signature, phases, null, null, null, sentence);
    }

    /** With the share of the phase that is bridged. */
    Picture depth(double share) {
      return new Picture(signature, phases, share, healthyPairOhms, extraOhms, sentence, others);
    }

    /** With what a healthy pair of this winding reads [Ω]. */
    Picture healthyPair(double ohms) {
      return new Picture(signature, phases, depth, ohms, extraOhms, sentence, others);
    }

    /** With what a joint adds [Ω]. */
    Picture extra(double ohms) {
      return new Picture(signature, phases, depth, healthyPairOhms, ohms, sentence, others);
    }
  }

  /** Natural spread of healthy pairs, within which two readings count as alike. Common practice. */
  private static final double ALIKE_SHARE = 0.03;

  /**
   * How far below nothing a phase may come out before the readings are called impossible
   * [half-width of the band of one reading]. Chosen here: a phase is half the sum of two readings
   * less the third, so their three errors at their worst make one and a half of one.
   */
  private static final double NEGATIVE_LET_PASS = 1.5;

  /**
   * How well two legs of a delta must agree for the third to be named [share]. Chosen here: beyond
   * a fifth the picture is none of the known ones.
   */
  private static final double LEG_FIT = 0.2;

  private final double[] pairs;
  private final double error;
  private final Connection connection;
  private final @Nullable Double reference;

  /**
   * @param pairs AB, BC, CA, lead resistance subtracted [Ω]; infinity is OL
   * @param error half-width of the band round each [Ω]
   * @param reference healthy pair at the temperature of the readings [Ω], or null
   */
  PairPicture(double[] pairs, double error, Connection connection, @Nullable Double reference) {
    this.pairs = pairs;
    this.error = error;
    this.connection = connection;
    this.reference = reference;
  }

  private double of(Pair pair) {
    return pairs[pair.ordinal()];
  }

  /** Whether any winding at all, sound or faulty, can show these three readings. */
  boolean consistent() {
    int open = overLimit();
    if (open > 0) {
      // A pair is OL only if one of its leads is cut off, and then its other pair is OL as well.
      return open != 1;
    }
    return Star.ofPairs(pairs[0], pairs[1], pairs[2]).least() >= -NEGATIVE_LET_PASS * error;
  }

  int overLimit() {
    int count = 0;
    for (double pair : pairs) {
      count += Double.isInfinite(pair) ? 1 : 0;
    }
    return count;
  }

  /**
   * The picture of readings that are out of balance. Where it is not known whether the winding is
   * star or delta, both are tried.
   *
   * @param tests whether the rotor drags, module off: shorted turns brake, a joint or an open leg
   *     does not; and its back-EMF
   */
  Picture ofFault(WindingTests tests) {
    if (overLimit() == 3) {
      return Picture.of(
          Signature.OPEN_PHASE,
          List.of(Phase.values()),
          "All three pairs read OL: two phases or more are open, or the probes touch nothing."
              + " Check the meter on a known resistance first.");
    }
    if (overLimit() == 2) {
      return openPhase();
    }
    return switch (connection) {
      case DELTA -> ofDelta();
      case STAR -> ofStar(tests);
      case UNKNOWN -> either(ofStar(tests), ofDelta(), tests.drags());
    };
  }

  private static Picture either(Picture star, Picture delta, @Nullable Boolean drags) {
    boolean deltaFits = delta.signature() != Signature.UNCLEAR;
    if (!deltaFits || delta.signature() == star.signature()) {
      return star;
    }
    if (star.signature() == Signature.UNCLEAR) {
      return delta;
    }
    if (drags != null && star.isShort() != delta.isShort()) {
      return star.isShort() == drags ? star : delta;
    }
    // One pair twice the other two is an open leg more often than a phase shorted from end to end.
    return delta.signature() == Signature.OPEN_PHASE ? delta.or(star) : star.or(delta);
  }

  private Picture ofStar(WindingTests tests) {
    Phase odd = oddPhase();
    double opposite = of(odd.opposite());
    double one = of(odd.opposite().next());
    double two = of(odd.opposite().next().next());
    if (alike(one, two)) {
      double touching = (one + two) / 2;
      if (touching < opposite) {
        return twoLow(odd, touching, opposite);
      }
      return oneLow(odd, touching, opposite, tests);
    }
    Pair low = lowestPair();
    Picture touch = isFar(low) ? phasesTouching(low) : null;
    return touch != null ? touch : unclear();
  }

  private Picture openPhase() {
    Pair left = Pair.AB;
    for (Pair pair : Pair.values()) {
      if (!Double.isInfinite(of(pair))) {
        left = pair;
      }
    }
    Phase open = left.opposite();
    return Picture.of(
            Signature.OPEN_PHASE,
            List.of(open),
            "Phase " + open + " is open. " + left.spoken() + " reads what a healthy pair should.")
        .healthyPair(of(left));
  }

  private Picture twoLow(Phase odd, double touching, double opposite) {
    double share = Math.min(1, 2 - 2 * touching / opposite);
    return Picture.of(
            Signature.TURN_SHORT,
            List.of(odd),
            "About " + percent(share) + " of the turns of phase " + odd + " are shorted.")
        .depth(share)
        .healthyPair(opposite);
  }

  /**
   * One low pair and two equal high ones: phases touching, or a bad joint in the third phase,
   * whatever the depth. The motor's own figure parts them, or what it does when it is turned:
   * phases that touch brake and make uneven volts, a joint does neither. Else both are named, the
   * likelier first, and neither's healthy pair.
   */
  private Picture oneLow(Phase odd, double touching, double opposite, WindingTests tests) {
    Picture joint = highJoint(odd, touching, opposite);
    Picture touch = phasesTouching(odd.opposite());
    if (touch == null) {
      return joint;
    }
    if (reference != null) {
      double healthy = Objects.requireNonNull(touch.healthyPairOhms());
      return Math.abs(healthy - reference) < Math.abs(opposite - reference) ? touch : joint;
    }
    if (Boolean.TRUE.equals(tests.drags())) {
      return touch;
    }
    if (tests.clear()) {
      return joint;
    }
    boolean free = Boolean.FALSE.equals(tests.drags());
    return isFar(odd.opposite()) && !free
        ? touch.withoutHealthyPair().or(joint)
        : joint.withoutHealthyPair().or(touch);
  }

  /** Whether a pair is so far below the other two that a joint in the third phase is the rarer. */
  private boolean isFar(Pair low) {
    double others = (pairs[0] + pairs[1] + pairs[2] - of(low)) / 2;
    return reference != null || of(low) < WindingFigures.FAR_LOWER.value() * others;
  }

  private Picture highJoint(Phase odd, double touching, double opposite) {
    return Picture.of(
            Signature.HIGH_JOINT,
            List.of(odd),
            "A joint in phase "
                + odd
                + " adds about "
                + Numbers.plain(touching - opposite, 1)
                + " Ω.")
        .healthyPair(opposite)
        .extra(touching - opposite);
  }

  /**
   * Two phases touching, solved for R and both depths. With the star R_A, b, c that shows the pairs
   * (b = xR, c = yR), R_A = R + (R − b)(R − c)/(2R − b − c), so 3R² − 2(R_A + S)R + (bc + R_A S) =
   * 0 with S = b + c; the larger root is the one that leaves both depths below 1.
   *
   * @return null where no such R exists
   */
  private @Nullable Picture phasesTouching(Pair low) {
    Star star = Star.ofPairs(pairs[0], pairs[1], pairs[2]);
    double third = star.of(low.opposite());
    double b = Math.max(0, star.of(low.first()));
    double c = Math.max(0, star.of(low.second()));
    double sum = b + c;
    double discriminant = (third + sum) * (third + sum) - 3 * (b * c + third * sum);
    if (discriminant < 0) {
      return null;
    }
    double phase = (third + sum + Math.sqrt(discriminant)) / 3;
    if (phase <= 0 || Math.max(b, c) > phase) {
      return null;
    }
    double depth = sum / (2 * phase);
    return Picture.of(
            Signature.PHASE_TO_PHASE_SHORT,
            low.leads(),
            "Phase "
                + low.first()
                + " touches phase "
                + low.second()
                + ", about "
                + percent(depth)
                + " in from the terminals.")
        .depth(depth)
        .healthyPair(2 * phase);
  }

  private Picture ofDelta() {
    Delta legs = Star.ofPairs(pairs[0], pairs[1], pairs[2]).toDelta();
    Pair odd = Pair.AB;
    double best = Double.MAX_VALUE;
    for (Pair leg : Pair.values()) {
      double one = legs.of(leg.next());
      double two = legs.of(leg.next().next());
      double apart = Math.abs(one - two) / (one + two);
      if (apart < best) {
        best = apart;
        odd = leg;
      }
    }
    double healthyLeg = (legs.of(odd.next()) + legs.of(odd.next().next())) / 2;
    double leg = legs.of(odd);
    List<Phase> phases = odd.leads();
    double healthyPair = 2 * healthyLeg / 3;
    double round = of(odd.next()) + of(odd.next().next());
    if (Math.abs(of(odd) - round) <= 3 * error) {
      return Picture.of(
              Signature.OPEN_PHASE,
              phases,
              "The leg from " + odd.spoken() + " is open: it reads three times a healthy pair.")
          .healthyPair(of(odd) / 3);
    }
    if (!(best <= LEG_FIT)) {
      return unclear();
    }
    if (leg < healthyLeg) {
      double share = 1 - leg / healthyLeg;
      return Picture.of(
              Signature.TURN_SHORT,
              phases,
              "About " + percent(share) + " of the turns from " + odd.spoken() + " are shorted.")
          .depth(share)
          .healthyPair(healthyPair);
    }
    return Picture.of(
            Signature.HIGH_JOINT,
            phases,
            "A joint in the leg from "
                + odd.spoken()
                + " adds about "
                + Numbers.plain(leg - healthyLeg, 1)
                + " Ω.")
        .healthyPair(healthyPair)
        .extra(leg - healthyLeg);
  }

  private Picture unclear() {
    Pair low = lowestPair();
    return Picture.of(
        Signature.UNCLEAR,
        low.leads(),
        "The three pairs differ, but not as any single fault would make them.");
  }

  private Pair lowestPair() {
    Pair low = Pair.AB;
    for (Pair pair : Pair.values()) {
      if (of(pair) < of(low)) {
        low = pair;
      }
    }
    return low;
  }

  /** The phase whose two pairs are most alike; the pair opposite to it is then the odd one. */
  private Phase oddPhase() {
    Phase odd = Phase.A;
    double best = Double.MAX_VALUE;
    for (Phase phase : Phase.values()) {
      Pair opposite = phase.opposite();
      double apart = Math.abs(of(opposite.next()) - of(opposite.next().next()));
      if (apart < best) {
        best = apart;
        odd = phase;
      }
    }
    return odd;
  }

  private boolean alike(double one, double two) {
    return Math.abs(one - two) <= 2 * error + ALIKE_SHARE * Math.max(one, two);
  }

  private static String percent(double share) {
    return Numbers.fixed(100 * share, 0) + " %";
  }
}
