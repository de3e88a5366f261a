package variablerotor.server.web;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;

/** A request's body, in memory while it is small and on the disk beyond that; gone when closed. */
final class Gathered implements AutoCloseable {
  /** So much waits in memory [byte]: of all connections together a small part of it. */
  private static final int IN_MEMORY = 8 * 1024;

  private boolean thrownAway;
  private final AtomicLong onDisk;
  private final ByteArrayOutputStream memory = new ByteArrayOutputStream();
  private Path file;
  private OutputStream disk;
  private long size;
  private long counted;
  private boolean closed;

  /**
   * @param thrownAway whether what comes is not kept, as no handler takes so much
   * @param onDisk counts what all of them together have on the disk [byte]
   */
  Gathered(boolean thrownAway, AtomicLong onDisk) {
    this.thrownAway = thrownAway;
    this.onDisk = onDisk;
  }

  /** Whether it is more than was to be kept; what came is thrown away. */
  synchronized boolean isTooLarge() {
    return thrownAway;
  }

  /**
   * @param most [byte]; where it becomes larger, all of it is thrown away
   */
  synchronized void add(byte[] part, int length, long most) throws IOException {
    size += length;
    thrownAway |= size > most;
    if (thrownAway || closed) {
      return;
    }
    if (disk == null && size > IN_MEMORY) {
      file = Files.createTempFile("body", null);
      disk = Files.newOutputStream(file);
      memory.writeTo(disk);
      count(memory.size());
      memory.reset();
    }
    count(disk == null ? 0 : length);
    (disk == null ? memory : disk).write(part, 0, length);
  }

  private void count(long bytes) {
    counted += bytes;
    onDisk.addAndGet(bytes);
  }

  /** From the beginning. */
  synchronized InputStream open() throws IOException {
    if (disk == null) {
      return new ByteArrayInputStream(memory.toByteArray());
    }
    disk.flush();
    return Files.newInputStream(file);
  }

  @Override
  public synchronized void close() {
    if (closed) {
      return;
    }
    closed = true;
    count(-counted);
    try {
      if (disk != null) {
        disk.close();
        Files.deleteIfExists(file);
      }
    } catch (IOException left) {
      // The system clears its folder for such files by itself.
      file.toFile().deleteOnExit();
    }
  }
}
