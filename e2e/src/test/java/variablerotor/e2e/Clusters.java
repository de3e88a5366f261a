package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Two PostgreSQL clusters of a test's own, set up as {@code docs/operating.md} says: a primary, and
 * a streaming replica that each save waits for.
 */
final class Clusters implements AutoCloseable {
  private final Path folder;
  private final int primary;
  private final int replica;

  /**
   * @param folder that others may go into: as root the clusters belong to another user
   */
  Clusters(Path folder) throws IOException, InterruptedException {
    this.folder = folder;
    primary = Running.freePort();
    replica = Running.freePort();
    shell(
        "for one in primary replica; do mkdir -p \"$dir/$one\"; postgres_can_reach \"$dir/$one\"; done\n"
            + "postgres_start \"$dir/primary\" "
            + primary);
    // Who may look whether a replica follows: the application's own role.
    primary().sql("grant pg_read_all_stats to rotor_app");
    // In force with the next reload: there is none yet that a save could wait for.
    primary().sql("alter system set synchronous_standby_names = '*'");
    shell(
        "export PGPASSWORD; PGPASSWORD=$(cat \"$dir/primary/database-password\")\n"
            + "mkdir -p \"$dir/replica/postgres\" && chmod 700 \"$dir/replica/postgres\"\n"
            + "[ \"$(id -u)\" != 0 ] || chown postgres \"$dir/replica/postgres\"\n"
            + "as_postgres \"$bin/pg_basebackup\" -h 127.0.0.1 -p "
            + primary
            + " -U rotor -D \"$dir/replica/postgres\" -R -X stream -c fast");
    startReplica();
    primary().sql("select pg_reload_conf()");
  }

  private void startReplica() throws IOException, InterruptedException {
    shell(
        "as_postgres \"$bin/pg_ctl\" -D \"$dir/replica/postgres\" -w -t 60 -l"
            + " \"$dir/replica/postgres/server.log\" -o \"-c listen_addresses=127.0.0.1 -c port="
            + replica
            + " -c unix_socket_directories='' -c shared_buffers=64MB\" start");
  }

  private Application.Kept kept(String hosts) throws IOException {
    return new Application.Kept(
        "jdbc:postgresql://" + hosts,
        Files.readString(folder.resolve("primary/database-password")).strip(),
        Files.readString(folder.resolve("primary/application-password")).strip());
  }

  /** Whichever of the two takes what is written. */
  Application.Kept either() throws IOException {
    return kept(
        "127.0.0.1:" + primary + ",127.0.0.1:" + replica + "/rotor?targetServerType=primary");
  }

  Application.Kept primary() throws IOException {
    return kept("127.0.0.1:" + primary + "/rotor");
  }

  Application.Kept replica() throws IOException {
    return kept("127.0.0.1:" + replica + "/rotor");
  }

  /** The primary ends as by a power cut. */
  void killPrimary() throws IOException, InterruptedException {
    shell("kill -9 \"$(sed -n 1p \"$dir/primary/postgres/postmaster.pid\")\"");
  }

  void promoteReplica() throws IOException, InterruptedException {
    shell("as_postgres \"$bin/pg_ctl\" -D \"$dir/replica/postgres\" -w -t 60 promote");
    // It was made with the primary's settings, and has no replica that a save could wait for.
    replica().sql("alter system reset synchronous_standby_names");
    replica().sql("select pg_reload_conf()");
  }

  private void shell(String commands) throws IOException, InterruptedException {
    String script =
        "set -e\nfail() { echo \"$1\" >&2; exit 1; }\n. scripts/postgres.sh\n"
            + "bin=$(postgres_folder); dir=$1\n"
            + commands;
    Path said = Files.createTempFile("rotor-cluster", ".txt");
    int status =
        new ProcessBuilder("bash", "-c", script, "clusters", folder.toString())
            .directory(Running.ROOT.toFile())
            .redirectErrorStream(true)
            .redirectOutput(said.toFile())
            .start()
            .waitFor();
    assertEquals(0, status, commands + ": " + Files.readString(said));
  }

  @Override
  public void close() throws IOException, InterruptedException {
    shell(
        "for one in primary replica; do\n"
            + "  ! postgres_runs \"$dir/$one/postgres\" ||\n"
            + "    as_postgres \"$bin/pg_ctl\" -D \"$dir/$one/postgres\" -m immediate -w stop\n"
            + "done");
  }
}
