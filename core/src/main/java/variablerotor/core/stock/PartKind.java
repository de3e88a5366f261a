package variablerotor.core.stock;

import java.util.List;

/** Kinds of parts that are kept, each with what tells one of them from another. */
public enum PartKind {
  MOTOR("motor"),
  MODULE("module"),
  BOARD("board"),
  DRIVE("drive", RatingField.VOLTS, RatingField.AMPS),
  CAPACITOR("capacitor", RatingField.MICROFARADS, RatingField.VOLTS),
  RELAY("relay", RatingField.COIL_VOLTS, RatingField.AMPS),
  CONTACTOR("contactor", RatingField.COIL_VOLTS, RatingField.POLES, RatingField.AMPS),
  OVERLOAD("overload relay", RatingField.AMPS_FROM, RatingField.AMPS),
  TRANSFORMER("transformer", RatingField.VA),
  ADAPTER("adapter"),
  OTHER("other part");

  private final String title;
  private final List<RatingField> ratings;

  PartKind(String title, RatingField... ratings) {
    this.title = title;
    this.ratings = List.of(ratings);
  }

  /** As it is named in a sentence. */
  public String title() {
    return title;
  }

  /** What such a part is rated by. */
  public List<RatingField> ratings() {
    return ratings;
  }
}
