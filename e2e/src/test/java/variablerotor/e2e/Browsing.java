package variablerotor.e2e;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * One application for all tests, and a Chromium for each of the threads that they run in; a page of
 * its own for each test. A class that kills its application, or must see the demo data alone, has
 * one to itself: see {@link Alone}.
 */
final class Browsing implements ParameterResolver, AfterEachCallback {
  /** On a class: its application is shared with no other. */
  @Retention(RetentionPolicy.RUNTIME)
  @interface Alone {}

  /** Debian's, built without what a window needs: a sixth less work for the same page. */
  static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");

  /** Playwright is not for several threads at once. */
  private static final ThreadLocal<Browser> BROWSER = ThreadLocal.withInitial(Browsing::launch);

  private final Application application;

  /** A browser of its own, where the tests' common one will not do. */
  private final Browser own;

  /** For JUnit. */
  Browsing() {
    this(null);
  }

  private Browsing(Application application) {
    this(application, null);
  }

  private Browsing(Application application, Browser own) {
    this.application = application;
    this.own = own;
  }

  /** The same application in a browser started with these as well; closed with {@link #close}. */
  Browsing with(List<String> arguments) {
    return new Browsing(application, launch(arguments));
  }

  /** Closes a browser of one's own. */
  void close() {
    own.close();
  }

  private Browser browser() {
    return own == null ? BROWSER.get() : own;
  }

  /** For what is no test: on an application of its own. */
  static Browsing alone() {
    return new Browsing(started());
  }

  private static Application started() {
    Application application = Application.start();
    Runtime.getRuntime().addShutdownHook(new Thread(application::close));
    return application;
  }

  /** Its driver; the browser is Debian's. */
  static Playwright playwright() {
    // A busy machine is no fault of the page.
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    return Playwright.create(
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  }

  private static Browser launch() {
    return launch(List.of());
  }

  private static Browser launch(List<String> more) {
    List<String> arguments =
        new ArrayList<>(
            List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking"));
    arguments.addAll(more);
    return playwright()
        .chromium()
        .launch(new BrowserType.LaunchOptions().setExecutablePath(CHROMIUM).setArgs(arguments));
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Browsing.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    Class<?> test = extension.getRequiredTestClass();
    if (!test.isAnnotationPresent(Alone.class)) {
      return new Browsing(Application.first());
    }
    return extension
        .getRoot()
        .getStore(ExtensionContext.Namespace.create(Browsing.class))
        .getOrComputeIfAbsent(test, any -> new Browsing(started()), Browsing.class);
  }

  /** A page left open would go on drawing, and listening to its meter. */
  @Override
  public void afterEach(ExtensionContext extension) {
    List.copyOf(BROWSER.get().contexts()).forEach(BrowserContext::close);
  }

  Application application() {
    return application;
  }

  /** The sizes at which the work is done. */
  enum Size {
    LAPTOP(1280, 800),
    PHONE(390, 844);

    final int width;
    final int height;

    Size(int width, int height) {
      this.width = width;
      this.height = height;
    }
  }

  /** A new page on the application, at the sign-in; script faults fail the test that sees them. */
  Page page(Size size, ColorScheme scheme) {
    return page(size, scheme, null, ServiceWorkerPolicy.BLOCK);
  }

  /** Without what keeps the page on the device, but where that is what is tried. */
  private Page page(Size size, ColorScheme scheme, String state, ServiceWorkerPolicy workers) {
    boolean phone = size == Size.PHONE;
    BrowserContext context =
        browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setBaseURL(application.url())
                    .setViewportSize(size.width, size.height)
                    .setHasTouch(phone)
                    .setIsMobile(phone)
                    // Nothing is to be waited for that only moves.
                    .setReducedMotion(ReducedMotion.REDUCE)
                    .setStorageState(state)
                    .setServiceWorkers(workers)
                    .setColorScheme(scheme));
    context.setDefaultTimeout(20_000);
    Page page = context.newPage();
    page.onPageError(error -> faults(page).add(error));
    page.navigate("/");
    return page;
  }

  private static final Map<Page, List<String>> FAULTS =
      new java.util.concurrent.ConcurrentHashMap<>();

  /** What went wrong in the scripts of the page. */
  static List<String> faults(Page page) {
    return FAULTS.computeIfAbsent(page, any -> new ArrayList<>());
  }

  /**
   * A page of Tobin's, with a session of its own, asked for without the page; tests of the sign-in
   * itself begin at {@link #page}.
   */
  Page signedIn(Size size) {
    Page page =
        page(size, ColorScheme.LIGHT, session("tobin", "quiet-wheel-4"), ServiceWorkerPolicy.BLOCK);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).waitFor();
    return page;
  }

  /** The same, once the whole page lies on the device. */
  Page onTheDevice(Size size) {
    Page page =
        page(size, ColorScheme.LIGHT, session("tobin", "quiet-wheel-4"), ServiceWorkerPolicy.ALLOW);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).waitFor();
    page.evaluate("navigator.serviceWorker.ready.then(() => true)");
    return page;
  }

  /** The same of Ines, who leads. */
  Page signedInAsLead(Size size) {
    Page page =
        page(size, ColorScheme.LIGHT, session("ines", "copper-star-7"), ServiceWorkerPolicy.BLOCK);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).waitFor();
    return page;
  }

  /** The cookies of a new session. */
  private String session(String login, String password) {
    BrowserContext context =
        browser().newContext(new Browser.NewContextOptions().setBaseURL(application.url()));
    APIRequestContext api = context.request();
    api.get("/api/session");
    String token =
        context.cookies().stream()
            .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
            .findFirst()
            .orElseThrow()
            .value;
    api.post(
        "/api/session",
        RequestOptions.create()
            .setHeader("X-XSRF-TOKEN", token)
            .setData(Map.of("login", login, "password", password)));
    String state = context.storageState();
    context.close();
    return state;
  }

  /**
   * Stands on the Prove stage of a new call with these readings, made without the page's own hands.
   *
   * @param readings fact and value as JSON, one after the other
   */
  static void callWith(Page page, String family, String symptom, String... readings) {
    callTold(
        page,
        """
        {"place":"State Street","unitName":"","complaint":"","symptom":"%s","unit":{},
         "motor":{"family":"%s","moduleRemovable":true,"moduleSoldAlone":true}}"""
            .formatted(symptom, family),
        readings);
  }

  /**
   * The same of a call of which this was told.
   *
   * @param told its particulars as JSON
   */
  static void callTold(Page page, String told, String... readings) {
    StringBuilder facts = new StringBuilder();
    for (int i = 0; i + 1 < readings.length; i += 2) {
      facts
          .append(facts.length() == 0 ? "" : ",")
          .append("{\"fact\":\"%s\",\"value\":%s}".formatted(readings[i], readings[i + 1]));
    }
    Object call =
        page.evaluate(
            """
            async ([told, facts]) => {
              const id = crypto.randomUUID()
              const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]
              const me = await (await fetch('/api/session')).json()
              const put = async (path, body) => {
                const answer = await fetch('/api/calls/' + id + path, {
                  method: 'PUT',
                  headers: {
                    'Content-Type': 'application/json',
                    'X-XSRF-TOKEN': token,
                    'Rotor-Account': me.account.id,
                  },
                  body: JSON.stringify(body),
                })
                if (!answer.ok) throw new Error(path + ' ' + (await answer.text()))
              }
              await put('', JSON.parse(told))
              for (const fact of JSON.parse(facts)) {
                await put('/readings/' + crypto.randomUUID(), fact)
              }
              return id
            }""",
            List.of(told, "[" + facts + "]"));
    page.navigate("/calls/" + call + "/prove");
    page.locator(".chain").waitFor();
  }

  /** The way that is chosen on the call that is shown, as another device would tell it. */
  static void decided(Page page, String route) {
    page.evaluate(
        """
        async (route) => {
          const call = location.pathname.match(/calls\\/([^/]+)/)[1]
          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]
          const me = await (await fetch('/api/session')).json()
          const path = '/api/calls/' + call + '/decisions/' + crypto.randomUUID()
          const answer = await fetch(path, {
            method: 'PUT',
            headers: {
              'Content-Type': 'application/json',
              'X-XSRF-TOKEN': token,
              'Rotor-Account': me.account.id,
            },
            body: JSON.stringify({ route }),
          })
          if (!answer.ok) throw new Error(await answer.text())
        }""",
        route);
    page.reload();
    page.locator("main").first().waitFor();
  }

  /** Opens a new call and stands on its Prove stage. */
  static void openCall(Page page, String place) {
    openCall(page, place, "Constant-torque blower");
  }

  static void openCall(Page page, String place, String family) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open a call")).click();
    page.getByLabel("Where").fill(place);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Does not run")).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(family)).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the call")).click();
    toProve(page);
    page.getByText("Nothing measured yet.").waitFor();
  }

  /** A new call opens on what is heard; this goes on to what is measured. */
  static void toProve(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prove").setExact(true))
        .first()
        .click();
  }
}
