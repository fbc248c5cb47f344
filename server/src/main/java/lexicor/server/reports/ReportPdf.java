package lexicor.server.reports;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;

/** A report's page as PDF: tagged for those who have it read to them, its fonts inside, its drawings as lines. */
final class ReportPdf {
    private static final String FAMILY = "Atkinson Hyperlegible Next";
    private static final String FONTS = "/fonts/";
    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    static {
        XRLog.setLoggingEnabled(false);
    }

    private static final AtomicBoolean READY = new AtomicBoolean();

    private ReportPdf() {}

    /** The first page of a run takes seconds; made while somebody reads what was composed, nobody waits for it. */
    static void getReady() {
        if (READY.compareAndSet(false, true)) {
            CompletableFuture.runAsync(
                    () -> of("<html lang=\"en\"><head><title>Ready</title></head><body><p>Ready</p></body></html>"));
        }
    }

    static byte[] of(String html) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.useFont(
                font("400Regular/AtkinsonHyperlegibleNext_400Regular.ttf"), FAMILY, REGULAR, FontStyle.NORMAL, true);
        builder.useFont(font("700Bold/AtkinsonHyperlegibleNext_700Bold.ttf"), FAMILY, BOLD, FontStyle.NORMAL, true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.withProducer("Lexicor");
        builder.withHtmlContent(html.replaceFirst("<!DOCTYPE html>\n", ""), null);
        builder.toStream(bytes);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("writing into memory", e);
        }
        return bytes.toByteArray();
    }

    private static FSSupplier<InputStream> font(String name) {
        return () -> {
            try (InputStream file = ReportPdf.class.getResourceAsStream(FONTS + name)) {
                return new ByteArrayInputStream(file.readAllBytes());
            } catch (IOException e) {
                throw new UncheckedIOException("the font " + name + " is missing from the program", e);
            }
        };
    }
}
