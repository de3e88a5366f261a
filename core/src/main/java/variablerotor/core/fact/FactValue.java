package variablerotor.core.fact;

import java.util.List;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.Ohms;

/** The value of a fact, already checked against its type. */
public sealed interface FactValue {

  /** As written on paper, without the unit. */
  String spoken();

  /** A number in the fact's unit. */
  record Quantity(double value) implements FactValue {
    @Override
    public String spoken() {
      return Numbers.plain(value, 3);
    }
  }

  /** A resistance, or OL. */
  record Resistance(Ohms ohms) implements FactValue {
    @Override
    public String spoken() {
      return ohms.spoken();
    }
  }

  /** Yes or no. */
  record Flag(boolean value) implements FactValue {
    @Override
    public String spoken() {
      return value ? "yes" : "no";
    }
  }

  /** One of the words that the fact allows. */
  record Choice(String word) implements FactValue {
    @Override
    public String spoken() {
      return word.toLowerCase().replace('_', ' ');
    }
  }

  /**
   * A code as read.
   *
   * @param book the code book it was looked up in, or null
   */
  record Code(String book, String code) implements FactValue {
    @Override
    public String spoken() {
      return book == null ? code : book + " " + code;
    }
  }

  /** Names of suspects, or of anything else that comes as a list. */
  record Names(List<String> names) implements FactValue {
    public Names {
      names = List.copyOf(names);
    }

    @Override
    public String spoken() {
      return String.join(", ", names);
    }
  }

  /** Lowest and highest good value. */
  record Range(double low, double high) implements FactValue {
    @Override
    public String spoken() {
      return Numbers.plain(low, 3) + " to " + Numbers.plain(high, 3);
    }
  }
}
