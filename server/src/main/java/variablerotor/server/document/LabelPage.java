package variablerotor.server.document;

import variablerotor.core.handover.UnitLabel;
import variablerotor.server.web.QrCode;

/**
 * What stands on a unit's label.
 *
 * @param code the same as plain text, as a QR code in SVG
 */
record LabelPage(UnitLabel label, String code) {
  /** The code on paper [pt]: 1.5 in, so that a module of it is half a millimetre. */
  private static final double CODE = 108;

  static LabelPage of(UnitLabel label) {
    return new LabelPage(label, QrCode.svg(label.code(), CODE));
  }
}
