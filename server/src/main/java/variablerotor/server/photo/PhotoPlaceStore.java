package variablerotor.server.photo;

import static variablerotor.server.schema.Tables.PHOTO;
import static variablerotor.server.schema.Tables.PHOTO_ERASURE;
import static variablerotor.server.schema.Tables.PHOTO_PLACE;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Records;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Where pixels lie, here or in the bucket. The database itself sees to it that none are lost. */
@Repository
class PhotoPlaceStore {
  private static final Condition HERE = PHOTO.CONTENT.ne(new byte[0]);

  private static final Condition ERASED =
      DSL.exists(
          DSL.selectOne()
              .from(PHOTO_ERASURE)
              .where(PHOTO_ERASURE.PHOTO_ID.eq(PHOTO_PLACE.PHOTO_ID)));

  private final DSLContext db;

  PhotoPlaceStore(DSLContext db) {
    this.db = db;
  }

  /** A photo and its pixels. */
  record Pixels(UUID photo, byte[] bytes) {}

  /** A photo that lies in the bucket. */
  record Away(UUID photo, String digest) {}

  /** Some whose pixels lie here, the oldest first. */
  List<Pixels> here(int most, Set<UUID> but) {
    return db.select(PHOTO.ID, PHOTO.CONTENT)
        .from(PHOTO)
        .where(HERE)
        .and(PHOTO.ID.notIn(but))
        .orderBy(PHOTO.SEQ)
        .limit(most)
        .fetch(Records.mapping(Pixels::new));
  }

  /** Some whose pixels lie in the bucket alone. */
  List<Away> away(int most, Set<UUID> but) {
    Condition alone = DSL.not(ERASED).andNotExists(alsoHere());
    return inBucket(alone.and(PHOTO_PLACE.PHOTO_ID.notIn(but)), most);
  }

  /** Whether it is told to lie in the bucket, and to stay there. */
  boolean isAway(UUID photo) {
    return db.fetchExists(
        DSL.selectOne()
            .from(PHOTO_PLACE)
            .where(PHOTO_PLACE.PHOTO_ID.eq(photo))
            .and(DSL.not(ERASED)));
  }

  /** Some of which the bucket is to hold nothing any more: erased, or here again. */
  List<Away> toDrop(int most) {
    return inBucket(ERASED.or(DSL.exists(alsoHere())), most);
  }

  private static Select<?> alsoHere() {
    return DSL.selectOne().from(PHOTO).where(PHOTO.ID.eq(PHOTO_PLACE.PHOTO_ID)).and(HERE);
  }

  private List<Away> inBucket(Condition which, int most) {
    return db.select(PHOTO_PLACE.PHOTO_ID, PHOTO_PLACE.DIGEST)
        .from(PHOTO_PLACE)
        .where(which)
        .orderBy(PHOTO_PLACE.AT, PHOTO_PLACE.PHOTO_ID)
        .limit(most)
        .fetch(Records.mapping(Away::new));
  }

  /** How many pixels lie here. */
  int countHere() {
    return db.fetchCount(PHOTO, HERE);
  }

  /** How many are told to lie in the bucket. */
  int countAway() {
    return db.fetchCount(PHOTO_PLACE);
  }

  /**
   * They were read back from the bucket with this digest; false where that is not what lies here.
   */
  boolean moved(UUID photo, String digest) {
    return did("photo_moved", DSL.val(photo), DSL.val(digest));
  }

  /** They are here again; false where they are not wanted any more. */
  boolean returned(UUID photo, byte[] pixels) {
    return did("photo_returned", DSL.val(photo), DSL.val(pixels));
  }

  /** Nothing lies in the bucket any more; false where it is the only place. */
  boolean dropped(UUID photo) {
    return did("photo_dropped", DSL.val(photo));
  }

  private boolean did(String function, Field<?>... arguments) {
    return Boolean.TRUE.equals(
        db.select(DSL.function(function, Boolean.class, arguments)).fetchOne(0, Boolean.class));
  }
}
