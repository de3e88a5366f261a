package variablerotor.server.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** Text as a QR code (ISO/IEC 18004), drawn as SVG. */
public final class QrCode {
  /** Light modules around it (ISO/IEC 18004, from memory: four). */
  private static final int QUIET = 4;

  private QrCode() {}

  /**
   * @param size on paper, with the light edge [pt]
   */
  public static String svg(String text, double size) {
    BitMatrix bits = bits(text);
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < bits.getHeight(); y++) {
      for (int x = 0; x < bits.getWidth(); x++) {
        if (bits.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    String side = size + "pt";
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\""
        + side
        + "\" height=\""
        + side
        + "\" viewBox=\"0 0 "
        + bits.getWidth()
        + ' '
        + bits.getHeight()
        + "\" shape-rendering=\"crispEdges\"><path d=\""
        + path
        + "\" fill=\"#000000\"/></svg>";
  }

  private static BitMatrix bits(String text) {
    try {
      // A label is scratched and dusty: a quarter of it may be lost where there is room for that.
      return new QRCodeWriter()
          .encode(
              text,
              BarcodeFormat.QR_CODE,
              0,
              0,
              Map.of(
                  EncodeHintType.CHARACTER_SET,
                  "UTF-8",
                  EncodeHintType.ERROR_CORRECTION,
                  text.length() > 400 ? ErrorCorrectionLevel.L : ErrorCorrectionLevel.M,
                  EncodeHintType.MARGIN,
                  QUIET));
    } catch (WriterException tooLong) {
      throw new IllegalStateException("a label that no code holds", tooLong);
    }
  }
}
