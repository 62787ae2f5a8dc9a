package belonax.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.thymeleaf.spring6.view.ThymeleafView;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * A page that goes out as it was drawn: whole, and turned into bytes in one go. A servlet's own writer takes a page letter by letter
 * from the first that is not plain, and most pages have a dot or a raised 2 in their first line. It is made small the quick way: what
 * the server's slow way would save more is not worth a tenth of what the page costs.
 */
public class WholePage extends ThymeleafView {
    private static final int WORTH_MAKING_SMALL = 1024;

    @Override
    public void render(@Nullable Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        String takes = Objects.requireNonNullElse(request.getHeader(HttpHeaders.ACCEPT_ENCODING), "");
        boolean takesSmall = takes.contains("gzip") && !takes.contains("gzip;q=0");
        super.render(model, request, new InOneGo(response, takesSmall));
    }

    private static final class InOneGo extends HttpServletResponseWrapper {
        private final boolean takesSmall;

        InOneGo(HttpServletResponse response, boolean takesSmall) {
            super(response);
            this.takesSmall = takesSmall;
        }

        @Override
        public PrintWriter getWriter() throws IOException {
            OutputStream wire = getOutputStream();
            return new PrintWriter(wire, false, StandardCharsets.UTF_8) {
                @Override
                public void write(String text) {
                    try {
                        wire.write(asItGoesOut(text.getBytes(StandardCharsets.UTF_8)));
                    } catch (IOException hungUp) {
                        setError();
                    }
                }
            };
        }

        private byte[] asItGoesOut(byte[] page) throws IOException {
            if (page.length < WORTH_MAKING_SMALL) {
                return page;
            }
            addHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
            if (!takesSmall) {
                return page;
            }
            setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
            return small(page);
        }

        private static byte[] small(byte[] page) throws IOException {
            ByteArrayOutputStream small = new ByteArrayOutputStream(page.length / 2);
            try (OutputStream quickly = new Quickly(small)) {
                quickly.write(page);
            }
            return small.toByteArray();
        }
    }

    private static final class Quickly extends GZIPOutputStream {
        Quickly(OutputStream out) throws IOException {
            super(out);
            def.setLevel(Deflater.BEST_SPEED);
        }
    }

    @Configuration
    static class ForEveryPage {
        ForEveryPage(ThymeleafViewResolver resolver) {
            resolver.setViewClass(WholePage.class);
        }
    }
}
