package belonax.web.shared.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * So many pages at once and no more: beyond what it can carry, Belonax says so within a second instead of letting everybody wait. Whoever
 * is served is served as fast as ever.
 */
final class ConcurrencyLimitFilter extends OncePerRequestFilter {
    private final Semaphore atOnce;
    private final long waitMillis;

    /**
     * @param atOnce how many requests are worked on at once
     * @param waitMillis how long one waits for its turn
     */
    ConcurrencyLimitFilter(int atOnce, long waitMillis) {
        this.atOnce = new Semaphore(atOnce, true);
        this.waitMillis = waitMillis;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isItsTurn()) {
            tellBusy(response);
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            atOnce.release();
        }
    }

    private boolean isItsTurn() {
        try {
            return atOnce.tryAcquire(waitMillis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static void tellBusy(HttpServletResponse response) throws IOException {
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        response.setHeader(HttpHeaders.RETRY_AFTER, "2");
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write(
                        "Belonax is asked more than it can answer just now. Nothing was recorded; ask again in a moment.");
    }
}
