package variablerotor.core.fitting;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is noted at a step: a figure, one of some words, or a text.
 *
 * @param id under which it is noted
 * @param unit of a figure; empty for none
 * @param least a figure can be; null where it is no figure
 * @param most a figure can be; null where it is no figure
 * @param words one of which it is; empty where it is a figure or a text
 * @param needed whether the step is not done without it
 */
public record Ask(
    String id,
    String title,
    String unit,
    @Nullable Double least,
    @Nullable Double most,
    List<Word> words,
    boolean needed)
    implements Node {
  /** The most letters of a text. */
  public static final int LONGEST = 200;

  public Ask {
    words = List.copyOf(words);
  }

  /**
   * @param leadsTo what is to be done where this is so; null where the step is then done
   * @param opens the complaint of a new search, on the new part; null where it opens none
   */
  public record Word(String id, String title, @Nullable String leadsTo, @Nullable Symptom opens)
      implements Node {
    Word opening(Symptom complaint) {
      return new Word(id, title, leadsTo, complaint);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "leadsTo", leadsTo, "opens", opens);
    }
  }

  /** A figure. */
  static Ask figure(String id, String title, String unit, double least, double most) {
    return new Ask(id, title, unit, least, most, List.of(), true);
  }

  /** A text. */
  static Ask text(String id, String title) {
    return new Ask(id, title, "", null, null, List.of(), true);
  }

  /** One of some words. */
  static Ask oneOf(String id, String title, Word... words) {
    return new Ask(id, title, "", null, null, List.of(words), true);
  }

  static Word word(String id, String title) {
    return new Word(id, title, null, null);
  }

  /** A word with which the step is not done. */
  static Word bad(String id, String title, String leadsTo) {
    return new Word(id, title, leadsTo, null);
  }

  /** The same, where the step is done without it, too. */
  Ask ifKnown() {
    return new Ask(id, title, unit, least, most, words, false);
  }

  /** Whether it is a figure. */
  public boolean isFigure() {
    return least != null;
  }

  /** The word that was said; null where there is none such. */
  @Nullable Word said(@Nullable Object noted) {
    return words.stream().filter(one -> one.id().equals(noted)).findFirst().orElse(null);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id,
        "title", title,
        "unit", unit,
        "least", least,
        "most", most,
        "words", words,
        "needed", needed);
  }
}
