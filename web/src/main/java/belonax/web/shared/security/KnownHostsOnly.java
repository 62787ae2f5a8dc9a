package belonax.web.shared.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses a request whose Host header names another machine. A page elsewhere could otherwise have its own name resolve to
 * this computer and read the sewing room through the sewist's browser.
 */
final class KnownHostsOnly extends OncePerRequestFilter {
    private static final Set<String> THIS_COMPUTER = Set.of("localhost", "127.0.0.1", "[::1]");

    private final Optional<String> lanAddress;

    KnownHostsOnly(Optional<String> lanAddress) {
        this.lanAddress = lanAddress;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isKnown(request.getServerName())) {
            chain.doFilter(request, response);
        } else {
            response.setStatus(421); // Misdirected request.
            response.setContentType(MediaType.TEXT_PLAIN_VALUE);
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            response.getWriter().write("Belonax answers on this computer only. Open it as http://localhost.");
        }
    }

    private boolean isKnown(String host) {
        return THIS_COMPUTER.contains(host)
                || THIS_COMPUTER.contains("[" + host + "]")
                || lanAddress.equals(Optional.of(host));
    }
}
