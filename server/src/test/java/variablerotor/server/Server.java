package variablerotor.server;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import variablerotor.supplyhouse.SupplyHouse;

/**
 * Boots the real application once, on a free port and a new database of the cluster that the test
 * command started, and gives it to every test that asks for it.
 */
public final class Server implements ParameterResolver, AutoCloseable {
  private static Server shared;

  private final ConfigurableApplicationContext context;
  private final Cluster database;
  private final SupplyHouse supply;

  private Server(ConfigurableApplicationContext context, Cluster database, SupplyHouse supply) {
    this.context = context;
    this.supply = supply;
    this.database = database;
  }

  /** A database of the cluster that the test command started. */
  public record Cluster(String name) {
    private static Cluster migrated;

    private static String port() {
      String port = System.getenv("ROTOR_TEST_DB_PORT");
      if (port == null) {
        throw new IllegalStateException("run the tests through ./rotor test: they need a database");
      }
      return port;
    }

    private static Cluster empty() {
      return made("");
    }

    /** One as the migrations leave it, which are gone through once a run. */
    private static Cluster fresh() {
      return made(" template " + migrated().name);
    }

    private static synchronized Cluster migrated() {
      if (migrated == null) {
        Cluster made = empty();
        Flyway.configure().dataSource(made.url(), "rotor", password()).load().migrate();
        migrated = made;
      }
      return migrated;
    }

    private static Cluster made(String from) {
      String name = "test_" + UUID.randomUUID().toString().replace("-", "");
      try (Connection connection = new Cluster("postgres").connection();
          Statement statement = connection.createStatement()) {
        statement.execute("create database " + name + from);
      } catch (java.sql.SQLException fault) {
        throw new IllegalStateException("no test database", fault);
      }
      return new Cluster(name);
    }

    String url() {
      return "jdbc:postgresql://127.0.0.1:" + port() + "/" + name;
    }

    Connection connection() throws java.sql.SQLException {
      return DriverManager.getConnection(url(), "rotor", password());
    }

    /** As the role that the application works under. */
    Connection application() throws java.sql.SQLException {
      return DriverManager.getConnection(
          url(), "rotor_app", System.getenv("ROTOR_TEST_APP_PASSWORD"));
    }

    /** It takes nobody any more, and lets go of all. */
    public void shut() throws java.sql.SQLException {
      try (Connection connection = new Cluster("postgres").connection();
          Statement statement = connection.createStatement()) {
        statement.execute("alter database " + name + " with allow_connections false");
        statement.execute(
            "select pg_terminate_backend(pid) from pg_stat_activity where datname = '"
                + name
                + "'");
      }
    }

    /** One of the database's own programs, on this database. */
    public ProcessBuilder client(String program, String... more) {
      List<String> command = new ArrayList<>(List.of(program, "-h", "127.0.0.1", "-p", port()));
      command.addAll(List.of("-U", "rotor", "-d", name));
      command.addAll(List.of(more));
      ProcessBuilder client = new ProcessBuilder(command);
      client.environment().put("PGPASSWORD", password());
      return client.redirectError(ProcessBuilder.Redirect.INHERIT);
    }
  }

  /**
   * Passwords are hashed to be slow to guess, and the tests sign in all the time: with so many
   * rounds that was more than half of all their work. Everything but the number of rounds is as it
   * is run.
   */
  static final class QuickPasswords {
    /** The fewest that bcrypt has [log2 of rounds]. */
    private static final int ROUNDS = 4;

    @Bean
    @Primary
    PasswordEncoder quickPasswords() {
      return new BCryptPasswordEncoder(ROUNDS);
    }
  }

  /** For JUnit. */
  Server() {
    this(null, null, null);
  }

  private static synchronized Server shared() {
    if (shared == null) {
      shared = started(Cluster.fresh(), true);
    }
    return shared;
  }

  /** The application over what is put into a new database before it starts; close it. */
  public static Server over(Consumer<Cluster> before) {
    Cluster database = Cluster.empty();
    before.accept(database);
    return started(database, false);
  }

  /**
   * The application over a new database, told more than usual; close it.
   *
   * @param demo whether the demo shop is in it
   */
  public static Server told(boolean demo, String... more) {
    return started(Cluster.fresh(), demo, more);
  }

  /** Another process over the same database, told something else; close it. */
  public Server beside(String... more) {
    return started(database, false, more);
  }

  private static Server started(Cluster database, boolean demo, String... more) {
    SpringApplication application = new SpringApplication(App.class, QuickPasswords.class);
    // One of a few tests needs few of its connections; it opens more where it does.
    application.setDefaultProperties(Map.of("spring.datasource.hikari.minimum-idle", 2));
    return started(application, database, demo, more);
  }

  private static Server started(
      SpringApplication application, Cluster database, boolean demo, String... more) {
    SupplyHouse supply = supplyHouse();
    List<String> told =
        new ArrayList<>(
            List.of(
                "--server.port=0",
                "--rotor.demo=" + demo,
                // All tests ask from one address, those that guess as well.
                "--rotor.sign-in.free-at-address=1000000",
                "--rotor.address=https://rotor.example",
                "--rotor.supply.url=http://127.0.0.1:" + supply.port(),
                "--rotor.supply.stand-in=true",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.password=" + System.getenv("ROTOR_TEST_APP_PASSWORD"),
                "--spring.flyway.password=" + password()));
    told.addAll(List.of(more));
    ConfigurableApplicationContext context = application.run(told.toArray(String[]::new));
    return new Server(context, database, supply);
  }

  @Override
  public void close() {
    context.close();
    supply.close();
  }

  /** The database that it keeps things in. */
  public Cluster cluster() {
    return database;
  }

  /** The application as it is run, for whoever measures it. */
  public static Server forFigures() {
    return started(new SpringApplication(App.class), Cluster.fresh(), true);
  }

  private static SupplyHouse supplyHouse() {
    try {
      return new SupplyHouse(0);
    } catch (java.io.IOException taken) {
      throw new IllegalStateException("no simulated supply house", taken);
    }
  }

  private static String password() {
    return System.getenv("ROTOR_TEST_DB_PASSWORD");
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Server.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return shared();
  }

  public String url(String path) {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port") + path;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** One of several of its kind. */
  public <T> T bean(String name, Class<T> type) {
    return context.getBean(name, type);
  }

  /** A connection past the application, to look at what it kept. */
  public Connection database() throws java.sql.SQLException {
    return database.connection();
  }

  /** A visitor with cookies of its own, not signed in. */
  public Visitor visitor() {
    return new Visitor(this);
  }

  /** A visitor signed in as one of the demo people. */
  public Visitor signedIn(String login, String password) {
    Visitor visitor = visitor();
    visitor.get("/api/session");
    Visitor.Answer answer =
        visitor.send(
            "POST",
            "/api/session",
            "{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}");
    if (answer.status() != 200) {
      throw new IllegalStateException("cannot sign in: " + answer);
    }
    visitor.get("/api/session");
    return visitor;
  }

  public Visitor technician() {
    return signedIn("tobin", "quiet-wheel-4");
  }

  public Visitor lead() {
    return signedIn("ines", "copper-star-7");
  }

  /** A class with its package, a fault's class, a class's method. */
  private static final Pattern PROGRAM =
      Pattern.compile(
          "\\b[a-z]\\w*(\\.[a-z]\\w*)+\\.[A-Z]\\w+|\\b[A-Z]\\w+(Exception|Error)\\b|\\b[A-Z]\\w+\\.[a-zA-Z]\\w+\\(");

  /** A refusal is told to a person: whatever a test provokes is looked through. */
  public static void speaksNoProgram(String refusal) {
    Matcher found = PROGRAM.matcher(refusal);
    if (found.find()) {
      throw new AssertionError("a program's name, " + found.group() + ", in: " + refusal);
    }
  }

  public static HttpResponse<String> exchange(
      HttpClient client, HttpRequest.Builder request, String url) {
    try {
      HttpResponse<String> response =
          client.send(request.uri(URI.create(url)).build(), HttpResponse.BodyHandlers.ofString());
      if (response.statusCode() >= 400) {
        speaksNoProgram(response.body());
      }
      return response;
    } catch (java.io.IOException fault) {
      throw new java.io.UncheckedIOException(fault);
    } catch (InterruptedException fault) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(fault);
    }
  }
}
