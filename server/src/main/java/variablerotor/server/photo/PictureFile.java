package variablerotor.server.photo;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import variablerotor.server.web.Refused;

/**
 * The file of a photo, looked at before anything of it is unpacked: how large the picture says that
 * it is, and what else it carries. A few bytes can claim a picture that no memory holds.
 */
final class PictureFile {
  /** Longest side [pixel]. */
  private static final int LONGEST_SIDE = 20_000;

  /** More than this is no photo of a telephone [pixel]. */
  private static final long MOST_PIXELS = 120_000_000L;

  /** What comes in several passes is unpacked whole before a row of it is known [pixel]. */
  private static final long MOST_IN_PASSES = 30_000_000L;

  /**
   * What comes in passes is gone over once a pass [pixel]: a photo has a dozen of them at most, and
   * one small file can say the last one hundreds of times.
   */
  private static final long MOST_GONE_OVER = 400_000_000L;

  private static final int MOST_PASSES = 32;

  /** Chunks that the picture itself is made of (PNG, ISO/IEC 15948); all others are left out. */
  private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

  private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
  private static final int CHUNK_FRAME = 12;

  private PictureFile() {}

  static boolean isPng(byte[] file) {
    return file.length > PNG.length
        && ByteBuffer.wrap(file, 0, PNG.length).equals(ByteBuffer.wrap(PNG));
  }

  static boolean isJpeg(byte[] file) {
    return file.length > 3 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xd8;
  }

  /**
   * What of a file is to be unpacked.
   *
   * @throws Refused where it claims more than is taken, or is no JPEG and no PNG
   */
  static byte[] checked(byte[] file) {
    if (isPng(file)) {
      return png(file);
    }
    if (isJpeg(file)) {
      jpeg(file);
      return file;
    }
    throw unreadable();
  }

  static Refused unreadable() {
    return Refused.field("photo", "found something else; allowed is a JPEG or PNG picture");
  }

  private static void hold(long width, long height, long most) {
    if (width < 1 || height < 1) {
      throw unreadable();
    }
    if (width > LONGEST_SIDE || height > LONGEST_SIDE || width * height > most) {
      throw Refused.field(
          "photo",
          "found "
              + width
              + " by "
              + height
              + " pixels; allowed are "
              + LONGEST_SIDE
              + " a side and "
              + most / 1_000_000
              + " million in all");
    }
  }

  private static byte[] png(byte[] file) {
    ByteBuffer in = ByteBuffer.wrap(file);
    ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
    out.write(file, 0, PNG.length);
    int at = PNG.length;
    boolean first = true;
    while (at + CHUNK_FRAME <= file.length) {
      long length = in.getInt(at) & 0xffffffffL;
      if (length > file.length - at - CHUNK_FRAME) {
        throw unreadable();
      }
      String name = new String(file, at + 4, 4, StandardCharsets.ISO_8859_1);
      if (first != name.equals("IHDR") || (first && length != 13)) {
        throw unreadable();
      }
      if (first) {
        boolean interlaced = file[at + 8 + 12] != 0;
        hold(
            in.getInt(at + 8) & 0xffffffffL,
            in.getInt(at + 12) & 0xffffffffL,
            interlaced ? MOST_IN_PASSES : MOST_PIXELS);
      }
      first = false;
      if (NEEDED.contains(name)) {
        out.write(file, at, (int) length + CHUNK_FRAME);
      }
      at += (int) length + CHUNK_FRAME;
      if (name.equals("IEND")) {
        return out.toByteArray();
      }
    }
    throw unreadable();
  }

  /** Markers of JPEG (ITU-T T.81) up to where the picture begins. */
  private static void jpeg(byte[] file) {
    int at = 2;
    int components = 0;
    boolean passes = false;
    long width = 0;
    long height = 0;
    while (at + 4 <= file.length) {
      if ((file[at] & 0xff) != 0xff) {
        throw unreadable();
      }
      int marker = file[at + 1] & 0xff;
      if (marker == 0xff) {
        at++;
        continue;
      }
      int length = (file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff;
      boolean frame =
          marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc;
      if (length < 2 || (frame && at + 9 >= file.length)) {
        throw unreadable();
      }
      if (frame) {
        passes = marker != 0xc0 && marker != 0xc1;
        height = (file[at + 5] & 0xffL) << 8 | file[at + 6] & 0xff;
        width = (file[at + 7] & 0xffL) << 8 | file[at + 8] & 0xff;
        components = file[at + 9] & 0xff;
      } else if (marker == 0xda) {
        boolean several = passes || at + 4 >= file.length || (file[at + 4] & 0xff) < components;
        hold(width, height, several ? MOST_IN_PASSES : MOST_PIXELS);
        passes(file, at, width * height);
        return;
      }
      at += 2 + length;
    }
    throw unreadable();
  }

  /**
   * Markers that stand in the picture's own bytes: a stuffed zero, restarts, fill (T.81, B.1.1).
   */
  private static boolean isInside(int marker) {
    return marker == 0 || (marker >= 0xd0 && marker <= 0xd7) || marker == 0xff;
  }

  private static void passes(byte[] file, int from, long pixels) {
    int passes = 0;
    for (int at = from; at + 1 < file.length; at++) {
      int marker = file[at + 1] & 0xff;
      if ((file[at] & 0xff) != 0xff || isInside(marker)) {
        continue;
      }
      if (marker == 0xd9) {
        return;
      }
      passes += marker == 0xda ? 1 : 0;
      if (passes > MOST_PASSES || passes * pixels > MOST_GONE_OVER) {
        throw Refused.field(
            "photo",
            "found a picture in more than " + (passes - 1) + " passes; allowed is a usual photo");
      }
      // Over the marker's own bytes, which may look like anything.
      at += at + 3 < file.length ? 1 + ((file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff) : 1;
    }
  }
}
