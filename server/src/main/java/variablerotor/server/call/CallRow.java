package variablerotor.server.call;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.family.Family;
import variablerotor.core.job.Stand;
import variablerotor.core.proof.Proof;
import variablerotor.core.route.Route;

/**
 * One line of the shop's list of calls.
 *
 * @param family null, like the symptom, where this version does not know any more what was told
 * @param repair how the repair stands; null while nothing was read of it
 * @param stand where the call stands; null for one that nobody touched since that is kept
 * @param due the day on which something of it is due; null where none is known
 * @param changedBy whose it is: who worked on it last
 */
public record CallRow(
    UUID id,
    String place,
    String unitName,
    @Nullable Family family,
    @Nullable Symptom symptom,
    VerdictState state,
    List<Suspect> verdict,
    String sentence,
    int readings,
    @Nullable Route chosen,
    Proof.@Nullable State repair,
    @Nullable String repairSentence,
    Stand.@Nullable Place stand,
    @Nullable String standSentence,
    @Nullable LocalDate due,
    String openedBy,
    String changedBy,
    OffsetDateTime changedAt) {
  public CallRow {
    verdict = List.copyOf(verdict);
  }
}
