package belonax.web.shared.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.Enumeration;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses what is larger than its page takes by a page of ours, before it is read. What is only a little too large is left to
 * that page, which says so beside what was typed.
 */
final class NotTooLarge extends OncePerRequestFilter {
    static final String PAGE = "/too-large";
    static final String ARCHIVE = "/drawer/files/archive";

    private static final long LARGEST_FORM = 4L << 20;
    private static final long LARGEST_FILE = 32L << 20;
    private static final long LARGEST_ARCHIVE = 600L << 20;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentLengthLong() <= LARGEST_FORM;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() <= largest(request)) {
            chain.doFilter(request, response);
        } else {
            response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
            request.getRequestDispatcher(PAGE).forward(new Unread(request), response);
        }
    }

    private static long largest(HttpServletRequest request) {
        String type = request.getContentType();
        if (type == null || type.startsWith(MediaType.APPLICATION_JSON_VALUE)) {
            return LARGEST_ARCHIVE; // The interface has its own limit and its own words.
        }
        if (!type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE)) {
            return LARGEST_FORM;
        }
        return request.getRequestURI().equals(ARCHIVE) ? LARGEST_ARCHIVE : LARGEST_FILE;
    }

    /** Asks for a page with nothing of what was sent. */
    private static final class Unread extends HttpServletRequestWrapper {
        Unread(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getMethod() {
            return "GET";
        }

        @Override
        public @Nullable String getContentType() {
            return null;
        }

        @Override
        public @Nullable String getHeader(String name) {
            return name.equalsIgnoreCase(HttpHeaders.CONTENT_TYPE) ? null : super.getHeader(name);
        }

        @Override
        public @Nullable String getParameter(String name) {
            return null;
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            return Map.of();
        }

        @Override
        public Enumeration<String> getParameterNames() {
            return Collections.emptyEnumeration();
        }

        @Override
        public String @Nullable [] getParameterValues(String name) {
            return null;
        }
    }
}
