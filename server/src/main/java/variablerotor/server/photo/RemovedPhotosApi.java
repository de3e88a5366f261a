package variablerotor.server.photo;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;

/** Photos that were taken away from a call; a lead erases what must not be kept. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/calls/{call}/removed-photos")
class RemovedPhotosApi {
  private final PhotoService photos;
  private final Stamps stamps;

  RemovedPhotosApi(PhotoService photos, Stamps stamps) {
    this.photos = photos;
    this.stamps = stamps;
  }

  /**
   * @param reason why, up to 200 characters; it stays
   */
  record ErasureRequest(@Nullable String reason) {}

  @GetMapping
  List<PhotoStore.Removed> removed(@PathVariable UUID call) {
    return photos.removed(call);
  }

  @PutMapping("/{photo}/erasures/{id}")
  List<PhotoStore.Removed> erase(
      @PathVariable UUID call,
      @PathVariable UUID photo,
      @PathVariable UUID id,
      @RequestBody ErasureRequest body) {
    return photos.erase(call, photo, id, body.reason(), stamps.now());
  }
}
