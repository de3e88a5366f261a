package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** {@code ./rotor start} as a person runs it. */
@Order(3)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class StartCommandTest {
  private final List<Running> started = new ArrayList<>();
  private Path data;

  @BeforeEach
  void newFolder() throws IOException {
    data = Files.createTempDirectory("rotor-start");
  }

  @AfterEach
  void stopAll() throws Exception {
    for (Running running : started) {
      if (running.process().isAlive()) {
        running.interrupt();
      }
    }
    new ProcessBuilder("rm", "-rf", data.toString()).start().waitFor();
  }

  private Running start(String... more) throws IOException {
    return start(Map.of(), more);
  }

  private Running start(Map<String, String> environment, String... more) throws IOException {
    Running running = Running.start(data, environment, more);
    started.add(running);
    return running;
  }

  private static int status(int port) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/session")).build(),
            HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  private boolean databaseRuns() {
    return Files.exists(data.resolve("postgres/postmaster.pid"));
  }

  /**
   * Started, stopped as Ctrl-C does, started again, cut off from power, started once more. First,
   * as its clean end leaves the classes that make every later start quicker.
   */
  @Order(1)
  @Test
  @InTurn(InTurn.Story.STARTED_AGAIN)
  void startsAgainAfterACleanEndAndAfterAPowerCut() throws Exception {
    int port = Running.freePort();
    Running first = start("--port", String.valueOf(port), "--empty");
    first.waitFor("Ctrl-C");
    assertTrue(first.text().contains("http://127.0.0.1:" + port + "/"));
    assertTrue(first.text().contains("First sign-in: name lead"));
    assertEquals(200, status(port));
    assertFalse(first.text().contains("supply house"), "invented prices are for the demo");

    Running second = start("--port", String.valueOf(Running.freePort()));
    assertTrue(second.process().waitFor(90, TimeUnit.SECONDS));
    assertEquals(1, second.process().exitValue());
    assertTrue(second.text().contains("already running on this data"), second.text());
    assertEquals(200, status(port), "the first is not harmed");

    first.interrupt();
    assertFalse(databaseRuns(), "the database stops, too");
    Running again = start("--port", String.valueOf(port), "--empty");
    again.waitFor("Ctrl-C");
    assertFalse(again.text().contains("First sign-in"), "the password is printed once");

    cutThePower(again);
    Running third = start("--port", String.valueOf(port), "--empty");
    third.waitFor("Ctrl-C");
    assertFalse(third.text().contains("First sign-in"), "the accounts are still there");
    assertEquals(200, status(port));
    isNobodyOfTheMachines(program(third, "rotor-server.jar"));

    // The command alone is killed: what it started goes on, until the next start ends it.
    third.process().destroyForcibly().waitFor();
    assertEquals(200, status(port));
    Running fourth = start("--port", String.valueOf(port), "--empty");
    fourth.waitFor("Ctrl-C");
    assertTrue(fourth.text().contains("of an earlier start still runs"), fourth.text());
    waitUntilServes(port);

    // Its terminal is closed; it is stopped from another.
    new ProcessBuilder("kill", "-HUP", String.valueOf(fourth.process().pid())).start().waitFor();
    Thread.sleep(1500);
    assertTrue(fourth.process().isAlive(), "a closed terminal ends nothing");
    assertEquals(200, status(port));

    // Nobody remembers the password that was shown once.
    Matcher anew =
        Pattern.compile("name lead, password (\\S+)")
            .matcher(Running.said("lead", "lead", "--data", data.toString()));
    assertTrue(anew.find());
    new Person(port, "lead", anew.group(1));
    assertEquals(1, Running.command("lead", "nobody", "--data", data.toString()));
    aBranchIsMadeOnce(port, data.toString());

    assertEquals(0, Running.command("stop", "--data", data.toString()));
    assertTrue(fourth.process().waitFor(5, TimeUnit.SECONDS), "it is stopped");
    assertFalse(databaseRuns());
    assertEquals(1, Running.command("stop", "--data", data.toString()), "nothing runs any more");
  }

  private static void aBranchIsMadeOnce(int port, String data) throws Exception {
    String made = Running.said("branch", "Weir Lane", "--lead", "weir.lead", "--data", data);
    Matcher password =
        Pattern.compile("First lead of 'Weir Lane': sign-in name weir.lead, password (\\S+)")
            .matcher(made);
    assertTrue(password.find(), made);
    new Person(port, "weir.lead", password.group(1));
    String twice = Running.said("branch", "Weir Lane", "--lead", "another.lead", "--data", data);
    assertTrue(twice.contains("found 'Weir Lane'; a branch of this name is there already"), twice);
    String taken = Running.said("branch", "Mill Lane", "--lead", "weir.lead", "--data", data);
    assertTrue(taken.contains("found 'weir.lead'; somebody has this sign-in name already"), taken);
    assertFalse((twice + taken).contains("ERROR"), twice + taken);
    assertFalse(taken.contains("Mill Lane\t"), "nothing of it was made: " + taken);
  }

  /** Started as root it is not root's, and cannot become it. */
  private static void isNobodyOfTheMachines(ProcessHandle server) throws IOException {
    String status = Files.readString(Path.of("/proc", String.valueOf(server.pid()), "status"));
    String me = Files.readString(Path.of("/proc/self/status"));
    if (me.contains("\nUid:\t0\t")) {
      assertFalse(status.contains("\nUid:\t0\t"), status);
      assertTrue(status.contains("\nNoNewPrivs:\t1"), status);
      assertTrue(status.contains("\nCapBnd:\t0000000000000000"), status);
    }
  }

  /** Everything killed at once. */
  private void cutThePower(Running running) throws IOException {
    String postmaster = Files.readAllLines(data.resolve("postgres/postmaster.pid")).get(0);
    List<ProcessHandle> all = new ArrayList<>(running.process().descendants().toList());
    all.add(running.process().toHandle());
    all.forEach(ProcessHandle::destroyForcibly);
    ProcessHandle.of(Long.parseLong(postmaster)).ifPresent(ProcessHandle::destroyForcibly);
    for (ProcessHandle one : all) {
      // Dead ones that nobody collects never report their end; the start itself waits, too.
      one.onExit().completeOnTimeout(one, 3, TimeUnit.SECONDS).join();
    }
  }

  @Test
  void aTakenPortIsAClearError() throws Exception {
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
      Running running = start("--port", String.valueOf(taken.getLocalPort()));
      assertTrue(running.process().waitFor(90, TimeUnit.SECONDS));
      assertEquals(1, running.process().exitValue());
      assertTrue(running.text().contains("is taken"), running.text());
      assertFalse(databaseRuns());
    }
  }

  @Test
  void aPortThatIsNoneIsRefused() throws Exception {
    Running running = start("--port", "soon");
    assertTrue(running.process().waitFor(90, TimeUnit.SECONDS));
    assertTrue(running.text().contains("allowed is a number from 1 to 65535"), running.text());
  }

  private void waitUntilServes(int port) throws Exception {
    Instant end = Instant.now().plus(Duration.ofSeconds(300));
    while (true) {
      try {
        if (status(port) == 200) {
          return;
        }
      } catch (IOException notYet) {
        assertTrue(Instant.now().isBefore(end), "it does not come back");
      }
      Thread.sleep(200);
    }
  }

  private static ProcessHandle program(Running running, String name) {
    return running
        .process()
        .descendants()
        .filter(one -> one.info().commandLine().orElse("").contains(name))
        .findFirst()
        .orElseThrow();
  }

  /**
   * Whichever of the three ends by itself is started again, and the others go on; an application
   * that lives and answers nobody is as good as dead.
   */
  @Test
  @InTurn(InTurn.Story.KEPT_ALIVE)
  void whatEndsOrAnswersNobodyIsStartedAgain() throws Exception {
    int port = Running.freePort();
    Running running = start(Map.of("ROTOR_PATIENCE", "1"), "--port", String.valueOf(port));
    running.waitFor("Ctrl-C");
    Matcher supply = Pattern.compile("Simulated supply house: (\\S+)").matcher(running.text());
    assertTrue(supply.find(), running.text());
    program(running, "variablerotor.supplyhouse.Main").destroyForcibly();
    running.waitFor("The simulated supply house ended by itself");
    waitUntilAnswers(supply.group(1));

    Path pid = data.resolve("postgres/postmaster.pid");
    String before = Files.readAllLines(pid).get(0);
    ProcessHandle.of(Long.parseLong(before)).orElseThrow().destroyForcibly();
    running.waitFor("The database ended by itself");
    // What the killed one left behind may go on answering for a moment.
    Instant end = Instant.now().plus(Duration.ofSeconds(300));
    while (!Files.exists(pid) || Files.readAllLines(pid).get(0).equals(before)) {
      assertTrue(Instant.now().isBefore(end), "the database does not come back");
      Thread.sleep(100);
    }
    waitUntilServes(port);

    long stopped = program(running, "rotor-server.jar").pid();
    new ProcessBuilder("kill", "-STOP", String.valueOf(stopped)).start().waitFor();
    running.waitFor("The application has not answered for");
    running.waitFor("The application ended by itself");
    waitUntilServes(port);
    assertNotEquals(stopped, program(running, "rotor-server.jar").pid());

    running.interrupt();
    assertFalse(databaseRuns());
    assertThrows(IOException.class, () -> answers(supply.group(1)), "the supply house stops, too");
  }

  private static int answers(String address) throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(address)).build(),
            HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  private static void waitUntilAnswers(String address) throws Exception {
    Instant end = Instant.now().plus(Duration.ofSeconds(90));
    while (true) {
      try {
        assertEquals(200, answers(address));
        return;
      } catch (IOException notYet) {
        assertTrue(Instant.now().isBefore(end), "it does not come back");
      }
      Thread.sleep(200);
    }
  }

  @Test
  void aSupplyHouseThatIsNoAddressIsRefused() throws Exception {
    Running running = start("--supply", "parts.example");
    assertTrue(running.process().waitFor(90, TimeUnit.SECONDS));
    assertTrue(running.text().contains("allowed is an address such as"), running.text());
  }

  /** Five times within ten minutes, then no more; a while later again. */
  @Test
  void nothingIsStartedAgainWithoutEnd() throws Exception {
    String script =
        ". scripts/watch.sh; for now in 0 1 2 3 4 5 599 600 601 700; do"
            + " if may_restart $now; then echo -n y; else echo -n n; fi; done";
    Process bash =
        new ProcessBuilder("bash", "-c", script).directory(Running.ROOT.toFile()).start();
    assertEquals("yyyyynnyyy", new String(bash.getInputStream().readAllBytes()).trim());
  }
}
