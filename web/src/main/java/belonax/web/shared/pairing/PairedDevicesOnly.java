package belonax.web.shared.pairing;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * What comes in at the home network's address is answered only to paired devices. Before pairing there is one page, on which
 * the code is named, and what it looks like.
 */
@Component
public class PairedDevicesOnly extends OncePerRequestFilter {
    /** Names the cookie that holds a device's secret. */
    public static final String COOKIE = "belonax-device";

    private static final List<String> OPEN = List.of("/fonts/", "/app", "/icon");

    private final Pairing pairing;

    public PairedDevicesOnly(Pairing pairing) {
        this.pairing = pairing;
    }

    /** Tells whether a request was made at the computer itself. */
    public static boolean isAtTheComputer(HttpServletRequest request) throws IOException {
        return InetAddress.getByName(request.getLocalAddr()).isLoopbackAddress();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isAtTheComputer(request) || isPaired(request) || isOpen(request)) {
            chain.doFilter(request, response);
        } else if (request.getRequestURI().startsWith("/api/")) {
            response.setStatus(HttpStatus.UNAUTHORIZED.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getWriter()
                    .write(
                            "{\"status\":401,\"title\":\"Not paired\",\"detail\":\"Open /pair on this device and name the"
                                    + " code that Belonax printed.\"}");
        } else {
            response.setStatus(HttpStatus.SEE_OTHER.value());
            response.setHeader("Location", "/pair");
        }
    }

    private boolean isPaired(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie != null && pairing.knows(cookie.getValue());
    }

    /** Nothing that is kept here can be reached through these. */
    private static boolean isOpen(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean plain = !path.contains("..") && !path.contains(";") && !path.contains("%") && !path.contains("//");
        return plain
                && (path.equals("/pair")
                        || OPEN.stream().anyMatch(path::startsWith)
                                && Arrays.asList("GET", "HEAD").contains(request.getMethod())
                                && path.matches("/(fonts/[^/]+|app[^/]*\\.css|icon[^/]*\\.svg)"));
    }
}
