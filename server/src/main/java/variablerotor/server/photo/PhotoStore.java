package variablerotor.server.photo;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PHOTO;
import static variablerotor.server.schema.Tables.PHOTO_ERASURE;
import static variablerotor.server.schema.Tables.PHOTO_PLACE;
import static variablerotor.server.schema.Tables.PHOTO_REMOVAL;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.kept.ReadBack;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.schema.tables.Account;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/**
 * Photos of a call. Their pixels lie in the database, so that its backup holds them, or in a
 * bucket.
 */
@Repository
public class PhotoStore implements CallPart {
  private static final String NOT_GIVEN_BACK =
      "The place where photos are stored does not give this one back just now. It is not lost by"
          + " this; try again later.";

  private final DSLContext db;
  private final LogStore log;
  private final Bucket bucket;

  PhotoStore(DSLContext db, LogStore log, Bucket bucket) {
    this.db = db;
    this.log = log;
    this.bucket = bucket;
  }

  /** The pixels; none of one that was erased. */
  public record Content(String mediaType, byte[] bytes, boolean removed) {}

  /**
   * A photo that was taken away from its call.
   *
   * @param erased whether the picture is gone; else a lead can still look at it
   */
  record Removed(
      UUID id, String kind, String author, String removedBy, String removedAt, boolean erased) {}

  /**
   * As the client says it; the picture that is made of the file is put to it when it is new.
   *
   * @param digest of the file as it was sent, by which it is known again
   */
  Save photo(UUID id, UUID call, PhotoKind kind, String digest) {
    return Save.of("photo", PHOTO, id)
        .told(PHOTO.CALL_ID, call)
        .told(PHOTO.KIND, kind.name())
        .told(PHOTO.SENT_DIGEST, digest);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  void add(Save save, PhotoImage image, Stamp stamp) {
    log.keep(
        save.made(PHOTO.MEDIA_TYPE, image.mediaType())
            .made(PHOTO.WIDTH, image.width())
            .made(PHOTO.HEIGHT, image.height())
            .made(PHOTO.CONTENT, image.content()),
        stamp);
  }

  /** Takes a photo away from the call; false where that is done already. */
  boolean remove(UUID id, UUID photo, Stamp stamp) {
    return log.keep(
        Save.of("removal", PHOTO_REMOVAL, id).told(PHOTO_REMOVAL.PHOTO_ID, photo), stamp);
  }

  /** The picture is gone for good; false where that is done already. */
  boolean erase(UUID id, UUID photo, String reason, Stamp stamp) {
    return log.keep(
        Save.of("erasure", PHOTO_ERASURE, id)
            .told(PHOTO_ERASURE.PHOTO_ID, photo)
            .told(PHOTO_ERASURE.REASON, reason),
        stamp);
  }

  boolean isErased(UUID photo) {
    return db.fetchExists(PHOTO_ERASURE, PHOTO_ERASURE.PHOTO_ID.eq(photo));
  }

  /** Those that were taken away from the call, the last first. */
  List<Removed> removed(UUID call) {
    Account removedBy = ACCOUNT.as("removed_by");
    return db.select(
            PHOTO.ID, PHOTO.KIND, ACCOUNT.NAME, removedBy.NAME, PHOTO_REMOVAL.AT, PHOTO_ERASURE.ID)
        .from(PHOTO)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PHOTO.AUTHOR))
        .join(PHOTO_REMOVAL)
        .on(PHOTO_REMOVAL.PHOTO_ID.eq(PHOTO.ID))
        .join(removedBy)
        .on(removedBy.ID.eq(PHOTO_REMOVAL.AUTHOR))
        .leftJoin(PHOTO_ERASURE)
        .on(PHOTO_ERASURE.PHOTO_ID.eq(PHOTO.ID))
        .where(PHOTO.CALL_ID.eq(call))
        .orderBy(PHOTO_REMOVAL.AT.desc(), PHOTO.ID)
        .fetch(
            row ->
                new Removed(
                    row.get(PHOTO.ID),
                    row.get(PHOTO.KIND),
                    row.get(ACCOUNT.NAME),
                    row.get(removedBy.NAME),
                    row.get(PHOTO_REMOVAL.AT).toString(),
                    row.get(PHOTO_ERASURE.ID) != null));
  }

  int count(UUID call) {
    return db.fetchCount(PHOTO, PHOTO.CALL_ID.eq(call).and(inForce()));
  }

  private static Condition inForce() {
    return DSL.notExists(
        DSL.selectOne().from(PHOTO_REMOVAL).where(PHOTO_REMOVAL.PHOTO_ID.eq(PHOTO.ID)));
  }

  boolean isOf(UUID photo, UUID call) {
    return db.fetchExists(PHOTO, PHOTO.ID.eq(photo).and(PHOTO.CALL_ID.eq(call)));
  }

  /**
   * Of a photo of the call, its pixels, wherever they lie. Not within a transaction: the bucket may
   * take its seconds.
   *
   * @throws Refused where the bucket does not give them back
   */
  public Optional<Content> content(UUID photo, UUID call) {
    Optional<Row> row = row(photo, call);
    // Moved in the moment between: it lies in the other place then.
    for (int tries = 0; row.isPresent() && tries < 2; tries++) {
      Optional<Content> content =
          row.get().digest == null ? row.map(Row::here) : fetched(row.get());
      if (content.isPresent()) {
        return content;
      }
      row = row(photo, call);
    }
    if (row.isPresent()) {
      throw Refused.busy(NOT_GIVEN_BACK);
    }
    return Optional.empty();
  }

  /**
   * @param digest of what lies in the bucket; null where the pixels lie here, or nowhere any more
   */
  private record Row(UUID photo, Content here, @Nullable String digest) {}

  private Optional<Row> row(UUID photo, UUID call) {
    return db.select(PHOTO.MEDIA_TYPE, PHOTO.CONTENT, PHOTO_REMOVAL.ID, PHOTO_PLACE.DIGEST)
        .select(PHOTO_ERASURE.ID)
        .from(PHOTO)
        .leftJoin(PHOTO_REMOVAL)
        .on(PHOTO_REMOVAL.PHOTO_ID.eq(PHOTO.ID))
        .leftJoin(PHOTO_ERASURE)
        .on(PHOTO_ERASURE.PHOTO_ID.eq(PHOTO.ID))
        .leftJoin(PHOTO_PLACE)
        .on(PHOTO_PLACE.PHOTO_ID.eq(PHOTO.ID))
        .where(PHOTO.ID.eq(photo).and(PHOTO.CALL_ID.eq(call)))
        .fetchOptional(
            row -> {
              byte[] here = row.get(PHOTO.CONTENT);
              boolean away = here.length == 0 && row.get(PHOTO_ERASURE.ID) == null;
              return new Row(
                  photo,
                  new Content(row.get(PHOTO.MEDIA_TYPE), here, row.get(PHOTO_REMOVAL.ID) != null),
                  away ? row.get(PHOTO_PLACE.DIGEST) : null);
            });
  }

  private Optional<Content> fetched(Row row) {
    try {
      return bucket
          .get(row.photo)
          .filter(pixels -> Sha256.of(pixels).equals(row.digest))
          .map(pixels -> new Content(row.here.mediaType, pixels, row.here.removed));
    } catch (Bucket.Gone gone) {
      throw Refused.busy(NOT_GIVEN_BACK);
    }
  }

  /** Whether it was taken away from its call; nothing where the call has no such photo. */
  Optional<Boolean> isRemoved(UUID photo, UUID call) {
    return row(photo, call).map(row -> row.here.removed);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.photos(
        db.select(PHOTO.ID, PHOTO.KIND, PHOTO.WIDTH, PHOTO.HEIGHT, PHOTO.AT, ACCOUNT.NAME)
            .from(PHOTO)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(PHOTO.AUTHOR))
            .where(PHOTO.CALL_ID.eq(call).and(inForce()))
            .orderBy(PHOTO.SEQ)
            .fetch(
                row ->
                    new JobLog.Photo(
                        row.get(PHOTO.ID).toString(),
                        Objects.requireNonNullElse(
                            ReadBack.word(row.get(PHOTO.KIND), PhotoKind.values()),
                            PhotoKind.OTHER),
                        row.get(PHOTO.WIDTH),
                        row.get(PHOTO.HEIGHT),
                        row.get(ACCOUNT.NAME),
                        row.get(PHOTO.AT).toString())));
  }
}
