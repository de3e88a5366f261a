package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import variablerotor.server.Server;

/** Behind a reverse proxy its word on who asks is taken, and nobody else's. */
class ProxyTest {
  private static final String PROXY = "127.0.0.9";
  private static final String FORWARDED =
      "X-Forwarded-For: 203.0.113.200\r\nX-Forwarded-Proto: https\r\n";

  @Test
  void onlyTheProxyIsBelieved() throws Exception {
    try (Server server =
        Server.told(
            false,
            "--server.forward-headers-strategy=native",
            "--server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.9",
            "--server.tomcat.remoteip.trusted-proxies=127\\.0\\.0\\.9",
            "--rotor.secure=true")) {
      String stranger = asked(server, "127.0.0.1", FORWARDED);
      assertFalse(stranger.contains("Strict-Transport-Security"), stranger);
      String proxied = asked(server, PROXY, FORWARDED);
      assertTrue(proxied.contains("Strict-Transport-Security"), proxied);
      assertTrue(proxied.contains("Secure"), proxied);

      guess(server, "127.0.0.1");
      assertEquals(0, counted(server, "203.0.113.200"));
      guess(server, PROXY);
      assertTrue(counted(server, "203.0.113.200") > 0);
    }
  }

  /** A wrong try to sign in. */
  private static void guess(Server server, String from) throws IOException {
    Matcher token = Pattern.compile("XSRF-TOKEN=([^;]+)").matcher(asked(server, from, FORWARDED));
    assertTrue(token.find());
    String body = "{\"login\":\"nobody\",\"password\":\"nothing\"}";
    String answer =
        sent(
            server,
            from,
            "POST /api/session HTTP/1.1\r\nHost: shop.test\r\nConnection: close\r\n"
                + FORWARDED
                + "Content-Type: application/json\r\nContent-Length: "
                + body.length()
                + "\r\nCookie: XSRF-TOKEN="
                + token.group(1)
                + "\r\nX-XSRF-TOKEN: "
                + token.group(1)
                + "\r\n\r\n"
                + body);
    assertTrue(answer.startsWith("HTTP/1.1 401"), answer);
  }

  private static String asked(Server server, String from, String headers) throws IOException {
    return sent(
        server,
        from,
        "GET /api/session HTTP/1.1\r\nHost: shop.test\r\nConnection: close\r\n" + headers + "\r\n");
  }

  private static String sent(Server server, String from, String request) throws IOException {
    try (Socket socket = new Socket()) {
      socket.bind(new InetSocketAddress(InetAddress.getByName(from), 0));
      socket.connect(new InetSocketAddress("127.0.0.1", URI.create(server.url("/")).getPort()));
      socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static int counted(Server server, String address) throws SQLException {
    try (Connection connection = server.database();
        var rows =
            connection
                .createStatement()
                .executeQuery(
                    "select count(*) from sign_in_guard where address = '" + address + "'")) {
      rows.next();
      return rows.getInt(1);
    }
  }
}
