package wideharbor.app.web;

import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.awt.Graphics2D;
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

    /** A filled template as a document. */
    public byte[] pdf(String template, Map<String, Object> values) {
        return render(html(template, values), Map.of());
    }

    /** Something that is drawn into a field of the page: width and height in points. */
    public interface Drawn {
        void draw(Graphics2D ink, double width, double height);
    }

    /** @param drawn by the key that an {@code object} of type "drawn" names as its {@code data} */
    public byte[] pdf(String template, Map<String, Object> values, Map<String, Drawn> drawn) {
        return render(html(template, values), drawn);
    }

    String html(String template, Map<String, Object> values) {
        return engine.process(template, new Context(Locale.ROOT, values));
    }

    static byte[] render(String html, Map<String, Drawn> drawn) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> PDDocument.class.getResourceAsStream(FONT), "paper");
        // Pictures come with the page; whatever else a page might ask for is not fetched.
        builder.useExternalResourceAccessControl(
                (address, type) -> address.startsWith("data:"),
                ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.useUriResolver((base, address) -> address != null && address.startsWith("data:") ? address : null);
        DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
        drawers.registerDrawer("drawn", (element, x, y, width, height, device, context, dotsPerPixel) -> {
            Drawn picture = drawn.get(element.getAttribute("data"));
            if (picture != null) {
                device.drawWithGraphics(
                        (float) x,
                        (float) y,
                        (float) width / dotsPerPixel,
                        (float) height / dotsPerPixel,
                        ink -> picture.draw(ink, width / dotsPerPixel, height / dotsPerPixel));
            }
            return Map.of();
        });
        builder.useObjectDrawerFactory(drawers);
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
