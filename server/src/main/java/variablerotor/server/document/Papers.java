package variablerotor.server.document;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * Papers: what stands on one is a record, how it is laid out is a template beside it, {@code
 * papers/NAME.html}, in HTML and CSS.
 */
@Component
class Papers {
  private static final String FONT = "Atkinson Hyperlegible";

  /** Type is made no smaller than this share of its size. */
  private static final double SMALLEST = 0.6;

  private static final double STEP = 0.08;

  /** What was typed or pasted and no XML holds (XML 1.0, 2.2): control characters, half a pair. */
  private static final Pattern NO_XML =
      Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

  private final Map<String, Template> templates = new ConcurrentHashMap<>();

  private final Mustache.Compiler compiler =
      Mustache.compiler()
          .escapeHTML(true)
          .nullValue("")
          .emptyStringIsFalse(true)
          .withLoader(Papers::file);

  /**
   * @param scale of its type, 1 for as the template has it
   * @param paper what stands on it
   */
  private record Sheet(double scale, Object paper) {
    /** Of its running text [pt]; asked for by the template. */
    @SuppressWarnings("UnusedMethod")
    String points() {
      return String.format(Locale.ROOT, "%.2f", 10 * scale);
    }
  }

  /** On as many pages as it takes. */
  byte[] print(String template, Object paper) {
    return printed(template, new Sheet(1, paper), Integer.MAX_VALUE);
  }

  /** On one page: its type is made smaller until all of it fits. */
  byte[] printOnOne(String template, Object paper) {
    double scale = 1;
    byte[] page = printed(template, new Sheet(scale, paper), 1);
    while (page.length == 0 && scale - STEP >= SMALLEST) {
      scale -= STEP;
      page = printed(template, new Sheet(scale, paper), 1);
    }
    return page.length > 0 ? page : printed(template, new Sheet(scale, paper), Integer.MAX_VALUE);
  }

  /**
   * @param most pages; nothing is printed where there would be more
   */
  private byte[] printed(String template, Sheet sheet, int most) {
    String html =
        NO_XML
            .matcher(templates.computeIfAbsent(template, this::compiled).execute(sheet))
            .replaceAll(" ");
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.useFastMode();
    builder.withProducer("Variable Rotor");
    // A paper is made of what is in it: nothing outside of it is ever fetched.
    for (ExternalResourceControlPriority when : ExternalResourceControlPriority.values()) {
      builder.useExternalResourceAccessControl((uri, type) -> uri.startsWith("data:"), when);
    }
    builder.useSVGDrawer(new BatikSVGDrawer());
    Set<FSFontUseCase> everywhere = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);
    builder.useFont(() -> font("Regular", 400), FONT, 400, FontStyle.NORMAL, true, everywhere);
    builder.useFont(() -> font("Bold", 700), FONT, 700, FontStyle.NORMAL, true, everywhere);
    builder.withHtmlContent(html, null);
    builder.toStream(bytes);
    try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
      renderer.layout();
      if (renderer.getRootBox().getLayer().getPages().size() > most) {
        return new byte[0];
      }
      renderer.createPDF();
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
    return bytes.toByteArray();
  }

  private Template compiled(String name) {
    return compiler.compile(file(name));
  }

  private static Reader file(String name) {
    return new InputStreamReader(
        Objects.requireNonNull(Papers.class.getResourceAsStream("/papers/" + name + ".html"), name),
        StandardCharsets.UTF_8);
  }

  private static InputStream font(String cut, int weight) {
    String folder = weight + cut;
    return Objects.requireNonNull(
        Papers.class.getResourceAsStream(
            "/fonts/" + folder + "/AtkinsonHyperlegibleNext_" + folder + ".ttf"));
  }
}
