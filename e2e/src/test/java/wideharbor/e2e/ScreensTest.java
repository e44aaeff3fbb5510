package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.ElementHandle;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.app.RunningApp;

/** Every screen in both themes: accessible, within the page, and pictured for the docs when asked. */
@ExtendWith(RunningApp.class)
class ScreensTest {
    private static final List<String> UNPICTURED = List.of(
            "notes",
            "calculators",
            "compare",
            "bench-front",
            "bench-twin",
            "bench-shoulder",
            "lasting",
            "signal-three",
            "lenses-dome",
            "corners",
            "flange",
            "assembly",
            "bench-space",
            "bench-portrait",
            "bench-dome",
            "people",
            "part",
            "tests",
            "papers",
            "calendar",
            "me");

    @ParameterizedTest
    @CsvSource({
        "jobs, /jobs, .week",
        "brief, /jobs/slack-water/brief, .requirements",
        "bench, /jobs/slack-water/bench?lens=a135, .elevation .part",
        "bench-front, /jobs/slack-water/bench?lens=a75&view=FRONT&part=bridge, .elevation .part",
        "bench-twin, /jobs/kiln/bench?view=LEFT&part=finder, .elevation .part",
        "bench-portrait, /jobs/the-lift/bench?view=FRONT&part=corner, .elevation .part",
        "bench-dome, /jobs/queens-yard/bench?part=arm, .elevation .part",
        "bench-space, '/jobs/slack-water/bench?view=SPACE', canvas[data-drawn=true]",
        "tests, /jobs/second-bell/tests?test=a:head:head:studio, .test-picture .part",
        "packing, /jobs/second-bell/packing, .case-row",
        "stock, /stock?text=battery, .stock tbody tr.ant-table-row",
        "notes, /notes, .notes tbody tr.ant-table-row",
        "dispatch, /jobs/second-bell/dispatch, .pull tbody tr",
        "changeover, /jobs/kiln/changeover, .change-steps li",
        "lenses, '/jobs/slack-water/lenses?lens=a40', .lens-chosen svg",
        "media, /jobs/second-bell/media, .card-day",
        "calendar, /calendar, .days-row .phase",
        "papers, /jobs/second-bell/papers, .paper-sheets li",
        "lenses-dome, /jobs/queens-yard/lenses, .lenses tbody tr",
        "corners, /calculators?tab=corners, .calc-answer .big",
        "assembly, /jobs/slack-water/assembly?step=fit:lens-a40, .step-card .elevation .part",
        "flange, /calculators?tab=flange, .calc-answer .big",
        "people, /people, .people tbody tr",
        "me, /me, .me tbody tr",
        "power, /jobs/slack-water/power, .day-chart .line",
        "signal, /jobs/slack-water/signal, .signal-map .box",
        "signal-three, '/jobs/second-bell/signal?build=b', .order-card li",
        "lasting, /calculators?tab=lasting, .calc-answer .big",
        "bench-shoulder, '/jobs/slack-water/bench?config=shoulder', .elevation .part",
        "catalogue, '/catalogue?look=flat plate, two 3/8 screws, slot 38 mm', .catalogue tbody tr",
        "part, /catalogue/parts/bridge-15@2, .part-views svg",
        "compare, /catalogue/compare?a=bridge-15@2&b=bridge-15s@1, .compare tbody tr",
        "house, /house, .house tbody tr",
        "calculators, /calculators?tab=docking, .calc-answer .big"
    })
    void isAccessibleByDayAndNight(String name, String path, String there) {
        try (Browser browser = Browser.as("lead")) {
            browser.open(path);
            browser.page().locator(there).first().waitFor();
            browser.isAccessible();
            if (!UNPICTURED.contains(name)) {
                browser.picture(name);
            }
            noSideways(browser);
            browser.button("Night theme").click();
            assertThat(browser.page().locator("html")).hasAttribute("data-theme", "night");
            browser.hasContrast();
            if (name.equals("bench")) {
                browser.picture("bench-night");
            }
        }
    }

    private static void noSideways(Browser browser) {
        Object wider = browser.page()
                .evaluate("document.documentElement.scrollWidth > innerWidth || "
                        + "document.documentElement.scrollHeight > innerHeight");
        assertTrue(!(Boolean) wider, "the page itself does not scroll at 1280×800");
    }

    /** On a tablet, a laptop and a large screen, nothing in the Bench's bars is cut or wrapped. */
    @ParameterizedTest
    @CsvSource({"kiln, 1024, 768", "second-bell, 1024, 768", "kiln, 1280, 800", "second-bell, 1920, 1080"})
    void theBenchFits(String job, int width, int height) {
        try (Browser browser = Browser.as("lead")) {
            browser.page().setViewportSize(width, height);
            browser.bench(job, "");
            Object cut = browser.page()
                    .evaluate(
                            "[...document.querySelectorAll('.topbar, .jobbar, .bench-bar, .panel-head')]"
                                    + ".filter(e => e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 4)"
                                    + ".map(e => e.className + ' ' + e.scrollWidth + ' of ' + e.clientWidth + ', ' + e.scrollHeight + ' of ' + e.clientHeight).join('; ')");
            assertEquals("", cut);
            noSideways(browser);
        }
    }

    /** The part with the most ports, and all layers that write, from three sides, on a laptop and on a large screen. */
    @ParameterizedTest
    @CsvSource({"slack-water", "kiln", "second-bell", "the-lift", "queens-yard"})
    void noTwoLabelsTouch(String job) {
        try (Browser browser = Browser.as("lead")) {
            browser.bench(job, "?part=body");
            browser.button("cables").click();
            browser.button("keep clear").click();
            for (String view : List.of("right", "front", "above")) {
                browser.page().locator(".drawing .quiet-choice").getByText(view).click();
                browser.page()
                        .locator(".elevation[aria-label*='from " + view + "']")
                        .waitFor();
                for (int[] size : new int[][] {{1280, 800}, {1920, 1080}}) {
                    browser.page().setViewportSize(size[0], size[1]);
                    browser.page().waitForCondition(() -> (int) browser.page().evaluate(WORDS) > 3);
                    assertEquals("", browser.page().evaluate(TOUCHING), job + " from " + view + " at " + size[0]);
                }
            }
        }
    }

    private static final String WORDS = "document.querySelectorAll('.words text').length";

    private static final String TOUCHING = """
            (() => {
              const all = [...document.querySelectorAll('.elevation text')].map(e => [e.textContent, e.getBoundingClientRect()]);
              const touch = (p, q) => p.left < q.right && q.left < p.right && p.top < q.bottom && q.top < p.bottom;
              return all.flatMap(([s, p], i) => all.slice(i + 1).filter(([, q]) => touch(p, q)).map(([t]) => s + ' / ' + t))
                .join('; ');
            })()""";

    /** What looks for faults finds one where there is one. */
    @Test
    void aFaultIsFound() {
        try (Browser browser = new Browser()) {
            browser.open("/sign-in");
            browser.page().setContent("<main><p style='color:#ccc;background:#fff'>pale</p><input></main>");
            assertThrows(AssertionError.class, browser::isAccessible);
            assertThrows(AssertionError.class, browser::hasContrast);
        }
    }

    /** What looks at pictures sees a panel that is gone and words that run over each other, and no freckles. */
    @Test
    void aBrokenLayoutIsSeen() {
        try (Browser browser = Browser.as("lead")) {
            browser.open("/jobs/slack-water/bench?lens=a135");
            browser.page().locator(".elevation .part").first().waitFor();
            browser.page().addStyleTag(new Page.AddStyleTagOptions().setContent("body { letter-spacing: 0.01px }"));
            // The ways to mend come a moment after the findings.
            browser.page().waitForCondition(() -> Pictures.alike("bench", browser.seen()));
            for (String fault : List.of(
                    ".finding { visibility: hidden }", ".meters { margin-bottom: -40px }", "* { line-height: 0.8 }")) {
                ElementHandle style = browser.page().addStyleTag(new Page.AddStyleTagOptions().setContent(fault));
                assertTrue(!Pictures.alike("bench", browser.seen()), fault);
                style.evaluate("s => s.remove()");
            }
        }
    }

    @Test
    void signInIsAccessible() {
        try (Browser browser = new Browser()) {
            browser.open("/sign-in");
            browser.page().getByLabel("Name").waitFor();
            browser.isAccessible();
        }
    }

    @Test
    void theAddDialogIsAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.bench("slack-water", "?part=body");
            browser.page().keyboard().press("f");
            browser.page().locator(".offers li").first().waitFor();
            browser.isAccessible();
        }
    }

    @Test
    void theMountingPointsAreAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.bench("slack-water", "");
            browser.page().keyboard().press("m");
            browser.page().locator(".budget li").first().waitFor();
            browser.isAccessible();
        }
    }

    @Test
    void theBalanceIsAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.bench("slack-water", "?config=shoulder");
            browser.page().keyboard().press("b");
            browser.page().locator(".balance-chart").waitFor();
            browser.isAccessible();
            browser.picture("bench-balance");
        }
    }

    @Test
    void theLayersAreAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.bench("kiln", "");
            browser.button("keep clear").click();
            browser.button("ports").click();
            browser.isAccessible();
        }
    }

    @Test
    void formsForPartsAndListsAreAccessible() {
        try (Browser browser = Browser.as("lead")) {
            browser.open("/catalogue/import");
            browser.isAccessible();
            browser.open("/catalogue/edit?from=bridge-15@2");
            browser.page().locator(".part-text textarea").waitFor();
            browser.isAccessible();
        }
    }

    /** A cage plate with a face that was pointed at. */
    @Test
    void theMakerIsAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.open("/catalogue/make");
            browser.isAccessible();
            browser.open("/catalogue/make?template=cage");
            Page page = browser.page();
            page.getByLabel("Mass").fill("240");
            page.getByLabel("Width").fill("110");
            page.getByLabel("Height").fill("14");
            page.getByLabel("Length").fill("140");
            browser.button("Add a face").click();
            page.locator(".pointing").click();
            page.waitForCondition(() -> page.locator(".maker-ports li").count() == 2);
            browser.isAccessible();
            browser.picture("make");
        }
    }

    @Test
    void whatBeginsAJobIsAccessible() {
        try (Browser browser = Browser.as("lead")) {
            browser.open("/jobs");
            browser.button("New job").click();
            browser.page().locator(".worn-choice .ant-checkbox-wrapper").first().waitFor();
            browser.isAccessible();
            browser.open("/jobs/kiln/dispatch");
            browser.button("Pack the kit").click();
            browser.page().locator(".kit-lines tbody tr").first().waitFor();
            browser.isAccessible();
        }
    }

    @Test
    void handworkIsAccessible() {
        try (Browser browser = Browser.as("tech")) {
            browser.bench("slack-water", "?part=body");
            for (String key : List.of("x", "l", "y")) {
                browser.page().keyboard().press(key);
                browser.page()
                        .getByRole(com.microsoft.playwright.options.AriaRole.DIALOG)
                        .waitFor();
                browser.page()
                        .waitForCondition(() ->
                                browser.page().locator(".ant-modal .waiting").count() == 0);
                browser.isAccessible();
                browser.page().keyboard().press("Escape");
                browser.page()
                        .waitForCondition(() ->
                                browser.page().locator(".ant-modal:visible").count() == 0);
            }
        }
    }

    /** Scripts over the wire, compressed: jobs under 400 kB, any other screen under 500 kB. */
    @ParameterizedTest
    @CsvSource({
        "/jobs, 400",
        "/jobs/slack-water/brief, 500",
        "/jobs/slack-water/bench, 500",
        "/jobs/slack-water/dispatch, 500",
        "/jobs/slack-water/changeover, 500",
        "/catalogue, 500",
        "/catalogue/parts/bridge-15@2, 500",
        "/catalogue/edit, 500",
        "/house, 500",
        "/calculators, 500"
    })
    void scriptsStaySmall(String path, int most) {
        try (Browser browser = new Browser()) {
            List<Response> scripts = new ArrayList<>();
            browser.page().onResponse(r -> {
                if (r.url().endsWith(".js")) {
                    scripts.add(r);
                }
            });
            browser.signIn("tech");
            // The stream of what others do never ends: with it nothing would ever be idle.
            browser.page().route("**/api/events*", com.microsoft.playwright.Route::abort);
            browser.open(path);
            browser.page().waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            long bytes = scripts.stream()
                    .map(Response::url)
                    .distinct()
                    .mapToLong(ScreensTest::compressed)
                    .sum();
            assertTrue(bytes > 50_000, "something was loaded: " + bytes);
            assertTrue(bytes < most * 1000L, path + " loads " + bytes + " bytes of script");
        }
    }

    private static long compressed(String url) {
        try {
            var request = java.net.http.HttpRequest.newBuilder(java.net.URI.create(url))
                    .header("Accept-Encoding", "gzip")
                    .build();
            return java.net.http.HttpClient.newHttpClient()
                    .send(request, java.net.http.HttpResponse.BodyHandlers.ofByteArray())
                    .body()
                    .length;
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
