package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Caution;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One thing to do with the hands.
 *
 * @param sentence what to do
 * @param why it matters; empty where that is plain
 * @param cautions before it
 * @param asks what is noted at it
 * @param back what was noted earlier and is needed now
 * @param list whether things that come out are listed at it, handed back at it, or neither
 * @param photos whether photos are taken at it, or looked at with their marks
 * @param skippable whether it can be left out with a word why
 * @param counts for how long something is watched before it is judged [s]; null where nothing is
 */
public record Step(
    String id,
    Stage stage,
    String title,
    String sentence,
    String why,
    List<String> cautions,
    List<Ask> asks,
    List<Back> back,
    Listing list,
    List<String> suggested,
    Photos photos,
    boolean skippable,
    @Nullable Integer counts)
    implements Node {
  public Step {
    cautions = List.copyOf(cautions);
    asks = List.copyOf(asks);
    back = List.copyOf(back);
    suggested = List.copyOf(suggested);
  }

  /** What a step has to do with the things that are in the way. */
  public enum Listing {
    NONE,
    OUT,
    BACK
  }

  /** What a step has to do with photos. */
  public enum Photos {
    NONE,
    TAKEN,
    /** Taken, and marked with which wire sits where. */
    MARKED,
    /** Looked at, with the marks that were made. */
    SHOWN
  }

  /** Something noted earlier, given back. */
  public record Back(String title, String value) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("title", title, "value", value);
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id,
        "stage", stage,
        "title", title,
        "sentence", sentence,
        "why", why,
        "cautions", cautions,
        "asks", asks,
        "back", back,
        "list", list,
        "suggested", suggested,
        "photos", photos,
        "skippable", skippable,
        "counts", counts);
  }

  static Builder of(String id, Stage stage, String title) {
    return new Builder(id, stage, title);
  }

  /** Put together piece by piece. */
  static final class Builder {
    private final String id;
    private final Stage stage;
    private final String title;
    private String sentence = "";
    private String why = "";
    private final List<String> cautions = new ArrayList<>();
    private final List<Ask> asks = new ArrayList<>();
    private final List<Back> back = new ArrayList<>();
    private Listing list = Listing.NONE;
    private List<String> suggested = List.of();
    private Photos photos = Photos.NONE;
    private boolean skippable = true;
    private @Nullable Integer counts;

    private Builder(String id, Stage stage, String title) {
      this.id = id;
      this.stage = stage;
      this.title = title;
    }

    Builder say(String given) {
      sentence = sentence.isEmpty() ? given : sentence + " " + given;
      return this;
    }

    /** The same where it is so. */
    Builder say(boolean so, String given) {
      return so ? say(given) : this;
    }

    Builder why(String given) {
      why = given;
      return this;
    }

    Builder mind(Caution caution) {
      cautions.add(caution.sentence());
      return this;
    }

    Builder mind(String caution) {
      cautions.add(caution);
      return this;
    }

    Builder ask(Ask ask) {
      asks.add(ask);
      return this;
    }

    Builder ask(boolean so, Ask ask) {
      return so ? ask(ask) : this;
    }

    Builder back(Notes notes, Ask... asked) {
      for (Ask one : asked) {
        give(one.title(), notes.spoken(one));
      }
      return this;
    }

    Builder give(String heading, @Nullable String value) {
      if (value != null && !value.isEmpty()) {
        back.add(new Back(heading, value));
      }
      return this;
    }

    Builder lists(Listing given, List<String> words) {
      list = given;
      suggested = words;
      return this;
    }

    Builder photos(Photos given) {
      photos = given;
      return this;
    }

    Builder counts(boolean so, int seconds) {
      counts = so ? Integer.valueOf(seconds) : null;
      return this;
    }

    Builder always() {
      skippable = false;
      return this;
    }

    Step build() {
      return new Step(
          id, stage, title, sentence, why, cautions, asks, back, list, suggested, photos, skippable,
          counts);
    }
  }
}
