package variablerotor.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import variablerotor.supplyhouse.SupplyHouse;

/**
 * The built application as a process of its own, on a database of its own in the cluster that the
 * test command started: it can be killed as a power cut would, and started again on the same data.
 */
final class Application implements AutoCloseable {
  private static final Path JAR = Path.of("../app/target/rotor-server.jar");

  /** As ./rotor start unpacks it, and finds its classes kept ready. */
  private static final Path APP = Running.ROOT.resolve("app/target/app");

  private static final Path CLASSES = APP.resolve("classes.jsa");
  private static final String KEPT_CLASSES = "-XX:SharedArchiveFile=" + CLASSES;
  private static final Duration PATIENCE = Duration.ofSeconds(300);

  /**
   * Where the application keeps its data.
   *
   * @param url as JDBC has it
   * @param owner the password of the role that owns the schema
   * @param app the password of the role that the application works under
   */
  record Kept(String url, String owner, String app) {
    /** Of the database. */
    String name() {
      return url.substring(url.lastIndexOf('/') + 1);
    }

    private Connection connection() throws SQLException {
      return DriverManager.getConnection(url, "rotor", owner);
    }

    /** Runs a statement past the application. */
    void sql(String text) {
      try (Connection connection = connection();
          Statement statement = connection.createStatement()) {
        statement.execute(text);
      } catch (SQLException fault) {
        throw new IllegalStateException(fault);
      }
    }

    /** One number out of the database. */
    long count(String query) {
      try (Connection connection = connection();
          Statement statement = connection.createStatement();
          var rows = statement.executeQuery(query)) {
        rows.next();
        return rows.getLong(1);
      } catch (SQLException fault) {
        throw new IllegalStateException(fault);
      }
    }
  }

  private static Application first;

  /** The name of a database as the first start left it. */
  private static String filled;

  private final Kept kept;
  private final List<String> settings;
  private final int port;
  private final Path log;
  private SupplyHouse supply;
  private Process process;

  private Application(Kept kept, List<String> settings) throws IOException {
    this.kept = kept;
    this.settings = settings;
    port = Running.freePort();
    log = Files.createTempFile("rotor-e2e", ".log");
    supply = new SupplyHouse(0);
  }

  /** On a database as the first start leaves it, the demo's data in it. */
  static Application start() {
    first();
    return several(1, database(" template " + filled)).get(0);
  }

  /** Processes on one database, all started in the same moment on an empty one. */
  static List<Application> several(int many) {
    return several(many, database(""));
  }

  /** A new database of the test command's cluster. */
  private static Kept database(String made) {
    String name = "e2e_" + UUID.randomUUID().toString().replace("-", "");
    cluster("postgres").sql("create database " + name + made);
    return cluster(name);
  }

  /**
   * The first start of all, once a run, which runs on to its end: it leaves its classes for every
   * start after it, which halves them, and a copy of its database for those that need no empty one.
   */
  static synchronized Application first() {
    if (first == null) {
      try {
        unpack();
        Application one = new Application(database(""), List.of());
        Runtime.getRuntime().addShutdownHook(new Thread(one::close));
        if (Files.exists(CLASSES)) {
          one.launch(KEPT_CLASSES);
        } else {
          one.launch("-XX:+RecordDynamicDumpInfo");
          one.leaveClasses();
        }
        // Nobody may be at a database that is copied.
        one.database(false);
        filled = database(" template " + one.kept.name()).name();
        one.database(true);
        first = one;
      } catch (IOException fault) {
        throw new UncheckedIOException("the application cannot be started", fault);
      }
    }
    return first;
  }

  /**
   * The same on data that are kept elsewhere than in the test command's cluster.
   *
   * @param settings of the application, such as {@code --rotor.demo=true}
   */
  static List<Application> several(int many, Kept kept, String... settings) {
    first();
    try {
      List<Application> applications = new ArrayList<>();
      for (int i = 0; i < many; i++) {
        applications.add(new Application(kept, List.of(settings)));
      }
      applications.parallelStream().forEach(Application::launch);
      return applications;
    } catch (IOException fault) {
      throw new UncheckedIOException("the application cannot be started", fault);
    }
  }

  private static void unpack() throws IOException {
    Path jar = APP.resolve(JAR.getFileName());
    boolean fresh =
        Files.exists(jar)
            && Files.getLastModifiedTime(jar).compareTo(Files.getLastModifiedTime(JAR)) >= 0;
    if (!fresh) {
      run(
          java(),
          "-Djarmode=tools",
          "-jar",
          JAR.toString(),
          "extract",
          "--force",
          "--destination",
          APP.toString());
      // Before its classes are kept, as the JVM takes none of a file that is newer than they are.
      Files.setLastModifiedTime(jar, FileTime.from(Instant.now()));
      Files.deleteIfExists(CLASSES);
    }
  }

  private void leaveClasses() throws IOException {
    run(
        Path.of(java()).resolveSibling("jcmd").toString(),
        Long.toString(process.pid()),
        "VM.cds",
        "dynamic_dump",
        CLASSES.toAbsolutePath().toString());
  }

  private static String java() {
    return ProcessHandle.current().info().command().orElse("java");
  }

  private static void run(String... command) throws IOException {
    // What it says of success would stand between what the tests tell Maven.
    Process run =
        new ProcessBuilder(command)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    try {
      if (run.waitFor() != 0) {
        throw new IOException("failed: " + String.join(" ", command));
      }
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
      throw new IOException(fault);
    }
  }

  /** A database of the cluster that the test command started. */
  private static Kept cluster(String database) {
    String port = System.getenv("ROTOR_TEST_DB_PORT");
    if (port == null) {
      throw new IllegalStateException("run the tests through ./rotor test: they need a database");
    }
    return new Kept(
        "jdbc:postgresql://127.0.0.1:" + port + "/" + database,
        System.getenv("ROTOR_TEST_DB_PASSWORD"),
        System.getenv("ROTOR_TEST_APP_PASSWORD"));
  }

  /** No command line shows a password. */
  private static void told(ProcessBuilder application, Kept kept) {
    application.environment().put("SPRING_DATASOURCE_PASSWORD", kept.app());
    application.environment().put("SPRING_FLYWAY_PASSWORD", kept.owner());
  }

  /** Starts the process on the data that are there, and waits until it serves. */
  void launch() {
    launch(KEPT_CLASSES);
  }

  private void launch(String classes) {
    try {
      Files.writeString(log, "");
      ProcessBuilder builder =
          new ProcessBuilder(
              java(),
              "-Xmx256m",
              "-XX:+UseSerialGC",
              // Started often and run for minutes: the second compiler would not earn its time.
              "-XX:TieredStopAtLevel=1",
              classes,
              "-jar",
              APP.resolve(JAR.getFileName()).toString(),
              "--server.port=" + port,
              "--rotor.demo=true",
              // A passkey is of use at a name; the tests ask by figures otherwise.
              "--rotor.address=http://localhost:" + port,
              "--rotor.supply.url=http://127.0.0.1:" + supply.port(),
              "--rotor.supply.stand-in=true",
              // One browser needs few of its connections; it opens more where it does.
              "--spring.datasource.hikari.minimum-idle=2",
              "--spring.datasource.url=" + kept.url());
      builder.command().addAll(settings);
      told(builder, kept);
      process =
          builder
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(log.toString())))
              .start();
      Instant end = Instant.now().plus(PATIENCE);
      while (!Files.readString(log).contains("Ready to serve")) {
        if (!process.isAlive() || Instant.now().isAfter(end)) {
          throw new IllegalStateException("it did not start: " + Files.readString(log));
        }
        Thread.sleep(100);
      }
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(fault);
    }
  }

  int port() {
    return port;
  }

  /** SIGKILL: no chance to tidy up. */
  void kill() {
    process.destroyForcibly();
    try {
      process.waitFor(20, TimeUnit.SECONDS);
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
    }
  }

  /** The simulated supply house is there, or gone without a word. */
  void supplyHouse(boolean there) {
    int at = supply.port();
    supply.close();
    if (there) {
      try {
        supply = new SupplyHouse(at);
      } catch (IOException taken) {
        throw new UncheckedIOException(taken);
      }
    }
  }

  String url() {
    return "http://127.0.0.1:" + port;
  }

  /** Runs a statement past the application. */
  void sql(String text) {
    kept.sql(text);
  }

  /** Whether the database takes connections; where not, those that are open are cut. */
  void database(boolean answers) {
    String name = kept.name();
    Kept beside = cluster("postgres");
    beside.sql("alter database " + name + " allow_connections " + answers);
    if (!answers) {
      beside.sql(
          "select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
    }
  }

  /** One number out of the database. */
  long count(String query) {
    return kept.count(query);
  }

  @Override
  public void close() {
    supply.close();
    process.destroy();
    try {
      if (!process.waitFor(30, TimeUnit.SECONDS)) {
        kill();
      }
      Files.deleteIfExists(log);
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
  }
}
