package variablerotor.core.casefile;

import java.util.List;

/**
 * A document that was read, and what in it nobody knows.
 *
 * @param unknown paths of fields that the format does not have; they are left out, and told
 */
public record Told<T>(T document, List<String> unknown) {
  public Told {
    unknown = List.copyOf(unknown);
  }
}
