package variablerotor.server.callfile;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.LargestBody;

/** A call as one file, over HTTP. */
@RestController
class CallFileApi {
  private static final String ZIP = "application/zip";

  /** Largest file [byte]: 40 photos as they are kept, and the papers. */
  static final int MOST_BYTES = 48 * 1024 * 1024;

  private final CallFiles files;
  private final Stamps stamps;

  CallFileApi(CallFiles files, Stamps stamps) {
    this.files = files;
    this.stamps = stamps;
  }

  @GetMapping(value = "/api/calls/{call}/file", produces = ZIP)
  ResponseEntity<byte[]> pack(@PathVariable UUID call) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("call-" + call + ".zip").build().toString())
        .body(files.pack(call));
  }

  /** Brings one in; gives the call as it stands here then. */
  @LargestBody(MOST_BYTES)
  @PutMapping(value = "/api/call-files/{id}", consumes = ZIP)
  Job bringIn(@PathVariable UUID id, HttpServletRequest request) throws IOException {
    return files.bringIn(id, request.getInputStream(), stamps.now());
  }
}
