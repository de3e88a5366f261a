package variablerotor.server.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.server.Server;

/** How backups stand, as it is told; what cannot be read is no backup. */
@ExtendWith(Server.class)
class BackupsTest {
  private static final Instant NOW = Instant.parse("2026-11-30T12:00:00Z");

  private static Backups told(Path folder, String... lines) throws IOException {
    Files.writeString(folder.resolve("backup"), String.join("\n", lines));
    return Backups.of(folder.toString(), NOW);
  }

  @Test
  void theNewestAndItsAge(@TempDir Path folder) throws IOException {
    Backups fresh =
        told(
            folder,
            "folder=/srv/kept",
            "kept=3",
            "encrypted=true",
            "taken=2026-11-30T02:00:00Z",
            "bytes=12345678");
    assertEquals(
        new Backups(true, "/srv/kept", "2026-11-30T02:00:00Z", 12_345_678, 3, true, null, false),
        fresh);
    assertTrue(told(folder, "kept=3", "taken=2026-11-29T02:00:00Z").late(), "34 h old");
    Backups failed = told(folder, "kept=0", "failed=2026-11-30T11:00:00Z");
    assertEquals("2026-11-30T11:00:00Z", failed.failed());
    assertTrue(failed.late() && failed.scheduled());
  }

  @Test
  void whatIsNotToldOrCannotBeReadIsNone(@TempDir Path folder) throws IOException {
    assertFalse(Backups.of("", NOW).scheduled());
    assertFalse(Backups.of(folder.toString(), NOW).scheduled());
    assertFalse(told(folder, "folder=\\u00zz").scheduled());
    Backups odd = told(folder, "taken=yesterday", "bytes=-3", "kept=many");
    assertNull(odd.taken());
    assertTrue(odd.late());
  }

  @Test
  void aLeadReadsIt(Server server) {
    assertEquals(403, server.technician().get("/api/shop/keeping/backups").status());
    assertEquals(false, server.lead().get("/api/shop/keeping/backups").at("scheduled"));
  }
}
