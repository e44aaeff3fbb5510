package wideharbor.app.web;

import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/**
 * Papers as PDF, from the templates in {@code papers/}. Values are escaped by the template, wherever they stand; the
 * renderer is given nothing but what stands in the page, neither files nor addresses. The font family {@code paper}
 * ships with the library.
 */
@Component
public final class Paper {
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final SpringTemplateEngine engine = new SpringTemplateEngine();

    public Paper() {
        ClassLoaderTemplateResolver templates = new ClassLoaderTemplateResolver();
        templates.setPrefix("papers/");
        templates.setSuffix(".html");
        templates.setTemplateMode(TemplateMode.HTML);
        templates.setCharacterEncoding("UTF-8");
        engine.setTemplateResolver(templates);
    }

    /** A filled template as an A4 document. */
    public byte[] pdf(String template, Map<String, Object> values) {
        return render(html(template, values));
    }

    String html(String template, Map<String, Object> values) {
        return engine.process(template, new Context(Locale.ROOT, values));
    }

    static byte[] render(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> PDDocument.class.getResourceAsStream(FONT), "paper");
        // Pictures come with the page; whatever else a page might ask for is not fetched.
        builder.useExternalResourceAccessControl(
                (address, type) -> address.startsWith("data:"),
                ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.useUriResolver((base, address) -> address != null && address.startsWith("data:") ? address : null);
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
