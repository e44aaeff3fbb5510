package wideharbor.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import wideharbor.app.RunningApp;

/** A fresh browser page for every test. */
@ExtendWith({RunningApp.class, PictureOfFailure.class})
abstract class Journey {
    Browser browser;
    Page page;

    @BeforeEach
    void open() {
        browser = new Browser();
        page = browser.page();
    }

    @AfterEach
    void close() {
        browser.close();
    }

    Locator finding(String title) {
        return page.locator(".finding", new Page.LocatorOptions().setHasText(title));
    }

    /** The select of that name. */
    Locator select(String label) {
        return page.locator(".ant-select", new Page.LocatorOptions().setHas(page.getByLabel(label)));
    }

    /** Chooses an option of a select by its words. */
    void choose(String label, String option) {
        select(label).click();
        page.locator(".ant-select-item-option[title='" + option + "']:visible").click();
    }

    Locator verdict() {
        return page.locator(".jobbar .verdict");
    }
}
