package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.kept.AsTold;

/**
 * One of a list in which a later entry corrects an earlier one.
 *
 * @param value null where it no longer reads
 * @param lines what it says, as it was told
 * @param subject what it is about: a later one about the same corrects it
 * @param withdrawn whether it was taken back since, so that it corrects nothing
 */
public record KeptRow<T>(
    @Nullable T value,
    List<AsTold> lines,
    String subject,
    boolean withdrawn,
    String author,
    String at) {

  public KeptRow {
    lines = List.copyOf(lines);
  }

  /** As the log has it where it is no more than told. */
  List<JobLog.Strange> strange() {
    return lines.stream().map(line -> new JobLog.Strange(line, author, at)).toList();
  }

  /**
   * Those that read, in their order. What one that no longer reads may have corrected is in force
   * no more: it is told with it, and not believed.
   *
   * @param strange where that goes
   */
  static <T> List<T> known(List<KeptRow<T>> rows, List<JobLog.Strange> strange) {
    List<KeptRow<T>> known = new ArrayList<>();
    for (KeptRow<T> row : rows) {
      if (row.value() != null) {
        known.add(row);
        continue;
      }
      if (!row.withdrawn()) {
        for (KeptRow<T> earlier : List.copyOf(known)) {
          if (earlier.subject().equals(row.subject())) {
            known.remove(earlier);
            strange.addAll(earlier.strange());
          }
        }
      }
      strange.addAll(row.strange());
    }
    return known.stream().map(row -> Objects.requireNonNull(row.value())).toList();
  }
}
