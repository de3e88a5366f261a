package variablerotor.core.fitting;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** What the steps of the hands are held against. */
public final class FitFigures {
  public static final Figure SAFE_VOLTS =
      new Figure(
          "fit.safe",
          "Nothing with a bus is touched from this on",
          50,
          "V",
          Source.standard("NFPA 70E"));

  /** Between the two ranges of a dual-voltage plate, far from both. */
  public static final Figure LINK_BETWEEN =
      new Figure(
          "fit.link",
          "A line above this is no 115 V line, one below it no 208-230 V line",
          160,
          "V",
          Source.practice("judgement: far from both"));

  /** 240 V and a tenth. */
  public static final Figure LINK_MOST =
      new Figure(
          "fit.link.most",
          "A link set for 208-230 V bears up to",
          264,
          "V",
          Source.standard("NEMA MG 1, 12.44, voltage variation ±10 %"));

  public static final Figure LINE_LEAST =
      new Figure(
          "fit.line.least",
          "A line below this was off when it was measured",
          90,
          "V",
          Source.practice("judgement: no supply is made for so little"));

  private FitFigures() {}

  /** Every one of them. */
  public static List<Figure> all() {
    return List.of(SAFE_VOLTS, LINK_BETWEEN, LINK_MOST, LINE_LEAST);
  }
}
