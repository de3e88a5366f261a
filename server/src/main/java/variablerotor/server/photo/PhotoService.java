package variablerotor.server.photo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.core.job.Job;
import variablerotor.core.job.PhotoKind;
import variablerotor.server.call.CallService;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/** Photos of a call, made anew without what tells where they were taken. */
@Service
public class PhotoService {
  private static final int MOST = 40;

  /** Of one person; many times what a day on the road brings. */
  private static final int MOST_A_DAY = 600;

  private final PhotoStore store;
  private final LogStore log;
  private final CallService calls;
  private final TransactionTemplate tx;

  /** Of why a photo was erased [characters]. */
  private static final int LONGEST_REASON = 200;

  PhotoService(PhotoStore store, LogStore log, CallService calls, TransactionTemplate tx) {
    this.store = store;
    this.log = log;
    this.calls = calls;
    this.tx = tx;
  }

  /** A picture that is at hand already. */
  public Job photograph(UUID call, UUID id, PhotoKind kind, byte[] picture, Stamp stamp) {
    return photograph(call, id, kind, new ByteArrayInputStream(picture), stamp);
  }

  /**
   * The file waits on the disk until it is its turn to be opened, and no connection to the database
   * is held meanwhile: many large photos at once let everything else go on.
   */
  Job photograph(UUID call, UUID id, PhotoKind kind, InputStream sent, Stamp stamp) {
    new Faults().required("kind", kind, "what the photo shows").refuse();
    Path file = spooled(sent);
    try {
      Save save = store.photo(id, call, kind, digest(file));
      Optional<Job> kept =
          Objects.requireNonNull(tx.execute(any -> keptAlready(call, save, stamp)));
      if (kept.isPresent()) {
        return kept.get();
      }
      PhotoImage image = PhotoImage.of(file);
      return Objects.requireNonNull(tx.execute(any -> add(call, save, image, stamp)));
    } finally {
      file.toFile().delete();
    }
  }

  /**
   * @throws Refused where there is no room for one more
   */
  private Optional<Job> keptAlready(UUID call, Save save, Stamp stamp) {
    calls.lock(call);
    if (store.holds(save)) {
      return Optional.of(calls.job(call));
    }
    if (store.count(call) >= MOST) {
      throw Refused.conflict("This call holds " + MOST + " photos. Take one away first.");
    }
    log.holdQuota(save, stamp, MOST_A_DAY, "photos");
    return Optional.empty();
  }

  private Job add(UUID call, Save save, PhotoImage image, Stamp stamp) {
    // Somebody may have sent the same one meanwhile, or the last that there is room for.
    Optional<Job> kept = keptAlready(call, save, stamp);
    if (kept.isPresent()) {
      return kept.get();
    }
    store.add(save, image, stamp);
    return calls.after(true, call, stamp);
  }

  private static Path spooled(InputStream sent) {
    try {
      Path file = Files.createTempFile("photo", null);
      try {
        Files.copy(sent, file, StandardCopyOption.REPLACE_EXISTING);
        return file;
      } catch (IOException | RuntimeException fault) {
        Files.delete(file);
        throw fault;
      }
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }

  private static String digest(Path file) {
    try (InputStream in = Files.newInputStream(file)) {
      MessageDigest digest = Sha256.digest();
      in.transferTo(new DigestOutputStream(OutputStream.nullOutputStream(), digest));
      return Sha256.spoken(digest.digest());
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }

  @Transactional
  public Job remove(UUID call, UUID photo, UUID id, Stamp stamp) {
    calls.lock(call);
    if (!store.isOf(photo, call)) {
      throw Refused.missing("photo on this call");
    }
    return calls.after(store.remove(id, photo, stamp), call, stamp);
  }

  /**
   * The picture of a photo that is on the call. Not within a transaction: see {@code PhotoStore}.
   *
   * @throws Refused where there is none such
   */
  public PhotoStore.Content content(UUID call, UUID photo) {
    return content(call, photo, false);
  }

  /** The same; for a lead also of one that was taken away, as long as it was not erased. */
  public PhotoStore.Content content(UUID call, UUID photo, boolean lead) {
    PhotoStore.Content content = store.content(photo, call).orElseThrow(PhotoService::missing);
    if (content.bytes().length == 0 || (content.removed() && !lead)) {
      throw missing();
    }
    return content;
  }

  /**
   * The picture of a photo that was taken away, gone for good; who, when and why stays. Papers and
   * files that were made of it before, and backups, are out of reach.
   *
   * @throws Refused where it is on the call, or was erased
   */
  @Transactional
  List<PhotoStore.Removed> erase(
      UUID call, UUID photo, UUID id, @Nullable String reason, Stamp stamp) {
    Faults faults = new Faults();
    String why = reason == null ? "" : reason.strip();
    if (why.isEmpty() || why.length() > LONGEST_REASON) {
      faults.add(
          "reason",
          "found nothing or too much; allowed are 1 to " + LONGEST_REASON + " characters");
    }
    faults.refuse();
    calls.lock(call);
    if (!store.isRemoved(photo, call).orElseThrow(PhotoService::missing)) {
      throw Refused.conflict("This photo is on the call. Take it away first.");
    }
    if (!store.isErased(photo)) {
      store.erase(id, photo, why, stamp);
    }
    return store.removed(call);
  }

  /** Those that were taken away from the call, the last first. */
  @Transactional(readOnly = true)
  List<PhotoStore.Removed> removed(UUID call) {
    calls.require(call);
    return store.removed(call);
  }

  private static Refused missing() {
    return Refused.missing("photo on this call");
  }
}
