package variablerotor.server.web;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/** A request's body, in memory while it is small and on the disk beyond that; gone when closed. */
final class Gathered implements AutoCloseable {
  /** So much waits in memory [byte]: of all connections together a small part of it. */
  static final int IN_MEMORY = 8 * 1024;

  /** The file that it waits in once it is too large for memory. */
  private record OnDisk(Path file, OutputStream out) {}

  /** What was sent is not here any more: that is no fault of whoever sent it. */
  static final class Lost extends IOException {
    private static final long serialVersionUID = 1L;

    Lost() {
      super("the body is gone");
    }
  }

  private final Room room;
  private final String address;
  private final ByteArrayOutputStream memory = new ByteArrayOutputStream();
  private boolean thrownAway;
  private boolean crowdedOut;
  private @Nullable OnDisk disk;
  private long size;
  private long counted;
  private boolean whole;
  private boolean closed;

  /**
   * @param thrownAway whether what comes is not kept, as no handler takes so much
   * @param room on the disk
   * @param address of whoever sends it
   */
  Gathered(boolean thrownAway, Room room, String address) {
    this.thrownAway = thrownAway;
    this.room = room;
    this.address = address;
  }

  /** Whether it is more than was to be kept; what came is thrown away. */
  synchronized boolean isTooLarge() {
    return thrownAway;
  }

  /** All of it is here, as far as it is kept. */
  synchronized void cameWhole() {
    whole = true;
  }

  /** Whether all of it came, and is here. */
  synchronized boolean isWhole() {
    return whole && !closed;
  }

  /** Whether there was no room for it; what came is thrown away. */
  synchronized boolean isCrowdedOut() {
    return crowdedOut;
  }

  /**
   * @param most [byte]; where it becomes larger, all of it is thrown away
   */
  synchronized void add(byte[] part, int length, long most) throws IOException {
    size += length;
    thrownAway |= size > most;
    if (thrownAway || crowdedOut || closed) {
      return;
    }
    if (size > IN_MEMORY) {
      long bytes = size - counted;
      if (!room.take(address, bytes)) {
        crowdedOut = true;
        free();
        return;
      }
      counted += bytes;
      if (disk == null) {
        Path file = Files.createTempFile("body", null);
        disk = new OnDisk(file, Files.newOutputStream(file));
        memory.writeTo(disk.out);
        memory.reset();
      }
    }
    (disk == null ? memory : disk.out).write(part, 0, length);
  }

  /**
   * From the beginning.
   *
   * @throws Lost where it is gone, rather than as if nothing had been sent
   */
  synchronized InputStream open() throws IOException {
    if (closed) {
      throw new Lost();
    }
    if (disk == null) {
      return new ByteArrayInputStream(memory.toByteArray());
    }
    disk.out.flush();
    return Files.newInputStream(disk.file);
  }

  @Override
  public synchronized void close() {
    if (!closed) {
      closed = true;
      free();
    }
  }

  private void free() {
    room.giveBack(address, counted);
    counted = 0;
    memory.reset();
    if (disk == null) {
      return;
    }
    try {
      disk.out.close();
      Files.deleteIfExists(disk.file);
    } catch (IOException left) {
      // The system clears its folder for such files by itself.
      disk.file.toFile().deleteOnExit();
    }
    disk = null;
  }
}
