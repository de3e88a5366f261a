package variablerotor.server.photo;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.core.job.PhotoKind;
import variablerotor.server.account.Current;
import variablerotor.server.account.Role;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.LargestBody;

/** Photos over HTTP. */
@RestController
@RequestMapping("/api/calls/{call}/photos/{photo}")
class PhotoApi {
  /** Largest photo [byte]. */
  static final int MOST_BYTES = 8 * 1024 * 1024;

  private final PhotoService photos;
  private final Stamps stamps;

  PhotoApi(PhotoService photos, Stamps stamps) {
    this.photos = photos;
    this.stamps = stamps;
  }

  @LargestBody(MOST_BYTES)
  @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  Job photograph(
      @PathVariable UUID call,
      @PathVariable UUID photo,
      @RequestParam PhotoKind kind,
      HttpServletRequest request)
      throws IOException {
    return photos.photograph(call, photo, kind, request.getInputStream(), stamps.now());
  }

  @PutMapping("/removals/{id}")
  Job remove(@PathVariable UUID call, @PathVariable UUID photo, @PathVariable UUID id) {
    return photos.remove(call, photo, id, stamps.now());
  }

  @GetMapping
  ResponseEntity<byte[]> content(@PathVariable UUID call, @PathVariable UUID photo) {
    PhotoStore.Content content = photos.content(call, photo, Current.account().role() == Role.LEAD);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(content.mediaType()))
        // The page keeps it itself, and wipes it when its owner signs out.
        .cacheControl(CacheControl.noStore())
        .body(content.bytes());
  }
}
