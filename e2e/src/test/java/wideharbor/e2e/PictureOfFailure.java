package wideharbor.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** What the page showed when a journey failed: a picture under target/, and what it said in words. */
final class PictureOfFailure implements AfterTestExecutionCallback {
    @Override
    public void afterTestExecution(ExtensionContext context) {
        if (context.getExecutionException().isEmpty()
                || !(context.getRequiredTestInstance() instanceof Journey journey)) {
            return;
        }
        String name = context.getRequiredTestClass().getSimpleName() + "-"
                + context.getRequiredTestMethod().getName();
        Path picture = Path.of("target", "failed-" + name + ".png");
        journey.page.screenshot(new Page.ScreenshotOptions().setPath(picture).setFullPage(true));
        System.err.println("The page is kept as " + picture + ", at " + journey.page.url() + "; asked were:");
        journey.browser.asked().forEach(System.err::println);
    }
}
