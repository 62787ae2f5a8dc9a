package belonax.web.shared.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Beside the token: what writes has to come from a page of ours, which every browser tells, and a body for the page on which a code is
 * named is never larger than a code and a name.
 */
final class SameOriginFilter extends OncePerRequestFilter {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OUR_SITE = Set.of("same-origin", "none");
    private static final int LONGEST_PAIRING = 4096;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (READING.contains(request.getMethod())) {
            chain.doFilter(request, response);
        } else if (!isFromOurPage(request)) {
            refuse(response, HttpServletResponse.SC_FORBIDDEN, "Belonax is written to from its own pages only.");
        } else if (request.getRequestURI().equals("/pair") && !isShort(request)) {
            refuse(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    "A code and a name are shorter than that.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** A program that is no browser tells neither; without the token of a page it writes nothing. */
    private static boolean isFromOurPage(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        boolean sameSite = site == null || OUR_SITE.contains(site);
        return sameSite && (origin == null || isOurs(origin, request));
    }

    private static boolean isOurs(String origin, HttpServletRequest request) {
        try {
            URI from = URI.create(origin);
            return request.getScheme().equals(from.getScheme())
                    && request.getServerName().equalsIgnoreCase(from.getHost())
                    && request.getServerPort() == (from.getPort() < 0 ? 80 : from.getPort());
        } catch (IllegalArgumentException noAddress) {
            return false;
        }
    }

    /** A body that comes in pieces tells no length, and no browser sends a form so. */
    private static boolean isShort(HttpServletRequest request) {
        long length = request.getContentLengthLong();
        return length >= 0 && length <= LONGEST_PAIRING;
    }

    private static void refuse(HttpServletResponse response, int status, String sentence) throws IOException {
        response.setStatus(status);
        response.setHeader(HttpHeaders.CONNECTION, "close");
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(sentence);
    }
}
