package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Assertions;
import wideharbor.app.RunningApp;

/**
 * Debian's Chromium with one page, as a person at a 1280×800 screen sees it. Collects what the page's console complains
 * of.
 */
final class Browser implements AutoCloseable {
    private static final int LOOKS = 20;
    private static final String UNLIKE =
            " does not look like its picture in docs/screenshots; e2e/target/pictures shows where. Where the change is"
                    + " meant, refresh the picture: HARBOR_SHOTS=$PWD/docs/screenshots ./harbor test";
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--enable-unsafe-swiftshader",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** Started once a run; every test has its own context in it, with its own cookies. */
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));

    private static final com.microsoft.playwright.Browser CHROMIUM = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setHeadless(true)
                    .setArgs(ARGUMENTS));

    /** A loaded machine is slow, not wrong; how fast things are is measured elsewhere. */
    private static final double LONGEST_MS = 20_000;

    private static final Map<String, String> SIGNED_IN = new ConcurrentHashMap<>();

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(LONGEST_MS);
    }

    private final BrowserContext context;
    private final Page page;
    private static final int MOST_TOLD = 60;

    private final List<String> errors = new java.util.ArrayList<>();
    private final List<String> asked = new java.util.ArrayList<>();

    Browser() {
        this(RunningApp.url(), null);
    }

    /** On another house than the demo's. */
    static Browser at(String url) {
        return new Browser(url, null);
    }

    /** Where somebody has signed in before: the person's cookies, and nothing else of what was kept. */
    static Browser as(String user) {
        return new Browser(RunningApp.url(), SIGNED_IN.computeIfAbsent(user, Browser::signedIn));
    }

    private static String signedIn(String user) {
        try (Browser browser = new Browser()) {
            browser.signIn(user);
            return browser.context.storageState();
        }
    }

    private Browser(String url, @Nullable String signedIn) {
        context = CHROMIUM.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(url)
                .setViewportSize(1280, 800)
                .setStorageState(signedIn)
                .setAcceptDownloads(true));
        page = context.newPage();
        page.setDefaultTimeout(20_000);
        page.onPageError(errors::add);
        page.onResponse(r -> asked.add(r.request().method() + " " + r.url() + " " + r.status()));
    }

    /** The last things that the page asked of the server, with what it was answered. */
    List<String> asked() {
        return asked.subList(Math.max(0, asked.size() - MOST_TOLD), asked.size());
    }

    Page page() {
        return page;
    }

    void signIn(String user) {
        page.navigate("/sign-in");
        page.getByLabel("Name").fill(user);
        page.getByLabel("Password").fill(RunningApp.PASSWORD);
        button("Sign in").click();
        page.waitForURL(Pattern.compile(".*/jobs.*"));
    }

    void open(String path) {
        page.navigate(path);
        page.waitForCondition(() -> page.locator(".waiting").count() == 0);
    }

    void bench(String job, String more) {
        open("/jobs/" + job + "/bench" + more);
        page.locator(".elevation .part").first().waitFor();
    }

    /** Gives the package away, against a signature drawn by the pointer. */
    void handOver() {
        button("Dispatch").click();
        page.getByLabel("Who takes it over").fill("Ada Lindqvist");
        var pad = page.locator(".signature-pad").boundingBox();
        page.mouse().move(pad.x + 40, pad.y + 40);
        page.mouse().down();
        page.mouse().move(pad.x + 160, pad.y + 100);
        page.mouse().move(pad.x + 300, pad.y + 30);
        page.mouse().up();
        button("Hand over and dispatch").click();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** No serious or critical accessibility fault on what is shown now. */
    void isAccessible() {
        noFaults(List.of());
    }

    /** What another theme may spoil on a page that is accessible in the first. */
    void hasContrast() {
        noFaults(List.of("color-contrast"));
    }

    /** Looks by some rules, or by all when none is named. */
    private void noFaults(List<String> rules) {
        AxeRunOptions options = new AxeRunOptions();
        // What is as it should be is not told of: telling it takes most of the time.
        options.setResultTypes(List.of("violations"));
        AxeBuilder axe = new AxeBuilder(page).options(options).setLegacyMode(true);
        List<Rule> faults = (rules.isEmpty() ? axe : axe.withRules(rules))
                .analyze().getViolations().stream()
                        .filter(r -> "serious".equals(r.getImpact()) || "critical".equals(r.getImpact()))
                        .toList();
        Assertions.assertEquals(
                List.of(),
                faults.stream()
                        .map(f -> f.getId() + ": " + f.getNodes().get(0).getHtml() + " "
                                + f.getNodes().get(0).getFailureSummary())
                        .toList());
    }

    /** The screen looks like its picture in the docs; when the run asks for it, the picture is taken anew instead. */
    void picture(String name) {
        if (shot(name)) {
            return;
        }
        alone();
        boolean alike = Pictures.alike(name, seen());
        for (int more = LOOKS; !alike && more > 0; more--) {
            page.waitForTimeout(500);
            alike = Pictures.alike(name, seen());
        }
        Assertions.assertTrue(alike, name + UNLIKE);
    }

    /**
     * Takes a picture for the docs when the run asks for it: of a screen that shows what other tests have left, too.
     */
    boolean shot(String name) {
        String folder = System.getenv("HARBOR_SHOTS");
        if (folder == null || folder.isEmpty()) {
            return false;
        }
        alone();
        try {
            Files.createDirectories(Path.of(folder));
            Files.write(Path.of(folder, name + ".png"), seen());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return true;
    }

    /** Whoever an earlier test left here is gone within half a minute, and belongs in no picture. */
    private void alone() {
        assertThat(page.locator(".also-here")).isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(40_000));
    }

    /** What is seen now, the pointer over nothing. */
    byte[] seen() {
        page.mouse().move(640, 90);
        return page.screenshot();
    }

    @Override
    public void close() {
        Assertions.assertEquals(List.of(), errors, "the page threw nothing");
        context.close();
    }
}
