package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.PatternLayout;
import ch.qos.logback.classic.spi.LoggingEvent;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.springframework.boot.logging.logback.ExtendedWhitespaceThrowableProxyConverter;

/** What came with a request begins no line of the log. */
class LogLinesTest {
  private static final String FORGED = "2026-11-30T08:00:00.000Z  INFO --- signed in: ines";

  private static List<String> logged(String message, Throwable fault) throws IOException {
    Properties properties = new Properties();
    try (InputStream in = LogLinesTest.class.getResourceAsStream("/application.properties")) {
      properties.load(Objects.requireNonNull(in));
    }
    LoggerContext context = new LoggerContext();
    PatternLayout layout = new PatternLayout();
    layout.setContext(context);
    layout.getInstanceConverterMap().put("wEx", ExtendedWhitespaceThrowableProxyConverter::new);
    layout.setPattern(properties.getProperty("logging.pattern.console"));
    layout.start();
    LoggingEvent event =
        new LoggingEvent("", context.getLogger("variablerotor"), Level.ERROR, message, fault, null);
    return layout.doLayout(event).lines().filter(line -> !line.isBlank()).toList();
  }

  @Test
  void aMessageIsOneLine() throws IOException {
    for (String end : List.of("\n", "\r", "\r\n", "\u2028", "\u0085")) {
      List<String> lines = logged("unexpected" + end + FORGED, null);
      assertEquals(1, lines.size(), lines.toString());
      assertTrue(lines.get(0).contains(" | " + FORGED), lines.get(0));
    }
  }

  @Test
  void aFaultsWordsAreOneLineToo() throws IOException {
    List<String> lines =
        logged(
            "unexpected fault",
            new IllegalStateException("no\n" + FORGED, new IOException("nor\r\n" + FORGED)));
    assertTrue(lines.stream().noneMatch(line -> line.startsWith("2026-11-30T08")), lines::toString);
    assertTrue(lines.stream().anyMatch(line -> line.startsWith("Caused by: ")), lines::toString);
    assertTrue(lines.stream().filter(line -> line.startsWith("\tat ")).count() > 5, "the trace");
  }
}
