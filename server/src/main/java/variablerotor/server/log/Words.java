package variablerotor.server.log;

import java.util.List;
import java.util.Locale;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;

/** A search by words: each must stand somewhere in a text, in whatever order. */
public final class Words {
  /** Up to so many letters are found by an index of their own: one of three letters cannot. */
  private static final int SHORT = 2;

  /** So many hits stand close enough together in any order. */
  private static final int FEW = 100;

  private Words() {}

  /**
   * @param text in small letters, with an index of trigrams; in its table the column {@code grams}
   *     holds every one or two letters of it, with an index, too
   * @param search nothing finds everything
   */
  public static Condition allIn(Field<String> text, String search) {
    Condition all = DSL.noCondition();
    for (String word : search.toLowerCase(Locale.ROOT).trim().split("\\s+", -1)) {
      if (!word.isEmpty()) {
        all = all.and(in(text, word));
      }
    }
    return all;
  }

  /**
   * The same rows; where they are few, they are looked up first and named. How rare a word is the
   * database cannot know beforehand, and it would read the whole table in the order asked for.
   *
   * @param id of the table
   */
  public static <T> Condition narrowed(
      DSLContext db, Table<?> table, Field<T> id, Condition which) {
    List<T> few = db.select(id).from(table).where(which).limit(FEW).fetch(id);
    return few.size() < FEW ? id.in(few) : which;
  }

  private static Condition in(Field<String> text, String word) {
    if (word.codePointCount(0, word.length()) <= SHORT) {
      return DSL.condition("grams @> array[{0}]::text[]", DSL.val(word));
    }
    return text.like("%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%");
  }
}
