package variablerotor.server.speed;

import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * How long the server takes, through HTTP and the database, all on loopback and bounded in count.
 * Not a test: it prints figures.
 */
public final class ServerSpeed {
  private static final int CALLS = 100_000;
  private static final int TECHNICIANS = 50;
  private static final int READINGS_EACH = 20;

  private ServerSpeed() {}

  public static void main(String[] args) throws Exception {
    Server server = Server.forFigures();
    Visitor tobin = server.technician();
    String call = tobin.openCall();
    readings(tobin, call, 300);
    print("reading recorded, verdict back", readings(tobin, call, 500));
    many(server);
    fill(server);
    print("list of " + CALLS + " calls, newest 50", gets(tobin, "/api/calls", 200));
    print("  one word", gets(tobin, "/api/calls?search=harbour+4711", 200));
    print("  place and fault", gets(tobin, "/api/calls?search=house+4711+winding", 200));
    print("  fault, many hits", gets(tobin, "/api/calls?search=winding+shorted", 200));
    print("  part", gets(tobin, "/api/calls?search=kt-0a1b2", 200));
    print("  two letters", gets(tobin, "/api/calls?search=kt", 200));
    print("  three letters, many hits", gets(tobin, "/api/calls?search=har", 200));
    print("  nothing found", gets(tobin, "/api/calls?search=zzqqxx", 200));
    print("  page 1000", gets(tobin, "/api/calls?page=1000", 100));
    print("the week of a lead over them", gets(server.lead(), "/api/week?days=30", 20));
    System.exit(0);
  }

  private static double[] readings(Visitor visitor, String call, int count) {
    double[] millis = new double[count];
    List<String> calls = new ArrayList<>(List.of(call));
    for (int i = 0; i < count; i++) {
      if (i % 12 == 0) {
        calls.add(visitor.openCall());
      }
      String now = calls.get(calls.size() - 1);
      long start = System.nanoTime();
      int status = visitor.read(now, "line.volts", String.valueOf(200 + i % 40)).status();
      millis[i] = (System.nanoTime() - start) / 1e6;
      if (status != 200) {
        throw new IllegalStateException("status " + status);
      }
    }
    return millis;
  }

  private static double[] gets(Visitor visitor, String path, int count) {
    double[] millis = new double[count];
    for (int i = 0; i < count; i++) {
      long start = System.nanoTime();
      visitor.get(path);
      millis[i] = (System.nanoTime() - start) / 1e6;
    }
    return millis;
  }

  /** Fifty technicians, each on a call of their own, at the same time. */
  private static void many(Server server) throws InterruptedException {
    ExecutorService pool = Executors.newFixedThreadPool(TECHNICIANS);
    ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
    ConcurrentLinkedQueue<Integer> errors = new ConcurrentLinkedQueue<>();
    List<Visitor> visitors = new ArrayList<>();
    List<String> calls = new ArrayList<>();
    for (int i = 0; i < TECHNICIANS; i++) {
      Visitor visitor = server.technician();
      visitors.add(visitor);
      calls.add(visitor.openCall());
    }
    for (int t = 0; t < TECHNICIANS; t++) {
      Visitor visitor = visitors.get(t);
      String call = calls.get(t);
      // They do not all press at the same instant.
      long late = 1000L * t / TECHNICIANS;
      pool.submit(
          () -> {
            breathe(late);
            for (int i = 0; i < READINGS_EACH; i++) {
              long start = System.nanoTime();
              int status = visitor.read(call, "line.volts", String.valueOf(200 + i)).status();
              millis.add((System.nanoTime() - start) / 1e6);
              if (status != 200) {
                errors.add(status);
              }
              // A reading a second from each: many times what hands and meters can do.
              breathe(1000);
            }
          });
    }
    pool.shutdown();
    pool.awaitTermination(5, TimeUnit.MINUTES);
    // A refusal says more with its status: 503 is sent again by the page, 400 is not.
    print(
        TECHNICIANS + " technicians at once, " + errors.size() + " errors " + new TreeSet<>(errors),
        millis.stream().mapToDouble(Double::doubleValue).toArray());
  }

  static void breathe(long millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
    }
  }

  static void fill(Server server) throws Exception {
    // Its telling is that of all the others, too.
    server.technician().openCall();
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "insert into service_call (id, opened_by, opened_at, changed_at, place, unit_name, family,"
              + " symptom, verdict_state, verdict_suspects, verdict_sentence, engine, readings)"
              + " select gen_random_uuid(), (select id from account limit 1), now(), now() - n *"
              + " interval '1 minute', (array['Harbour','Mill','Quay','Weir','Lantern'])[1 + n % 5]"
              + " || ' house ' || n, 'Unit ' || n % 9, 'CONSTANT_TORQUE', 'NO_RUN', 'OPEN', '', '',"
              + " '0', 0 from generate_series(1, "
              + CALLS
              + ") n");
      statement.execute(
          "insert into site (id, name, key) select gen_random_uuid(), place, lower(place) from"
              + " service_call group by place on conflict do nothing");
      statement.execute(
          "insert into unit (id, site, name, key) select gen_random_uuid(), site.id, unit_name,"
              + " lower(unit_name) from service_call join site on site.key = lower(place)"
              + " group by site.id, unit_name on conflict do nothing");
      // Without figures of them the next one would look through all units for each call.
      statement.execute("analyze service_call");
      statement.execute("analyze site");
      statement.execute("analyze unit");
      statement.execute(
          "update service_call set unit = unit.id from unit join site on site.id = unit.site"
              + " where site.key = lower(place) and unit.key = lower(unit_name)");
      // As the application makes them: place, unit, complaint, motor, verdict, way and part.
      statement.execute(
          "update service_call set words = lower(place || ' ' || unit_name || ' no air since this"
              + " morning, hums does not run constant-torque blower it is the '"
              + " || (array['module','winding','wheel','harness','board'])[1 + length(place) % 5]"
              + " || ': ' || (array['dead','shorted','stuck','burnt','silent'])[1 + ascii(id::text)"
              + " % 5] || '. equivalent motor kt-' || substr(id::text, 1, 6))");
      statement.execute(
          "insert into particulars (id, call_id, body, author, at)"
              + " select gen_random_uuid(), c.id, (select body from particulars order by seq desc"
              + " limit 1), c.opened_by, c.opened_at from service_call c"
              + " where not exists (select from particulars p where p.call_id = c.id)");
      // Of each fifth something was chosen, and said what it turned out to be.
      statement.execute(
          "update service_call set opened_at = changed_at - interval '1 hour', chosen_route = case"
              + " when ascii(id::text) % 5 = 0 then 'SAME_MOTOR' end, warranty_until = current_date +"
              + " (ascii(id::text) * 31 % 3000) - 1500");
      statement.execute(
          "insert into outcome (id, call_id, was, said, found, note, family, symptom, author, at)"
              + " select gen_random_uuid(), id, 'YES', 'MODULE', 'MODULE', '', family, symptom,"
              + " opened_by, changed_at from service_call where chosen_route is not null");
      statement.execute("analyze outcome");
      statement.execute("analyze service_call");
      statement.execute("analyze particulars");
    }
  }

  static void print(String what, double[] millis) {
    Arrays.sort(millis);
    System.out.printf(
        "%-45s n %5d   p50 %7.1f   p95 %7.1f   p99 %7.1f ms%n",
        what, millis.length, at(millis, 0.5), at(millis, 0.95), at(millis, 0.99));
  }

  private static double at(double[] sorted, double share) {
    return sorted[Math.min(sorted.length - 1, (int) Math.ceil(share * sorted.length) - 1)];
  }
}
