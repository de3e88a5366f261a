package variablerotor.server.catalogue;

import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.catalogue.Catalogue;

/** The words and rules that the page shows. */
@RestController
class CatalogueApi {
  private static final Catalogue WHOLE = Catalogue.whole();

  @GetMapping("/api/catalogue")
  ResponseEntity<Catalogue> catalogue() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(5, TimeUnit.MINUTES).cachePrivate())
        .body(WHOLE);
  }
}
