package belonax.web.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockServletContext;
import org.springframework.web.context.support.StaticWebApplicationContext;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.View;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;
import org.thymeleaf.templateresolver.StringTemplateResolver;

/** A page goes out whole, in its own letters, or not at all. */
class WholePageTest {
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    /** Draws a template that is given as it stands. */
    private static void draw(String template, MockHttpServletResponse response) throws Exception {
        draw(template, response, "br");
    }

    private static void draw(String template, MockHttpServletResponse response, String takes) throws Exception {
        StaticWebApplicationContext room = new StaticWebApplicationContext();
        room.setServletContext(new MockServletContext());
        room.refresh();
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setTemplateResolver(new StringTemplateResolver());
        ThymeleafViewResolver pages = new ThymeleafViewResolver();
        pages.setApplicationContext(room);
        pages.setTemplateEngine(engine);
        pages.setCharacterEncoding("UTF-8");
        pages.setProducePartialOutputWhileProcessing(false);
        new WholePage.ForEveryPage(pages);
        View page = Objects.requireNonNull(pages.resolveViewName(template, Locale.ENGLISH));
        assertThat(page).isInstanceOf(WholePage.class);
        MockHttpServletRequest request = new MockHttpServletRequest(room.getServletContext());
        request.addHeader("Accept-Encoding", takes);
        request.setAttribute(DispatcherServlet.WEB_APPLICATION_CONTEXT_ATTRIBUTE, room);
        page.render(Map.of("words", "from “½” on"), request, response);
    }

    @Test
    void its_letters_arrive_as_they_were_drawn() throws Exception {
        draw("<p>80/12 · 145 g/m²</p><p th:text='${words}'>x</p>", response);

        assertThat(new String(response.getContentAsByteArray(), StandardCharsets.UTF_8))
                .isEqualTo("<p>80/12 · 145 g/m²</p><p>from “½” on</p>");
        assertThat(response.getContentType()).isEqualTo("text/html;charset=UTF-8");
    }

    @Test
    void a_long_page_goes_out_small_to_a_browser_that_takes_that() throws Exception {
        String line = "<p>80/12 · 145 g/m² 🪡</p>";

        draw(line.repeat(200), response, "gzip, deflate, br");

        assertThat(response.getHeader("Content-Encoding")).isEqualTo("gzip");
        assertThat(response.getHeader("Vary")).isEqualTo("Accept-Encoding");
        byte[] sent = response.getContentAsByteArray();
        assertThat(sent).hasSizeLessThan(1000);
        try (var page = new GZIPInputStream(new ByteArrayInputStream(sent))) {
            assertThat(new String(page.readAllBytes(), StandardCharsets.UTF_8)).isEqualTo(line.repeat(200));
        }
    }

    @ParameterizedTest
    @CsvSource({"200, br", "200, gzip;q=0", "1, gzip"})
    void a_short_page_or_one_for_another_browser_goes_out_as_it_is(int lines, String takes) throws Exception {
        draw("<p>80/12</p>".repeat(lines), response, takes);

        assertThat(response.containsHeader("Content-Encoding")).isFalse();
        assertThat(response.getContentAsString()).isEqualTo("<p>80/12</p>".repeat(lines));
    }

    @Test
    void a_page_that_fails_halfway_has_sent_nothing() {
        assertThatThrownBy(() -> draw("<p>80/12</p><p th:text='${words.none()}'>x</p>", response))
                .isInstanceOf(TemplateProcessingException.class);

        assertThat(response.getContentAsByteArray()).isEmpty();
        assertThat(response.isCommitted()).isFalse();
    }

    @Test
    void a_browser_that_hung_up_is_nobodys_fault() {
        assertThatCode(() -> draw("<p>80/12</p>", new HungUp())).doesNotThrowAnyException();
    }

    private static final class HungUp extends MockHttpServletResponse {
        @Override
        public ServletOutputStream getOutputStream() {
            return new ServletOutputStream() {
                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setWriteListener(@Nullable WriteListener listener) {}

                @Override
                public void write(int letter) throws IOException {
                    throw new IOException("hung up");
                }
            };
        }
    }
}
