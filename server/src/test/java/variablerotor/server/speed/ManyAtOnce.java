package variablerotor.server.speed;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import javax.imageio.ImageIO;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** How the server bears many people at once, and much of one thing: prints figures. */
public final class ManyAtOnce {
  private static final int ROWS = 100_000;
  private static final int PHOTOS = 500;

  private ManyAtOnce() {}

  public static void main(String[] arguments) throws Exception {
    Server server = Server.forFigures();
    ServerSpeed.fill(server);
    books(server);
    List<Visitor> people = java.util.stream.Stream.generate(server::technician).limit(50).toList();
    search(people, 50, "50 search calls, two letters without a hit", "/api/calls?search=zq");
    search(people, 50, "50 search calls, two letters, many hits", "/api/calls?search=ha");
    search(people, 50, "50 search calls, one word without a hit", "/api/calls?search=zzqqxx");
    search(people, 50, "50 search calls, every number another", n -> "/api/calls?search=" + n);
    search(people, 40, "40 search 100,000 codes, a word", n -> "/api/codes?search=meaning" + n);
    search(people, 40, "40 search 100,000 codes, two letters, none", "/api/codes?search=zq");
    search(
        people, 40, "40 search 100,000 codes, by pattern", "/api/codes?pattern=7&signal=FLASHES");
    search(people, 40, "40 ask for the list of 120 books of 1 MB", "/api/codebooks");
    search(people, 1, "the van's page", "/api/motors/van?slots=8");
    String motor = String.valueOf(people.get(0).get("/api/motors").at("0.id"));
    search(people, 1, "the units that a motor fits", "/api/motors/" + motor + "/units");
    photos(server);
    System.exit(0);
  }

  private static void search(List<Visitor> people, int count, String what, String path)
      throws InterruptedException {
    search(people, count, what, any -> path);
  }

  private static void search(
      List<Visitor> people, int count, String what, Function<Integer, String> path)
      throws InterruptedException {
    for (boolean measured : new boolean[] {false, true}) {
      ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
      AtomicInteger errors = new AtomicInteger();
      ExecutorService pool = Executors.newFixedThreadPool(count);
      for (Visitor person : people.subList(0, count)) {
        pool.submit(
            () -> {
              for (int at = 0; at < 12; at++) {
                long start = System.nanoTime();
                int n = 1000 + new Random().nextInt(8000);
                errors.addAndGet(person.get(path.apply(n)).status() == 200 ? 0 : 1);
                millis.add((System.nanoTime() - start) / 1e6);
                // Nobody types without a pause.
                ServerSpeed.breathe(400);
              }
            });
      }
      pool.shutdown();
      pool.awaitTermination(5, TimeUnit.MINUTES);
      if (measured) {
        ServerSpeed.print(
            what + ", " + errors + " errors", millis.stream().mapToDouble(one -> one).toArray());
      }
    }
  }

  /** Past the import, which holds one person to so many a day. */
  private static void books(Server server) throws Exception {
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      statement.execute(
          "insert into code_book_edition (id, book_id, name, content, codes, removed, author, at)"
              + " select gen_random_uuid(), gen_random_uuid(), 'Book ' || n, repeat('x', 1000000),"
              + " 833, false, (select id from account limit 1), now() - interval '9 days'"
              + " from generate_series(1, 120) n");
      statement.execute(
          "insert into code_row (book_id, n, edition_id, book_name, line, signal, pattern, meaning,"
              + " suspects, words) select book_id, n, id, name, 'Line ' || n % 40, 'FLASHES',"
              + " (n % 12)::text, 'meaning' || n || ' of it', 'MODULE', lower(name || ' line ' || n %"
              + " 40 || ' ' || n % 12 || ' meaning' || n || ' of it') from code_book_edition,"
              + " generate_series(1, "
              + ROWS / 120
              + ") n where name like 'Book %'");
      statement.execute("analyze code_row");
    }
  }

  private static void photos(Server server) throws Exception {
    byte[] photo = photo();
    AtomicInteger errors = new AtomicInteger();
    ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
    ExecutorService pool = Executors.newFixedThreadPool(8);
    for (int person = 0; person < 8; person++) {
      Visitor visitor = person % 2 == 0 ? server.technician() : server.lead();
      pool.submit(
          () -> {
            String call = "";
            for (int at = 0; at < PHOTOS / 8 + 1; at++) {
              call = at % 30 == 0 ? visitor.openCall() : call;
              long start = System.nanoTime();
              int status = send(visitor, call, photo).status();
              millis.add((System.nanoTime() - start) / 1e6);
              errors.addAndGet(status == 200 ? 0 : 1);
            }
          });
    }
    pool.shutdown();
    long most = 0;
    while (!pool.awaitTermination(200, TimeUnit.MILLISECONDS)) {
      Runtime now = Runtime.getRuntime();
      most = Math.max(most, now.totalMemory() - now.freeMemory());
    }
    ServerSpeed.print(
        "photos of 12 megapixels from 8 people, " + errors + " errors",
        millis.stream().mapToDouble(one -> one).toArray());
    System.out.println(
        " n most memory used meanwhile, these clients included: "
            + most / 1024 / 1024
            + " MB of "
            + Runtime.getRuntime().maxMemory() / 1024 / 1024);
  }

  private static Visitor.Answer send(Visitor visitor, String call, byte[] photo) {
    byte[] another = Arrays.copyOf(photo, photo.length + 16);
    UUID id = UUID.randomUUID();
    for (int at = 0; at < 16; at++) {
      another[photo.length + at] = (byte) id.toString().charAt(at);
    }
    return visitor.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(another))
            .header("Content-Type", "image/jpeg")
            .header("X-XSRF-TOKEN", visitor.cookie("XSRF-TOKEN")),
        call + "/photos/" + id + "?kind=UNIT_PLATE");
  }

  /** As a telephone takes it: 4000 × 3000 pixels, with enough in it that it does not pack well. */
  private static byte[] photo() throws IOException {
    BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    Random random = new Random(7);
    for (int at = 0; at < 20_000; at++) {
      pen.setColor(new Color(random.nextInt(0xFFFFFF)));
      pen.fillRect(random.nextInt(4000), random.nextInt(3000), 40, 40);
    }
    pen.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", bytes);
    return bytes.toByteArray();
  }
}
