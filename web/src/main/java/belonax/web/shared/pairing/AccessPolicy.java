package belonax.web.shared.pairing;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/**
 * Tells who is let in: what comes in at the home network's address is answered only to paired devices. Before pairing there is
 * one page, on which the code is named, and what it looks like.
 */
@Component
public class AccessPolicy {
    /** Names the cookie that holds a device's secret. */
    public static final String COOKIE = "belonax-device";

    private static final List<String> OPEN = List.of("/fonts/", "/app", "/icon");

    private final Pairing pairing;

    public AccessPolicy(Pairing pairing) {
        this.pairing = pairing;
    }

    /** Tells whether a request was made at the computer itself. */
    public static boolean isAtTheComputer(HttpServletRequest request) {
        try {
            return InetAddress.getByName(request.getLocalAddr()).isLoopbackAddress();
        } catch (UnknownHostException noAddress) {
            return false;
        }
    }

    /** Tells whether a request is answered. */
    public boolean letsIn(HttpServletRequest request) {
        return isAtTheComputer(request) || isPaired(request) || isOpen(request);
    }

    /** Tells whether somebody asks who may look in: the computer itself, or a paired device. */
    public boolean knows(HttpServletRequest request) {
        return isAtTheComputer(request) || isPaired(request);
    }

    /** Tells whether a request may do what concerns the whole room: empty it, go back, take an archive in, send others away. */
    public boolean mayAll(HttpServletRequest request) {
        return isAtTheComputer(request) || hasSecret(request, pairing::mayAll);
    }

    private boolean isPaired(HttpServletRequest request) {
        return hasSecret(request, pairing::knows);
    }

    private static boolean hasSecret(HttpServletRequest request, Predicate<String> which) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie != null && which.test(cookie.getValue());
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
