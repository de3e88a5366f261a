package variablerotor.server.photo;

import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import variablerotor.server.web.Signs;

/** Where the pixels of photos lie, where that is not the database alone. */
@Component
@Order(3)
class PhotoSigns implements Signs {
  private final Bucket bucket;
  private final PhotoPlaceStore places;
  private final PhotoMover mover;

  PhotoSigns(Bucket bucket, PhotoPlaceStore places, PhotoMover mover) {
    this.bucket = bucket;
    this.places = places;
    this.mover = mover;
  }

  @Override
  public List<Sign> signs() {
    int away = places.countAway();
    if (!bucket.isNamed() && away == 0) {
      return List.of();
    }
    String lie = away + " in the bucket, " + places.countHere() + " in the database";
    return List.of(
        !bucket.isNamed()
            ? new Sign("Photos", false, lie + "; the bucket is not named, so they cannot be shown")
            : mover.isWell()
                ? new Sign("Photos", true, lie)
                : new Sign(
                    "Photos",
                    false,
                    lie
                        + "; the bucket does not answer as it should, new ones stay in the database"));
  }
}
