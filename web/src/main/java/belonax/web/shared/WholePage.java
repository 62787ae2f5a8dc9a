package belonax.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.spring6.view.ThymeleafView;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * A page that goes out as it was drawn: whole, and turned into bytes in one go. A servlet's own writer takes a page letter by letter
 * from the first that is not plain, and most pages have a dot or a raised 2 in their first line.
 */
public class WholePage extends ThymeleafView {
    @Override
    public void render(@Nullable Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        super.render(model, request, new InOneGo(response));
    }

    private static final class InOneGo extends HttpServletResponseWrapper {
        InOneGo(HttpServletResponse response) {
            super(response);
        }

        @Override
        public PrintWriter getWriter() throws IOException {
            OutputStream bytes = getOutputStream();
            return new PrintWriter(bytes, false, StandardCharsets.UTF_8) {
                @Override
                public void write(String text) {
                    try {
                        bytes.write(text.getBytes(StandardCharsets.UTF_8));
                    } catch (IOException hungUp) {
                        setError();
                    }
                }
            };
        }
    }

    @Configuration
    static class ForEveryPage {
        ForEveryPage(ThymeleafViewResolver resolver) {
            resolver.setViewClass(WholePage.class);
        }
    }
}
