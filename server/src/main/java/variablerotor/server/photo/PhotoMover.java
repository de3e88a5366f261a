package variablerotor.server.photo;

import jakarta.annotation.PostConstruct;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.server.account.BranchStore;
import variablerotor.server.log.LogStore;
import variablerotor.server.web.Branch;
import variablerotor.server.web.Sha256;

/**
 * Moves pixels to the bucket, or back, while everybody works: a new photo is kept in the database
 * first, so that nobody waits for the bucket. Each step is the same when it is done again.
 */
@Component
class PhotoMover {
  private static final Logger LOG = LoggerFactory.getLogger(PhotoMover.class);

  /** So many are taken up at a time; each may be some hundred kilobytes. */
  private static final int AT_ONCE = 5;

  private static final long NOTHING_TO_DO_MS = 5_000;
  private static final long AFTER_A_FAULT_MS = 20_000;

  private final Bucket bucket;
  private final PhotoPlaceStore places;
  private final BranchStore branches;
  private final LogStore log;
  private final TransactionTemplate transaction;
  private final boolean toDatabase;
  private final Thread mover = new Thread(this::run, "photo mover");
  private volatile boolean over;
  private volatile boolean answers = true;

  /**
   * What the bucket did not give back as it was put: for a person to look at, until the next start.
   */
  private final Set<UUID> leftAside = ConcurrentHashMap.newKeySet();

  PhotoMover(
      Bucket bucket,
      PhotoPlaceStore places,
      BranchStore branches,
      LogStore log,
      TransactionTemplate transaction,
      @Value("${rotor.photos.back}") boolean back) {
    this.bucket = bucket;
    this.places = places;
    this.branches = branches;
    this.log = log;
    this.transaction = transaction;
    toDatabase = back;
  }

  @PostConstruct
  void begin() {
    if (bucket.isNamed()) {
      mover.setDaemon(true);
      mover.start();
    }
  }

  @EventListener(ContextClosedEvent.class)
  void end() {
    over = true;
    mover.interrupt();
  }

  /** Whether the bucket answers, and gives back what was put there. */
  boolean isWell() {
    return answers && leftAside.isEmpty();
  }

  private void run() {
    while (!over) {
      long pause;
      try {
        boolean some = false;
        for (UUID branch : branches.all()) {
          some |= Branch.in(branch, this::step);
        }
        answers = true;
        pause = some ? 0 : NOTHING_TO_DO_MS;
      } catch (Bucket.Gone gone) {
        if (answers) {
          LOG.warn("the bucket of photos does not answer; photos stay where they are", gone);
        }
        answers = false;
        pause = AFTER_A_FAULT_MS;
      } catch (RuntimeException fault) {
        // The database does not answer, say; it is looked again.
        pause = AFTER_A_FAULT_MS;
      }
      try {
        Thread.sleep(pause);
      } catch (InterruptedException ended) {
        Thread.currentThread().interrupt();
        return;
      }
    }
  }

  /**
   * Whether something was done. One process at a time is at it: what one puts there another, told
   * to move the other way, must not take away before it is known that it is the only one.
   */
  boolean step() {
    return Boolean.TRUE.equals(
        transaction.execute(
            any -> {
              log.hold("where photos lie");
              boolean dropped = drop();
              return (toDatabase ? back() : away()) || dropped;
            }));
  }

  private boolean away() {
    boolean some = false;
    for (PhotoPlaceStore.Pixels one : places.here(AT_ONCE, leftAside)) {
      String digest = Sha256.of(one.bytes());
      bucket.put(one.photo(), one.bytes());
      // What it says it took is not believed: it is read back before anything is emptied here.
      if (there(one.photo(), digest).isPresent()) {
        boolean moved = places.moved(one.photo(), digest);
        if (!moved && !places.isAway(one.photo())) {
          // Erased meanwhile: what was just put there is the last of it.
          bucket.delete(one.photo());
        }
        some |= moved;
      }
    }
    return some;
  }

  private boolean back() {
    boolean some = false;
    for (PhotoPlaceStore.Away one : places.away(AT_ONCE, leftAside)) {
      Optional<byte[]> pixels = there(one.photo(), one.digest());
      some |= pixels.isPresent() && places.returned(one.photo(), pixels.get());
    }
    return some;
  }

  private Optional<byte[]> there(UUID photo, String digest) {
    Optional<byte[]> pixels = bucket.get(photo).filter(one -> Sha256.of(one).equals(digest));
    if (pixels.isEmpty() && leftAside.add(photo)) {
      LOG.error("photo {} does not lie in the bucket as it was put; it is left where it is", photo);
    }
    return pixels;
  }

  private boolean drop() {
    boolean some = false;
    for (PhotoPlaceStore.Away one : places.toDrop(AT_ONCE)) {
      bucket.delete(one.photo());
      some |= places.dropped(one.photo());
    }
    return some;
  }
}
