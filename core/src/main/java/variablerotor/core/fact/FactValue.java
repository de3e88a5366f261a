package variablerotor.core.fact;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.Ohms;

/** The value of a fact, already checked against its type. */
public sealed interface FactValue {

  /** As written on paper, without the unit. */
  String spoken();

  /** As the open format has it: a number, true or false, text, a list, or a map. */
  Object plain();

  /** A number in the fact's unit. */
  record Quantity(double value) implements FactValue {
    @Override
    public String spoken() {
      return Numbers.plain(value, 3);
    }

    @Override
    public Object plain() {
      return value;
    }
  }

  /** A resistance, or OL. */
  record Resistance(Ohms ohms) implements FactValue {
    @Override
    public String spoken() {
      return ohms.spoken();
    }

    @Override
    public Object plain() {
      return ohms.isOverLimit() ? (Object) "OL" : (Double) ohms.value();
    }
  }

  /** Yes or no. */
  record Flag(boolean value) implements FactValue {
    @Override
    public String spoken() {
      return value ? "yes" : "no";
    }

    @Override
    public Object plain() {
      return value;
    }
  }

  /** One of the words that the fact allows. */
  record Choice(String word) implements FactValue {
    @Override
    public String spoken() {
      return word.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    @Override
    public Object plain() {
      return word;
    }
  }

  /**
   * A code as read.
   *
   * @param book the code book it was looked up in, or null
   */
  record Code(@Nullable String book, String code) implements FactValue {
    @Override
    public String spoken() {
      return book == null ? code : book + " " + code;
    }

    @Override
    public Object plain() {
      return book == null ? code : Tree.of("book", book, "code", code);
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

    @Override
    public Object plain() {
      return names;
    }
  }

  /** Lowest and highest good value. */
  record Range(double low, double high) implements FactValue {
    @Override
    public String spoken() {
      return Numbers.plain(low, 3) + " to " + Numbers.plain(high, 3);
    }

    @Override
    public Object plain() {
      return List.of(low, high);
    }
  }
}
