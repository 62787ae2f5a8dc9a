package belonax.web.shared.print;

import belonax.web.shared.Attached;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Makes PDFs of templates. Nothing is loaded from anywhere but the application. */
@Component
public class Pdf {
    private static final String FONT = "Atkinson";

    private final ITemplateEngine templates;

    Pdf(ITemplateEngine templates) {
        this.templates = templates;
    }

    /** Returns a template as a PDF that the browser shows under this name. */
    public ResponseEntity<byte[]> answer(String name, String template, Map<String, Object> model) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.toShow(name))
                .body(of(template, model));
    }

    /** Returns a template as a PDF. */
    public byte[] of(String template, Map<String, Object> model) {
        String html = templates.process(template, new Context(Locale.ENGLISH, model));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> font("regular"), FONT, 400, FontStyle.NORMAL, true);
        builder.useFont(() -> font("bold"), FONT, 700, FontStyle.NORMAL, true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useUriResolver((base, uri) -> null);
        builder.withHtmlContent(html, null);
        builder.withProducer("Belonax");
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static InputStream font(String weight) {
        return Objects.requireNonNull(
                Pdf.class.getResourceAsStream("/print-fonts/" + weight + ".ttf"),
                "The build writes the fonts of prints.");
    }
}
