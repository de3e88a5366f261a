package variablerotor.core.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Words put together into a sentence, and a text taken apart into words. */
public final class Words {
  private Words() {}

  /** {@code a}, {@code a and b}, {@code a, b and c}. */
  public static String and(Collection<String> words) {
    return joined(words, " and ");
  }

  /** A title within a sentence: a small first letter, unless it is no word, such as 24 V or A. */
  public static String inside(String title) {
    boolean word = title.length() > 1 && Character.isLowerCase(title.charAt(1));
    return word ? Character.toLowerCase(title.charAt(0)) + title.substring(1) : title;
  }

  /** Words as they open a sentence or stand alone: a capital first letter. */
  public static String opening(String words) {
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** {@code a}, {@code a or b}, {@code a, b or c}. */
  public static String or(Collection<String> words) {
    return joined(words, " or ");
  }

  /** Whole clauses: {@code a, and b}. */
  public static String clauses(Collection<String> clauses) {
    return String.join(", and ", clauses);
  }

  private static String joined(Collection<String> words, String last) {
    StringBuilder text = new StringBuilder();
    int place = 0;
    for (String word : words) {
      text.append(place == 0 ? "" : place + 1 < words.size() ? ", " : last).append(word);
      place++;
    }
    return text.toString();
  }

  /** A count with its noun: {@code 1 day}, {@code 2 days}. */
  public static String count(long count, String noun) {
    return count + " " + noun + (count == 1 ? "" : "s");
  }

  /** What stands between any of these characters; nothing is no word. */
  public static List<String> split(String text, String separators) {
    List<String> words = new ArrayList<>();
    for (String word : splitAll(text, separators)) {
      if (!word.isEmpty()) {
        words.add(word);
      }
    }
    return words;
  }

  /** What stands between any of these characters, what is empty included. */
  public static List<String> splitAll(String text, String separators) {
    List<String> words = new ArrayList<>();
    int begin = 0;
    for (int i = 0; i < text.length(); i++) {
      if (separators.indexOf(text.charAt(i)) >= 0) {
        words.add(text.substring(begin, i));
        begin = i + 1;
      }
    }
    words.add(text.substring(begin));
    return words;
  }

  /** A field of a plate as it is spoken of, such as {@code shaftDiameterIn}. */
  public static String attribute(String field) {
    return switch (field) {
      case "shaftDiameterIn" -> "shaft diameter";
      case "shaftLengthIn" -> "shaft length";
      case "bodyLengthIn" -> "body length";
      case "fullLoadAmps" -> "amps";
      case "hertz" -> "frequency";
      case "feedback" -> "speed signal";
      default -> field;
    };
  }
}
