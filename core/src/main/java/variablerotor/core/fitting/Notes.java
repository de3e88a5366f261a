package variablerotor.core.fitting;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;

/** What was noted, by the id of what was asked: figures, words and texts. */
public final class Notes {
  /** Nothing noted. */
  public static final Notes NONE = new Notes(Map.of());

  private final Map<String, Object> all;

  public Notes(Map<String, Object> all) {
    this.all = new LinkedHashMap<>(all);
  }

  boolean have(String id) {
    return all.containsKey(id);
  }

  /** Whether this word was said. */
  public boolean say(String id, String word) {
    return word.equals(all.get(id));
  }

  @Nullable Object of(String id) {
    return all.get(id);
  }

  @Nullable Double figure(String id) {
    return all.get(id) instanceof Double number ? number : null;
  }

  /** As it is given back: a figure with its unit, a word by its title, a text as it was typed. */
  @Nullable String spoken(Ask ask) {
    Object noted = all.get(ask.id());
    if (noted == null) {
      return null;
    }
    if (noted instanceof Double number) {
      return (Numbers.plain(number, 3) + " " + ask.unit()).trim();
    }
    Ask.Word word = ask.said(noted);
    return word == null ? noted.toString() : word.title();
  }

  /** As a plain tree. */
  public Map<String, Object> tree() {
    return new LinkedHashMap<>(all);
  }
}
