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

  /** That it could not be read, and why: nothing is concluded from it. */
  record Untold(Why why) implements FactValue {
    /** Why something was not read. */
    public enum Why {
      CANNOT_SEE("cannot be seen"),
      NO_METER("no meter for this here"),
      NOT_HERE("this unit has no such thing");

      private final String spoken;

      Why(String spoken) {
        this.spoken = spoken;
      }

      /** As on a button, or in the place of a reading. */
      public String spoken() {
        return spoken;
      }
    }

    @Override
    public String spoken() {
      return why.spoken();
    }

    @Override
    public Object plain() {
      return why.name();
    }
  }

  /** Several of the words that the fact allows, the most telling first. */
  record Several(List<Answer> words) implements FactValue {
    public Several {
      words = List.copyOf(words);
    }

    @Override
    public String spoken() {
      return String.join(", ", words.stream().map(Answer::spoken).toList());
    }

    @Override
    public Object plain() {
      return words.stream().map(Answer::name).toList();
    }
  }

  /** One of the words that the fact allows. */
  record Choice(Answer word) implements FactValue {
    @Override
    public String spoken() {
      return word.spoken();
    }

    @Override
    public Object plain() {
      return word.name();
    }
  }

  /**
   * A code as read.
   *
   * @param book the code book it was looked up in, or null
   * @param meaning what the unit's own door says of it, or null
   * @param fan the fan that it concerns: INDOOR_BLOWER or OUTDOOR_FAN, or null where not said
   */
  record Code(@Nullable String book, String code, @Nullable String meaning, @Nullable String fan)
      implements FactValue {
    /** The fans that a code can concern. */
    public static final List<String> FANS = List.of("INDOOR_BLOWER", "OUTDOOR_FAN");

    @Override
    public String spoken() {
      String read = book == null ? code : book + " " + code;
      String said = meaning == null ? read : read + ", \"" + meaning + "\"";
      return fan == null
          ? said
          : said + " (" + fan.toLowerCase(Locale.ROOT).replace('_', ' ') + ")";
    }

    @Override
    public Object plain() {
      return book == null && meaning == null && fan == null
          ? code
          : Tree.withoutNulls(Tree.of("book", book, "code", code, "meaning", meaning, "fan", fan));
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
