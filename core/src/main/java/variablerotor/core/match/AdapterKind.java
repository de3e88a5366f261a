package variablerotor.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What can lie in a motor's box to make it fit. A list says it in words: a kind is meant where the
 * words are its own, or begin or end with them, and nothing in them takes it back.
 */
public enum AdapterKind {
  /** Between the unit's plugs and the motor's. */
  HARNESS(
      "harness",
      "adapter harness",
      "wiring harness",
      "plug harness",
      "harness adapter",
      "plug adapter",
      "adapter cable",
      "adapter plug"),
  /** Holds the motor where another one was held otherwise. */
  MOUNT(
      "mount",
      "mounting kit",
      "mounting bracket",
      "mounting lugs",
      "mounting studs",
      "mounting band",
      "bracket",
      "belly band",
      "lug kit",
      "stud kit",
      "mount adapter"),
  /** Makes a smaller body hold in a larger band. */
  FRAME("frame ring", "band ring", "adapter ring", "frame adapter", "body ring", "ring"),
  /** Makes a smaller shaft fill a larger hub. */
  BUSHING("bushing", "shaft bushing", "shaft sleeve", "shaft adapter", "sleeve", "hub bushing");

  private static final List<String> TAKEN_BACK =
      List.of("no", "not", "without", "none", "separately", "extra", "order", "needs", "requires");

  private final List<String> names;

  AdapterKind(String... names) {
    this.names = List.of(names);
  }

  /** Whether these words mean one of this kind. */
  public boolean isMeant(String words) {
    String plain = words.toLowerCase(Locale.ROOT).replace('-', ' ').replace('_', ' ').trim();
    if (pieces(plain).stream().anyMatch(TAKEN_BACK::contains)) {
      return false;
    }
    return names.stream()
        .anyMatch(
            name ->
                plain.equals(name)
                    || plain.startsWith(name + " ")
                    || plain.startsWith(name + ",")
                    || plain.endsWith(" " + name));
  }

  /** Word by word, without a pattern: the core compiles to a page that has none. */
  private static List<String> pieces(String plain) {
    List<String> words = new ArrayList<>();
    StringBuilder word = new StringBuilder();
    for (int at = 0; at < plain.length(); at++) {
      char letter = plain.charAt(at);
      if (Character.isLetter(letter)) {
        word.append(letter);
      } else if (word.length() > 0) {
        words.add(word.toString());
        word.setLength(0);
      }
    }
    if (word.length() > 0) {
      words.add(word.toString());
    }
    return words;
  }
}
