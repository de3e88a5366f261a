package variablerotor.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;

/**
 * What lies on a device after many calls and photos, how long a week's saves take to be sent, and
 * how soon a call stands on the screen when the page is opened without a radio: prints figures.
 *
 * <p>Arguments: how many calls, with two photos each; how many saves.
 */
public final class DeviceSpeed {
  private static final int SLOWED = 4;
  private static final int STARTS = 5;
  private static final int SAVES_A_CALL = 20;

  /** Calls with two photos each that one person may send within a day. */
  private static final int A_DAY = 250;

  private static final double MILLION = 1e6;

  private final Browsing browsing = Browsing.alone();
  private final Page page = browsing.onTheDevice(Browsing.Size.PHONE);
  private final String token =
      page.context().cookies().stream()
          .filter(one -> one.name.equals("XSRF-TOKEN"))
          .findFirst()
          .orElseThrow()
          .value;

  private DeviceSpeed() {}

  /** Prints them. */
  public static void main(String[] args) {
    int calls = args.length > 0 ? Integer.parseInt(args[0]) : 500;
    int saves = args.length > 1 ? Integer.parseInt(args[1]) : 1000;
    // Server and browser would keep the process going, whatever happened.
    int ended = 1;
    try {
      DeviceSpeed speed = new DeviceSpeed();
      List<String> opened = speed.opened(calls);
      speed.onTheDevice(opened);
      speed.sent(opened, saves);
      speed.coldStart(opened.get(0));
      ended = 0;
    } catch (RuntimeException | IOException fault) {
      fault.printStackTrace();
    }
    System.exit(ended);
  }

  private void put(String path, RequestOptions body) {
    APIResponse answer =
        page.request()
            .put(
                browsing.application().url() + "/api/calls/" + path,
                body.setHeader("X-XSRF-TOKEN", token));
    if (answer.status() != 200) {
      throw new IllegalStateException(path + ": " + answer.status() + " " + answer.text());
    }
  }

  private List<String> opened(int calls) throws IOException {
    byte[] photo = photo();
    List<String> opened = new ArrayList<>();
    for (int at = 0; at < calls; at++) {
      if (at % A_DAY == 0) {
        anotherDay();
      }
      String call = UUID.randomUUID().toString();
      put(
          call,
          RequestOptions.create()
              .setHeader("Content-Type", "application/json")
              .setData(
                  """
                  {"place":"Reed Bank %d","unitName":"Loft","complaint":"","symptom":"NO_RUN",
                   "motor":{"family":"CONSTANT_TORQUE","horsepower":0.5,"volts":"208-230"}}"""
                      .formatted(at)));
      for (Map.Entry<String, Object> read :
          Map.<String, Object>of("line.volts", 241, "command.volts", 25, "winding.ab", 22)
              .entrySet()) {
        put(
            call + "/readings/" + UUID.randomUUID(),
            RequestOptions.create()
                .setData(Map.of("fact", read.getKey(), "value", read.getValue())));
      }
      for (String kind : List.of("MOTOR_PLATE", "UNIT_PLATE")) {
        put(
            call + "/photos/" + UUID.randomUUID() + "?kind=" + kind,
            RequestOptions.create().setHeader("Content-Type", "image/jpeg").setData(photo));
      }
      opened.add(call);
    }
    System.out.printf(Locale.ROOT, "a photo: %d byte%n", photo.length);
    return opened;
  }

  /** Nobody sends so many photos within a day: those that are there were taken before. */
  private void anotherDay() {
    browsing
        .application()
        .sql(
            "alter table photo disable trigger append_only;"
                + " update photo set at = at - interval '2 days';"
                + " alter table photo enable trigger append_only");
  }

  /** As a telephone's, made smaller: nothing on it repeats, so that it is as large as one gets. */
  private static byte[] photo() throws IOException {
    BufferedImage image = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(20261130);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int grey = 90 + (x / 8 + y / 8) % 70 + random.nextInt(24);
        image.setRGB(x, y, grey << 16 | grey << 8 | grey);
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", bytes);
    return bytes.toByteArray();
  }

  /** Each of them is looked at once, with its unit and photos. */
  private void onTheDevice(List<String> calls) {
    for (String call : calls) {
      page.evaluate(
          "path => { history.pushState({}, '', path); dispatchEvent(new PopStateEvent('popstate')) }",
          "/calls/" + call + "/hear");
      page.waitForFunction(
          """
          call => {
            const photos = [...document.querySelectorAll('.photos li img')]
            return document.querySelector(`a[href*="${call}"]`) && photos.length === 2 &&
              photos.every(one => one.naturalWidth)
          }""",
          call);
    }
    Object kept =
        page.evaluate(
            """
            async () => {
              const open = name => new Promise(done => {
                const asked = indexedDB.open(name); asked.onsuccess = () => done(asked.result) })
              const all = (db, store) => new Promise(done => {
                const asked = db.transaction(store).objectStore(store).getAll()
                asked.onsuccess = () => done(asked.result) })
              const db = await open('rotor.answers')
              const answers = await all(db, 'answers'), photos = await all(db, 'photos')
              const said = await navigator.storage.estimate()
              return [answers.length, JSON.stringify(answers).length, photos.length,
                photos.reduce((sum, one) => sum + one.size, 0), said.usage]
            }""");
    List<?> numbers = (List<?>) kept;
    System.out.printf(
        Locale.ROOT,
        "on the device after %d calls: %s answers, %.1f MB as text; %s photos, %.1f MB;"
            + " %.1f MB as the browser counts, the page included%n",
        calls.size(),
        numbers.get(0),
        number(numbers.get(1)) / MILLION,
        numbers.get(2),
        number(numbers.get(3)) / MILLION,
        number(numbers.get(4)) / MILLION);
  }

  private static double number(Object said) {
    return ((Number) said).doubleValue();
  }

  /** As a week without a radio leaves them; sent when the page opens with one. */
  private void sent(List<String> calls, int saves) {
    page.navigate("/about");
    page.evaluate(
        """
        async ([calls, saves, each]) => {
          const account = (await (await fetch('/api/session')).json()).account
          const db = await new Promise(done => {
            const asked = indexedDB.open('rotor'); asked.onsuccess = () => done(asked.result) })
          const store = db.transaction('saves', 'readwrite').objectStore('saves')
          for (let at = 0; at < saves; at++) {
            const id = crypto.randomUUID(), call = calls[Math.floor(at / each) % calls.length]
            store.add({ id, path: `/api/calls/${call}/readings/${id}`, label: 'Line', call,
              body: { fact: 'line.volts', value: 200 + at % 50, phase: 'BEFORE', again: false },
              account: account.id, by: account.name, at: new Date().toISOString() })
          }
          await new Promise(done => { store.transaction.oncomplete = done })
          db.close()
        }""",
        List.of(calls, saves, SAVES_A_CALL));
    long began = System.nanoTime();
    page.navigate("/about");
    page.locator("button.waiting").waitFor();
    page.locator("button.waiting")
        .waitFor(
            new Locator.WaitForOptions()
                .setState(WaitForSelectorState.DETACHED)
                .setTimeout(900_000));
    double seconds = (System.nanoTime() - began) / 1e9;
    System.out.printf(
        Locale.ROOT,
        "%d waiting saves sent in %.1f s, %.0f a second%n",
        saves,
        seconds,
        saves / seconds);
  }

  private void coldStart(String call) {
    page.navigate("/calls/" + call + "/prove");
    page.locator(".chain").waitFor();
    OnCall.settled(page);
    page.context().setOffline(true);
    List<Double> times = new ArrayList<>();
    for (int start = 0; start < STARTS; start++) {
      Page opened = page.context().newPage();
      CDPSession session = page.context().newCDPSession(opened);
      JsonObject rate = new JsonObject();
      rate.addProperty("rate", SLOWED);
      session.send("Emulation.setCPUThrottlingRate", rate);
      long began = System.nanoTime();
      opened.navigate("/calls/" + call + "/prove");
      opened.locator(".chain").waitFor();
      times.add((System.nanoTime() - began) / MILLION);
      opened.close();
    }
    Collections.sort(times);
    System.out.printf(
        Locale.ROOT,
        "opened without a radio, on a processor slowed fourfold, to the verdict: p50 %.0f ms, most %.0f%n",
        times.get(STARTS / 2),
        times.get(STARTS - 1));
  }
}
