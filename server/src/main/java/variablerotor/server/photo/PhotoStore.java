package variablerotor.server.photo;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PHOTO;
import static variablerotor.server.schema.Tables.PHOTO_REMOVAL;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.kept.ReadBack;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Photos of a call, in the database, so that its backup holds them. */
@Repository
public class PhotoStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  PhotoStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** The pixels. */
  public record Content(String mediaType, byte[] bytes) {}

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

  /** Of a photo of the call, its pixels. */
  public Optional<Content> content(UUID photo, UUID call) {
    return db.select(PHOTO.MEDIA_TYPE, PHOTO.CONTENT)
        .from(PHOTO)
        .where(PHOTO.ID.eq(photo).and(PHOTO.CALL_ID.eq(call)))
        .fetchOptional(row -> new Content(row.get(PHOTO.MEDIA_TYPE), row.get(PHOTO.CONTENT)));
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
