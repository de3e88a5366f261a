package variablerotor.server.offer;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.OFFER;

import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import variablerotor.core.choice.Market;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptRow;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Tree;
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
    job.keptOffers(
        db.select(OFFER.fields())
            .select(ACCOUNT.NAME)
            .from(OFFER)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(OFFER.AUTHOR))
            .where(OFFER.CALL_ID.eq(call))
            .orderBy(OFFER.SEQ)
            .fetch(OfferStore::offer));
  }

  private static KeptRow<Market.Offer> offer(Record row) {
    String told = row.get(OFFER.ROUTE);
    Route route =
        ReadBack.word(
            Wording.today(),
            Wording.Kind.OFFER,
            row.get(OFFER.WORDING),
            "route",
            told,
            Route.values());
    Map<String, Object> figures =
        Tree.of(
            "partPrice", row.get(OFFER.PART_PRICE),
            "leadDays", row.get(OFFER.LEAD_DAYS),
            "labourHours", row.get(OFFER.LABOUR_HOURS));
    return new KeptRow<>(
        route == null
            ? null
            : new Market.Offer(
                route,
                row.get(OFFER.CANDIDATE),
                row.get(OFFER.PART_PRICE),
                row.get(OFFER.LEAD_DAYS),
                row.get(OFFER.LABOUR_HOURS),
                row.get(OFFER.WARRANTY_MONTHS),
                row.get(OFFER.WATTS_PER_THOUSAND_CFM)),
        AsTold.all("offer." + told, figures),
        told,
        false,
        row.get(ACCOUNT.NAME),
        row.get(OFFER.AT).toString());
  }
}
