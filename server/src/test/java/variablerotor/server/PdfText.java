package variablerotor.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** What a PDF says, read by a library that had no part in the page. */
public final class PdfText {
  private PdfText() {}

  /** Page by page. */
  public static List<String> pages(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFTextStripper text = new PDFTextStripper();
      List<String> pages = new ArrayList<>();
      for (int page = 1; page <= document.getNumberOfPages(); page++) {
        text.setStartPage(page);
        text.setEndPage(page);
        pages.add(text.getText(document).replaceAll("\\s+", " "));
      }
      return pages;
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  /** All of it. */
  public static String of(byte[] pdf) {
    return String.join(" ", pages(pdf));
  }
}
