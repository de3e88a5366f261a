package variablerotor.server.offer;

import static variablerotor.server.schema.Tables.OFFER;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.choice.Market;
import variablerotor.core.job.JobLog;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** What ways forward were said to cost. */
@Repository
class OfferStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  OfferStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** False where it is kept already. */
  boolean add(UUID id, UUID call, Market.Offer offer, Stamp stamp) {
    return log.keep(
        Save.of("offer", OFFER, id)
            .told(OFFER.CALL_ID, call)
            .told(OFFER.ROUTE, offer.route().name())
            .told(OFFER.CANDIDATE, offer.candidate())
            .told(OFFER.PART_PRICE, offer.partPrice())
            .told(OFFER.LABOUR_HOURS, offer.labourHours())
            .told(OFFER.LEAD_DAYS, offer.leadDays())
            .told(OFFER.WARRANTY_MONTHS, offer.warrantyMonths())
            .told(OFFER.WATTS_PER_THOUSAND_CFM, offer.wattsPerThousandCfm()),
        stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.offers(
        db.selectFrom(OFFER)
            .where(OFFER.CALL_ID.eq(call))
            .orderBy(OFFER.SEQ)
            .fetch(
                row ->
                    new Market.Offer(
                        Route.valueOf(row.getRoute()),
                        row.getCandidate(),
                        row.getPartPrice(),
                        row.getLeadDays(),
                        row.getLabourHours(),
                        row.getWarrantyMonths(),
                        row.getWattsPerThousandCfm())));
  }
}
