package variablerotor.core.catalogue;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.fact.Repeat;
import variablerotor.core.fitting.FitFigures;
import variablerotor.core.history.HistoryFigures;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.proof.ProofFigures;
import variablerotor.core.signal.SignalFigures;
import variablerotor.core.source.Figure;
import variablerotor.core.winding.WindingFigures;

/** Every figure that decides something, with its source: the answer to "says who?". */
public final class Figures {
  private Figures() {}

  /** Every figure that decides something, with its source. */
  public static List<Figure> all() {
    List<Figure> all = new ArrayList<>();
    all.addAll(WindingFigures.all());
    all.addAll(SignalFigures.all());
    all.addAll(CheckFigures.all());
    all.add(Repeat.AGREES);
    all.add(Experience.STRENGTH);
    all.add(Experience.PLANNED_WORTH);
    all.addAll(CostFigures.all());
    all.addAll(ProofFigures.all());
    all.addAll(FitFigures.all());
    all.addAll(HistoryFigures.all());
    return all;
  }
}
