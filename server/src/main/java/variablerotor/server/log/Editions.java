package variablerotor.server.log;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import variablerotor.server.web.Refused;

/**
 * A change of something that the shop keeps names the edition that it was made from. Where another
 * is in force by then, it is refused with both values: whoever saves last does not undo the other
 * without knowing.
 */
public final class Editions {
  private Editions() {}

  /** The edition in force, who made it, and when. */
  public record InForce(UUID id, String by, OffsetDateTime at) {}

  /** A field that is not what it was to be; null stands for nothing. */
  record Differing(
      String field,
      @Nullable Object theirs,
      @Nullable Object yours,
      String by,
      OffsetDateTime at) {}

  /**
   * @param base that the change was made from; null for none
   * @param now what is in force; null where it is new
   * @param theirs what that says, by field
   * @param yours what it is to say
   * @throws Refused where base is not what is in force
   */
  public static void hold(
      @Nullable UUID base, @Nullable InForce now, Map<String, ?> theirs, Map<String, ?> yours) {
    if (now == null || now.id().equals(base)) {
      return;
    }
    List<Differing> differing = new ArrayList<>();
    Set<String> fields = new LinkedHashSet<>(theirs.keySet());
    fields.addAll(yours.keySet());
    for (String field : fields) {
      if (!Objects.equals(theirs.get(field), yours.get(field))) {
        differing.add(
            new Differing(field, theirs.get(field), yours.get(field), now.by(), now.at()));
      }
    }
    throw Refused.conflict(
            now.by() + " changed this meanwhile. Save again to put yours in its place.")
        .with("edition", now.id())
        .with("conflicts", differing);
  }

  /**
   * The same for what is taken away: nobody takes away what they have not seen.
   *
   * @throws Refused where base is not what is in force
   */
  public static void holdRemoval(@Nullable UUID base, @Nullable InForce now) {
    if (now != null && !now.id().equals(base)) {
      throw Refused.conflict(
              now.by() + " changed this meanwhile. Look at it as it is now, then take it away.")
          .with("edition", now.id());
    }
  }
}
