package variablerotor.server.photo;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PHOTO;
import static variablerotor.server.schema.Tables.PHOTO_REMOVAL;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Photos of a call, in the database, so that its backup holds them. */
@Repository
public class PhotoStore {
  private final DSLContext db;

  PhotoStore(DSLContext db) {
    this.db = db;
  }

  /** A photo without its pixels. */
  public record PhotoView(
      UUID id, PhotoKind kind, int width, int height, String author, OffsetDateTime at) {}

  /** The pixels. */
  public record Content(String mediaType, byte[] bytes) {}

  /** False where the id is taken. */
  public boolean add(
      UUID id, UUID call, PhotoKind kind, PhotoImage image, UUID author, OffsetDateTime at) {
    return db.insertInto(PHOTO)
            .set(PHOTO.ID, id)
            .set(PHOTO.CALL_ID, call)
            .set(PHOTO.KIND, kind.name())
            .set(PHOTO.MEDIA_TYPE, image.mediaType())
            .set(PHOTO.WIDTH, image.width())
            .set(PHOTO.HEIGHT, image.height())
            .set(PHOTO.CONTENT, image.content())
            .set(PHOTO.AUTHOR, author)
            .set(PHOTO.AT, at)
            .onConflict(PHOTO.ID)
            .doNothing()
            .execute()
        == 1;
  }

  /** Takes a photo away from the call; a second time is the same as once. */
  public void remove(UUID id, UUID photo, UUID author, OffsetDateTime at) {
    db.insertInto(PHOTO_REMOVAL)
        .set(PHOTO_REMOVAL.ID, id)
        .set(PHOTO_REMOVAL.PHOTO_ID, photo)
        .set(PHOTO_REMOVAL.AUTHOR, author)
        .set(PHOTO_REMOVAL.AT, at)
        .onConflictDoNothing()
        .execute();
  }

  /** Those in force, in the order of taking. */
  public List<PhotoView> list(UUID call) {
    return db.select(PHOTO.ID, PHOTO.KIND, PHOTO.WIDTH, PHOTO.HEIGHT, PHOTO.AT, ACCOUNT.NAME)
        .from(PHOTO)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PHOTO.AUTHOR))
        .leftAntiJoin(PHOTO_REMOVAL)
        .on(PHOTO_REMOVAL.PHOTO_ID.eq(PHOTO.ID))
        .where(PHOTO.CALL_ID.eq(call))
        .orderBy(PHOTO.SEQ)
        .fetch(
            row ->
                new PhotoView(
                    row.get(PHOTO.ID),
                    PhotoKind.valueOf(row.get(PHOTO.KIND)),
                    row.get(PHOTO.WIDTH),
                    row.get(PHOTO.HEIGHT),
                    row.get(ACCOUNT.NAME),
                    row.get(PHOTO.AT)));
  }

  public boolean isOf(UUID photo, UUID call) {
    return db.fetchExists(PHOTO, PHOTO.ID.eq(photo).and(PHOTO.CALL_ID.eq(call)));
  }

  public Optional<Content> content(UUID photo, UUID call) {
    return db.select(PHOTO.MEDIA_TYPE, PHOTO.CONTENT)
        .from(PHOTO)
        .where(PHOTO.ID.eq(photo).and(PHOTO.CALL_ID.eq(call)))
        .fetchOptional(row -> new Content(row.get(PHOTO.MEDIA_TYPE), row.get(PHOTO.CONTENT)));
  }
}
