package variablerotor.core.history;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** What the history of a unit is judged by. */
public final class HistoryFigures {
  public static final Figure COMEBACK_DAYS =
      new Figure(
          "history.comeback",
          "A unit that is called for again came back, within",
          30,
          "d",
          Source.practice("the month in which a shop answers for its repair"));

  private HistoryFigures() {}

  /** Every one of them. */
  public static List<Figure> all() {
    return List.of(COMEBACK_DAYS);
  }
}
