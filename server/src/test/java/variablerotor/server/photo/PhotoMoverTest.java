package variablerotor.server.photo;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anySet;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.server.account.BranchStore;
import variablerotor.server.log.LogStore;
import variablerotor.server.web.Sha256;

/** What happens to a photo while it is on its way. */
class PhotoMoverTest {
  private static final UUID PHOTO = UUID.randomUUID();
  private static final byte[] PIXELS = {1, 2, 3};

  private final Bucket bucket = mock(Bucket.class);
  private final PhotoPlaceStore places = mock(PhotoPlaceStore.class);
  private final PhotoMover mover =
      new PhotoMover(
          bucket,
          places,
          mock(BranchStore.class),
          mock(LogStore.class),
          new TransactionTemplate(mock(PlatformTransactionManager.class)),
          false);

  @BeforeEach
  void oneIsHere() {
    when(places.here(anyInt(), anySet()))
        .thenReturn(List.of(new PhotoPlaceStore.Pixels(PHOTO, PIXELS)));
    when(bucket.get(PHOTO)).thenReturn(Optional.of(PIXELS));
  }

  @Test
  void erasedMeanwhileNothingOfItStaysThere() {
    when(places.moved(PHOTO, Sha256.of(PIXELS))).thenReturn(false);
    when(places.isAway(PHOTO)).thenReturn(false);
    assertFalse(mover.step());
    verify(bucket).delete(PHOTO);
  }

  /** By one that was at it before this one. */
  @Test
  void movedByAnotherProcessMeanwhileItStaysThere() {
    when(places.moved(PHOTO, Sha256.of(PIXELS))).thenReturn(false);
    when(places.isAway(PHOTO)).thenReturn(true);
    assertFalse(mover.step());
    verify(bucket, never()).delete(any());
  }

  @Test
  void whatDoesNotComeBackTheSameIsNotEmptiedHereAndNotTriedAgain() {
    when(bucket.get(PHOTO)).thenReturn(Optional.of(new byte[] {9}));
    assertFalse(mover.step());
    verify(places, never()).moved(any(), any());
    assertFalse(mover.isWell());
  }

  @Test
  void movedItStaysThere() {
    when(places.moved(PHOTO, Sha256.of(PIXELS))).thenReturn(true);
    assertTrue(mover.step());
    verify(bucket, never()).delete(any());
    assertTrue(mover.isWell());
  }
}
