package variablerotor.server.log;

import java.util.Locale;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;

/** A search by words: each must stand somewhere in a text, in whatever order. */
public final class Words {
  /** Up to so many letters are found by an index of their own: one of three letters cannot. */
  private static final int SHORT = 2;

  private Words() {}

  /**
   * @param text in small letters, with an index of trigrams and one of its short grams
   * @param search nothing finds everything
   */
  public static Condition allIn(Field<String> text, String search) {
    Condition all = DSL.noCondition();
    for (String word : search.toLowerCase(Locale.ROOT).trim().split("\\s+")) {
      if (!word.isEmpty()) {
        all = all.and(in(text, word));
      }
    }
    return all;
  }

  private static Condition in(Field<String> text, String word) {
    if (word.codePointCount(0, word.length()) <= SHORT) {
      Field<String[]> grams =
          DSL.function("short_grams", SQLDataType.VARCHAR.getArrayDataType(), text);
      return DSL.condition("{0} @> array[{1}]::text[]", grams, DSL.val(word));
    }
    return text.like("%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%");
  }
}
