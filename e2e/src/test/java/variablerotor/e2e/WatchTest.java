package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.sampling.Sampled;

/** What keeps database and application running ends when it is told to, whenever that comes. */
@Order(1)
class WatchTest {
  private static final int TIMES = 150;

  /** The loop itself without its second of rest, over a process that can be taken for both. */
  private static final String SCRIPT =
      """
      exec 9>/dev/null
      for one in postgres log watch backup; do . "scripts/$one.sh"; done
      sleep() { :; }
      answers() { :; }
      trap 'exit 0' INT TERM
      data=$1 supply='' server=$$ backups='' asked_at=127.0.0.1 PGPORT=0
      mkdir -p "$data/postgres"
      (exec -a postgres bash -c 'printf postgres >/proc/self/comm; read -r _ <"$1/hold"' it "$data") &
      trap "kill $! 2>/dev/null" EXIT
      echo $! >"$data/postgres/postmaster.pid"
      until postgres_runs "$data/postgres"; do :; done
      echo x >"$data/server.log"
      touch "$data/ready"
      watch
      """;

  @TempDir Path folder;

  /** Bash forgets a SIGINT that comes while it waits for a command whose output it takes. */
  @Test
  @Sampled(4)
  void noSignalIsLost() throws Exception {
    for (int time = 0; time < TIMES; time++) {
      Path data = Files.createDirectory(folder.resolve("data" + time));
      assertEquals(
          0, new ProcessBuilder("mkfifo", data.resolve("hold").toString()).start().waitFor());
      Process watch =
          new ProcessBuilder("bash", "-c", SCRIPT, "watch", data.toString())
              .directory(Running.ROOT.toFile())
              .redirectErrorStream(true)
              .redirectOutput(data.resolve("said").toFile())
              .start();
      while (!Files.exists(data.resolve("ready"))) {
        assertTrue(watch.isAlive(), () -> said(data));
        Thread.sleep(2);
      }
      // Another moment of its round each time.
      Thread.sleep(5 + time % 37);
      String signal = time % 5 == 0 ? "-TERM" : "-INT";
      new ProcessBuilder("kill", signal, String.valueOf(watch.pid())).start().waitFor();
      boolean ended = watch.waitFor(20, TimeUnit.SECONDS);
      watch.destroyForcibly();
      assertTrue(ended, "SIG" + signal.substring(1) + " of time " + time + " was lost");
      assertEquals(0, watch.exitValue(), () -> said(data));
    }
  }

  private static String said(Path data) {
    try {
      return Files.readString(data.resolve("said"));
    } catch (java.io.IOException fault) {
      return fault.toString();
    }
  }
}
