package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What somebody at the bench does with a job on its way out, as they do it: step by step, test by test. */
record AtTheBench(Browser browser, String job) {
    private static final int MOST = 400;
    private static final Pattern DONE = Pattern.compile("(\\d+) of (\\d+)");

    private Page page() {
        return browser.page();
    }

    @SuppressWarnings("unchecked")
    private List<String> builds() {
        return (List<String>) page().evaluate(
                        "job => fetch('/api/jobs/' + job).then(r => r.json()).then(j => j.builds.map(b => b.id))", job);
    }

    private static int done(Locator progress) {
        Matcher told = DONE.matcher(progress.innerText());
        return told.find() ? Integer.parseInt(told.group(1)) : -1;
    }

    private static boolean isWhole(Locator progress) {
        Matcher told = DONE.matcher(progress.innerText());
        return told.find() && told.group(1).equals(told.group(2));
    }

    /** Every step of every body, by the space bar. */
    void puts() {
        for (String build : builds()) {
            browser.open("/jobs/" + job + "/assembly?build=" + build);
            Locator progress = page().locator(".done-bar .num");
            progress.waitFor();
            for (int i = 0; i < MOST && !isWhole(progress); i++) {
                int before = done(progress);
                page().keyboard().press("Space");
                page().waitForCondition(() -> done(progress) > before);
                // The next step is chosen a moment after this one is ticked.
                page().waitForCondition(() -> isWhole(progress)
                        || page().locator(".step-list li.done [aria-current]").count() == 0);
            }
            page().waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        }
    }

    /** Every test that is still open for whoever does it: what is measured comes out as it was computed. */
    void tries() {
        for (String build : builds()) {
            browser.open("/jobs/" + job + "/tests?build=" + build);
            page().locator(".test-row").first().waitFor();
            List<String> open = page().locator(".test-row:not(.passed):not(.waived) .test-title")
                    .allInnerTexts();
            for (String title : open) {
                page().locator(".test-row")
                        .filter(new Locator.FilterOptions()
                                .setHas(page().getByText(title, new Page.GetByTextOptions().setExact(true))))
                        .first()
                        .click();
                tryOne(title);
            }
        }
    }

    private void tryOne(String title) {
        Locator card = page().locator(".test-card");
        assertThat(card.locator("h2")).hasText(title);
        int before = done(page().locator(".done-bar .num"));
        boolean twice = card.getByText("two people").count() > 0;
        if (card.locator("#measured").count() > 0) {
            card.locator("#measured").fill(good(card));
            card.locator("#measured").press("Enter");
        } else {
            card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is so"))
                    .click();
        }
        if (!twice) {
            page().waitForCondition(() -> done(page().locator(".done-bar .num")) > before);
        }
    }

    private static final Pattern FIGURE = Pattern.compile("[0-9]+(\\.[0-9]+)?");

    /** What was computed; else something within what is needed. */
    private static String good(Locator card) {
        List<String> told = card.locator("dd.num").allInnerTexts().stream()
                .map(t -> t.replaceAll("[\\s\\u2009\\u202f]", ""))
                .toList();
        String needed = told.get(0);
        Matcher figure = FIGURE.matcher(told.get(told.size() - 1));
        if (!figure.find()) {
            return "12";
        }
        double value = Double.parseDouble(figure.group());
        return told.size() > 1 ? figure.group() : Double.toString(atLeast(needed, value));
    }

    /** Of a battery all of its label, of which four fifths are asked for. */
    private static double atLeast(String needed, double value) {
        return !needed.startsWith("atleast") ? value : needed.contains("Wh") ? value / 0.8 : value + 1;
    }

    /** Everything that is only counted, line by line. */
    void packsWhatIsCounted() {
        browser.open("/jobs/" + job + "/packing");
        Locator counted = page().getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^[0-9]+ counted$")));
        page().locator(".scan-form").waitFor();
        counted.first().waitFor();
        for (int i = 0; i < MOST && counted.count() > 0; i++) {
            int left = counted.count();
            counted.first().click();
            page().waitForCondition(() -> counted.count() < left);
        }
    }
}
