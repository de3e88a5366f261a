package variablerotor.core.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;

/**
 * A part as it was kept. It lies on a shelf, whatever became of the words for it: what nobody knows
 * any more stands in its name, and one of a kind that nobody knows meets no need by its kind.
 */
public final class KeptPart {
  private KeptPart() {}

  /**
   * @param written the wording it was written in
   */
  public static Part read(Wording wording, int written, Object tree) {
    ReadBack<Part> read = read(wording, written, tree, List.of("number", "kind"));
    if (read.value() != null) {
      return named(read.value(), read.asTold());
    }
    Map<String, Object> other = new LinkedHashMap<>();
    ((Map<?, ?>) tree).forEach((name, value) -> other.put("" + name, value));
    Object kind = other.put("kind", PartKind.OTHER.name());
    List<AsTold> asTold = new ArrayList<>(AsTold.all("kind", kind));
    ReadBack<Part> rest = read(wording, Wording.NOW, other, List.of("number"));
    asTold.addAll(rest.asTold());
    return named(Objects.requireNonNull(rest.value(), "a part without a number"), asTold);
  }

  private static ReadBack<Part> read(
      Wording wording, int written, Object tree, List<String> needed) {
    return ReadBack.asFarAsItReads(
        wording, Wording.Kind.PART, written, tree, needed, PartReader::part);
  }

  private static Part named(Part part, List<AsTold> asTold) {
    return asTold.isEmpty() ? part : part.named(name(part.name(), asTold));
  }

  private static String name(@Nullable String name, List<AsTold> asTold) {
    List<String> words = new ArrayList<>();
    asTold.forEach(one -> words.add(one.what() + " " + one.said()));
    String told = "as told: " + String.join(", ", words);
    return name == null || name.isEmpty() ? told : name + " (" + told + ")";
  }
}
