package variablerotor.server.motor;

import variablerotor.server.csv.Columns;

/** Motors as a table: a header of the open format's names. */
final class MotorTable {
  private MotorTable() {}

  static final Columns COLUMNS =
      new Columns("id", "family", "volts")
          .texts("id", "family")
          .numbers("horsepower")
          .texts("volts")
          .numbers("phases", "hertz", "rpm", "fullLoadAmps")
          .texts("frame")
          .numbers("shaftDiameterIn", "shaftLengthIn", "bodyLengthIn")
          .texts("rotation", "mount", "enclosure")
          .numbers("speedTaps")
          .flags("feedback", "feedbackCanBeDisabled", "programmed")
          .lists("adapters")
          .numbers("onHand")
          .texts("at")
          .numbers("price", "leadDays", "warrantyMonths", "wattsPerThousandCfm");
}
