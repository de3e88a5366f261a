package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What others wrote is named with its licence, of the server and of the page. */
@ExtendWith(Browsing.class)
class ThirdPartyTest {
  private final Browsing browsing;

  ThirdPartyTest(Browsing browsing) {
    this.browsing = browsing;
  }

  @ParameterizedTest
  @CsvSource({
    "server.txt, org.postgresql:postgresql",
    "page.txt, element-plus",
    "page.txt, MIT",
    "fonts.txt, SIL OPEN FONT LICENSE"
  })
  void isNamed(String file, String named) throws IOException, InterruptedException {
    HttpResponse<String> list =
        Person.stranger(browsing.application().port()).get("/third-party/" + file);
    assertEquals(200, list.statusCode());
    assertTrue(list.body().contains(named), file);
  }
}
