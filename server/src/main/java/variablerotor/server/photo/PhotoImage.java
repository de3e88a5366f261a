package variablerotor.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.file.FileTypeDirectory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.jpeg.HuffmanTablesDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Turn;

/**
 * A picture made anew from its pixels: upright, no larger than it need be, and without anything
 * that tells where, when or by what it was taken.
 */
public record PhotoImage(String mediaType, int width, int height, byte[] content) {
  /** A plate can be read from this many pixels along the longer side. */
  private static final int LONGEST = 1600;

  private static final float QUALITY = 0.82f;

  /** Pictures are opened one at a time, so that several at once do not need the whole memory. */
  private static final Turn ONE = new Turn(1, 12, Duration.ofSeconds(20));

  /** Where the bytes of a picture come from, once it is its turn. */
  private interface Source {
    byte[] bytes() throws IOException;
  }

  /**
   * @throws Refused for anything but a JPEG or PNG picture that can be opened
   */
  public static PhotoImage of(Path file) {
    return of(() -> Files.readAllBytes(file));
  }

  /**
   * @throws Refused for anything but a JPEG or PNG picture that can be opened
   */
  public static PhotoImage of(byte[] file) {
    return of(() -> file);
  }

  /**
   * Whether a file is a picture as this program keeps it: of this kind and size, and with nothing
   * in it but the picture.
   *
   * @throws Refused for anything but a JPEG or PNG picture that can be opened
   */
  public static boolean isKept(byte[] file, String mediaType, int width, int height) {
    PhotoImage opened = of(file);
    return opened.mediaType().equals(mediaType)
        && opened.width() == width
        && opened.height() == height
        && Arrays.equals(PictureFile.checked(file), file)
        && (PictureFile.isPng(file) || !tells(file));
  }

  /** Whether a JPEG says anything beside the picture: of the camera, the place, the time. */
  private static boolean tells(byte[] jpeg) {
    try {
      for (Directory one :
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(jpeg)).getDirectories()) {
        boolean picture =
            one instanceof JpegDirectory
                || one instanceof JfifDirectory
                || one instanceof HuffmanTablesDirectory
                || one instanceof FileTypeDirectory;
        if (!picture) {
          return true;
        }
      }
      return false;
    } catch (ImageProcessingException | IOException unreadable) {
      return true;
    }
  }

  private static PhotoImage of(Source file) {
    return ONE.take(() -> read(file));
  }

  private static PhotoImage read(Source file) {
    try {
      return open(file.bytes());
    } catch (IOException | RuntimeException fault) {
      if (fault instanceof Refused refused) {
        throw refused;
      }
      throw PictureFile.unreadable();
    } catch (OutOfMemoryError tooMuch) {
      // What was tried for this one picture is let go again, and nobody else's request is lost.
      throw Refused.field(
          "photo", "found a picture that needs too much memory; allowed is a photo");
    }
  }

  private static PhotoImage open(byte[] file) throws IOException {
    byte[] safe = PictureFile.checked(file);
    boolean jpeg = PictureFile.isJpeg(file);
    ImageIO.setUseCache(false);
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(safe))) {
      ImageReader reader = ImageIO.getImageReadersByFormatName(jpeg ? "jpeg" : "png").next();
      try (PhotoClock clock = new PhotoClock(reader::abort)) {
        reader.setInput(in, true, true);
        BufferedImage small;
        try {
          small = decode(reader);
        } catch (IOException | RuntimeException fault) {
          // What was cut off looks broken.
          clock.check();
          throw fault;
        }
        clock.check();
        BufferedImage upright = upright(small, jpeg ? orientation(file) : 1, jpeg);
        return new PhotoImage(
            jpeg ? "image/jpeg" : "image/png",
            upright.getWidth(),
            upright.getHeight(),
            jpeg ? jpeg(upright) : png(upright));
      } finally {
        reader.dispose();
      }
    }
  }

  /** Every n-th pixel is enough where there are far too many. */
  private static BufferedImage decode(ImageReader reader) throws IOException {
    long width = reader.getWidth(0);
    long height = reader.getHeight(0);
    ImageReadParam param = reader.getDefaultReadParam();
    int step = (int) Math.max(1, Math.max(width, height) / LONGEST);
    param.setSourceSubsampling(step, step, 0, 0);
    return reader.read(0, param);
  }

  /** How the camera was held, 1 to 8 as EXIF has it (JEITA CP-3451, from memory). */
  private static int orientation(byte[] file) {
    try {
      ExifIFD0Directory exif =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      boolean told = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION);
      return told ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION) : 1;
    } catch (ImageProcessingException | MetadataException | IOException untold) {
      return 1;
    }
  }

  private static BufferedImage upright(BufferedImage image, int orientation, boolean opaque) {
    double scale = Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
    int w = (int) Math.max(1, Math.round(scale * image.getWidth()));
    int h = (int) Math.max(1, Math.round(scale * image.getHeight()));
    boolean turned = orientation >= 5 && orientation <= 8;
    BufferedImage made =
        new BufferedImage(
            turned ? h : w,
            turned ? w : h,
            opaque ? BufferedImage.TYPE_INT_RGB : BufferedImage.TYPE_INT_ARGB);
    Graphics2D graphics = made.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    AffineTransform turn = turn(orientation, w, h);
    turn.scale((double) w / image.getWidth(), (double) h / image.getHeight());
    graphics.drawImage(image, turn, null);
    graphics.dispose();
    return made;
  }

  /** From the picture as it was stored, w by h, to the picture as it was seen. */
  private static AffineTransform turn(int orientation, int w, int h) {
    switch (orientation) {
      case 2:
        return new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3:
        return new AffineTransform(-1, 0, 0, -1, w, h);
      case 4:
        return new AffineTransform(1, 0, 0, -1, 0, h);
      case 5:
        return new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6:
        return new AffineTransform(0, 1, -1, 0, h, 0);
      case 7:
        return new AffineTransform(0, -1, -1, 0, h, w);
      case 8:
        return new AffineTransform(0, -1, 1, 0, 0, w);
      default:
        return new AffineTransform();
    }
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    return bytes.toByteArray();
  }
}
