package variablerotor.server.speed;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * A company of forty branches with a million calls and ten million readings in one installation:
 * prints figures. The rows are made in the database itself, which takes some minutes and about ten
 * gigabytes.
 */
public final class CompanySpeed {
  private static final int BRANCHES = 40;
  private static final int CALLS = Integer.getInteger("calls", 1_000_000);
  private static final int READINGS_OF_A_CALL = 10;

  /** Calls of one unit over the years. */
  private static final int CALLS_OF_A_UNIT = 10;

  private CompanySpeed() {}

  public static void main(String[] arguments) throws Exception {
    Server server = Server.forFigures();
    long start = System.nanoTime();
    fill(server);
    System.out.printf(
        "filled in %.0f s: %s calls, %s readings, %s branches%n",
        (System.nanoTime() - start) / 1e9,
        one(server, "select count(*) from service_call"),
        one(server, "select count(*) from reading"),
        one(server, "select count(*) from branch"));
    System.out.println(
        "size " + one(server, "select pg_size_pretty(pg_database_size(current_database()))"));
    List<Visitor> leads = new ArrayList<>();
    for (int branch = 1; branch < BRANCHES; branch++) {
      leads.add(server.signedIn("lead" + branch, "copper-star-7"));
    }
    Visitor lead = leads.get(20);
    ask(lead, "list of calls, newest 50", "/api/calls", 100);
    ask(lead, "  one word", "/api/calls?search=harbour+20010", 50);
    ask(lead, "  fault, many hits", "/api/calls?search=winding+shorted", 50);
    ask(lead, "  two letters", "/api/calls?search=kt", 50);
    ask(lead, "  nothing found", "/api/calls?search=zzqqxx", 50);
    ask(lead, "the week of a lead", "/api/week?days=30", 10);
    List<Double> asked = atOnce(leads, who -> who.get("/api/calls?search=mill").status() == 200);
    ServerSpeed.print("39 leads of 39 branches search at once", array(asked));
    List<String> calls = new ArrayList<>();
    leads.forEach(one -> calls.add(one.openCall()));
    List<Double> saved =
        atOnce(
            leads,
            who -> who.read(calls.get(leads.indexOf(who)), "line.volts", "231").status() == 200);
    ServerSpeed.print("39 people of 39 branches save at once", array(saved));
    backup(server);
    System.exit(0);
  }

  private interface Deed {
    boolean did(Visitor who);
  }

  /** Each does it ten times, with a pause as people make it. */
  private static List<Double> atOnce(List<Visitor> people, Deed deed) throws InterruptedException {
    ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
    AtomicInteger errors = new AtomicInteger();
    ExecutorService pool = Executors.newFixedThreadPool(people.size());
    for (Visitor who : people) {
      pool.submit(
          () -> {
            ServerSpeed.breathe(1000L * people.indexOf(who) / people.size());
            for (int at = 0; at < 10; at++) {
              long start = System.nanoTime();
              errors.addAndGet(deed.did(who) ? 0 : 1);
              millis.add((System.nanoTime() - start) / 1e6);
              ServerSpeed.breathe(1000);
            }
          });
    }
    pool.shutdown();
    pool.awaitTermination(10, TimeUnit.MINUTES);
    System.out.println(errors + " errors");
    return List.copyOf(millis);
  }

  private static double[] array(List<Double> millis) {
    return millis.stream().mapToDouble(one -> one).toArray();
  }

  private static void ask(Visitor who, String what, String path, int count) {
    double[] millis = new double[count];
    for (int at = -5; at < count; at++) {
      long start = System.nanoTime();
      if (who.get(path).status() != 200) {
        throw new IllegalStateException(path);
      }
      if (at >= 0) {
        millis[at] = (System.nanoTime() - start) / 1e6;
      }
    }
    ServerSpeed.print(what, millis);
  }

  private static void backup(Server server) throws Exception {
    Path file = Files.createTempFile("company", ".dump");
    try {
      long start = System.nanoTime();
      Process dump = server.cluster().client("pg_dump", "-Fc", "-f", file.toString()).start();
      if (dump.waitFor() != 0) {
        throw new IllegalStateException("pg_dump");
      }
      System.out.printf(
          "backup: %.0f s, %.2f GB%n", (System.nanoTime() - start) / 1e9, Files.size(file) / 1e9);
    } finally {
      Files.delete(file);
    }
  }

  private static String one(Server server, String query) throws SQLException {
    try (Connection connection = server.database();
        Statement statement = connection.createStatement();
        ResultSet row = statement.executeQuery(query)) {
      row.next();
      return row.getString(1);
    }
  }

  private static void fill(Server server) throws SQLException {
    // Its telling is that of all the others, too.
    server.technician().openCall();
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      for (int branch = 1; branch < BRANCHES; branch++) {
        statement.execute("select add_branch(gen_random_uuid(), 'Branch " + branch + "')");
        statement.execute(
            "insert into account (id, login, name, role, keeps_books, password, created_at, branch)"
                + " select gen_random_uuid(), 'lead%1$d', 'Lead %1$d', 'LEAD', true, password, now(),"
                    .formatted(branch)
                + " branch.id from account, branch where login = 'ines' and branch.name = 'Branch "
                + branch
                + "'");
      }
      // Rows as they are after years: what a trigger does for one at a time is done here for all.
      statement.execute("set session_replication_role = replica");
      statement.execute(
          "create temporary table person as select row_number() over (order by created_at, id) - 1 as"
              + " place, id, branch from account where login like 'lead%'");
      statement.execute(
          "create temporary table site_of as select gen_random_uuid() as id, gen_random_uuid() as"
              + " unit, n as nth, person.branch from generate_series(0, "
              + CALLS / CALLS_OF_A_UNIT
              + ") n join person on person.place = n % (select count(*) from person)");
      statement.execute(
          "insert into site (id, name, key, branch) select id, 'Site ' || nth, 'site ' || nth, branch"
              + " from site_of");
      statement.execute(
          "insert into unit (id, site, name, key, branch) select unit, id, 'Unit 1', 'unit 1', branch"
              + " from site_of");
      statement.execute("create index on site_of (nth)");
      statement.execute("analyze site_of");
      // Row by row, what is searched by would take hours to be brought up to date.
      List<String> searched = dropSearched(statement);
      statement.execute(
          "insert into service_call (id, opened_by, opened_at, changed_at, place, unit_name, unit,"
              + " family, symptom, verdict_state, verdict_suspects, verdict_sentence, engine, readings,"
              + " branch, words) select gen_random_uuid(), person.id, now() - n * interval '2 minutes',"
              + " now() - n * interval '2 minutes', (array['Harbour','Mill','Quay','Weir','Lantern'])[1"
              + " + n / 40 % 5] || ' house ' || n, 'Unit 1', site_of.unit, 'CONSTANT_TORQUE', 'NO_RUN',"
              + " 'OPEN', '', '', '0', 10, person.branch, lower((array['Harbour','Mill','Quay','Weir',"
              + " 'Lantern'])[1 + n / 40 % 5] || ' house ' || n || ' unit 1 no air since this morning,"
              + " hums does not run constant-torque blower it is the ' || (array['module','winding',"
              + " 'wheel','harness','board'])[1 + n % 5] || ': ' || (array['dead','shorted','stuck',"
              + " 'burnt','silent'])[1 + n / 7 % 5] || '. equivalent motor kt-' || to_hex(n)) from"
              + " generate_series(1, "
              + CALLS
              + ") n join person on person.place = n % (select count(*) from person) join site_of on"
              + " site_of.nth = (n / (select count(*) from person) % "
              + CALLS / CALLS_OF_A_UNIT / BRANCHES
              + ") * (select count(*) from person) + person.place");
      statement.execute("set maintenance_work_mem = '256MB'");
      for (String index : searched) {
        statement.execute(index);
      }
      statement.execute(
          "insert into particulars (id, call_id, body, author, at, branch) select gen_random_uuid(),"
              + " c.id, (select body from particulars order by seq desc limit 1), c.opened_by,"
              + " c.opened_at, c.branch from service_call c where c.readings = 10");
      statement.execute(
          "insert into reading (id, call_id, fact, value, author, at, branch) select"
              + " gen_random_uuid(), c.id, 'line.volts', (200 + n)::text, c.opened_by, c.opened_at,"
              + " c.branch from service_call c, generate_series(1, "
              + READINGS_OF_A_CALL
              + ") n where c.readings = 10");
      statement.execute("insert into reading_id select id from reading on conflict do nothing");
      statement.execute("set session_replication_role = origin");
      statement.execute("vacuum analyze");
    }
  }

  /** Drops the inverted indexes of the calls; gives how each is made again. */
  private static List<String> dropSearched(Statement statement) throws SQLException {
    List<String> names = new ArrayList<>();
    List<String> made = new ArrayList<>();
    try (ResultSet row =
        statement.executeQuery(
            "select indexname, indexdef from pg_indexes where tablename = 'service_call' and"
                + " indexdef like '%USING gin%'")) {
      while (row.next()) {
        names.add(row.getString(1));
        made.add(row.getString(2));
      }
    }
    for (String name : names) {
      statement.execute("drop index " + name);
    }
    return made;
  }
}
