package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PaperTest {
    /** Even a page that asks for them gets no address and no file. */
    @Test
    void theRendererFetchesNothing(@TempDir Path folder) throws Exception {
        AtomicInteger asked = new AtomicInteger();
        HttpServer outside = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        outside.createContext("/", exchange -> {
            asked.incrementAndGet();
            exchange.sendResponseHeaders(404, -1);
        });
        outside.start();
        Path picture = Files.createFile(folder.resolve("p.png"));
        Files.write(picture, onePixel());
        try {
            String address = "http://127.0.0.1:" + outside.getAddress().getPort() + "/x";
            byte[] with = Paper.render(
                    "<html><head><link rel='stylesheet' href='" + address + "'/><style>@import url('"
                            + address + "'); body { background: url('" + address
                            + "') }</style></head><body>words<img src='"
                            + address + "'/><img src='" + picture.toUri() + "'/></body></html>",
                    Map.of());
            try (var document = org.apache.pdfbox.Loader.loadPDF(with)) {
                assertEquals(
                        "words",
                        new org.apache.pdfbox.text.PDFTextStripper()
                                .getText(document)
                                .strip());
                assertEquals(
                        List.of(),
                        java.util.stream.StreamSupport.stream(
                                        document.getPage(0)
                                                .getResources()
                                                .getXObjectNames()
                                                .spliterator(),
                                        false)
                                .toList());
            }
        } finally {
            outside.stop(0);
        }
        assertEquals(0, asked.get());
    }

    @Test
    void valuesAreEscapedWhereverTheyStand() {
        String html = new Paper()
                .html("cable-labels", Map.of("title", "a </style><b> & \"c\"", "rows", List.of(), "perRow", 3));
        assertTrue(html.contains("a &lt;/style&gt;&lt;b&gt; &amp; &quot;c&quot;, cable labels"), html);
    }

    private static byte[] onePixel() throws java.io.IOException {
        var out = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(1, 1, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
