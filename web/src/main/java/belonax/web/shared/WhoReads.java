package belonax.web.shared;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;

/** Who reads strips in this browser: a name that it remembers, so that several sewists at one machine are told apart. */
public final class WhoReads {
    private static final String COOKIE = "belonax-reader";
    private static final int LONGEST = 40;

    private WhoReads() {}

    /** Returns the name; empty for whoever gave none. */
    public static String at(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .map(WhoReads::decoded)
                .filter(it -> it.length() <= LONGEST && it.chars().noneMatch(Character::isISOControl))
                .orElse("");
    }

    /** Returns the header by which a browser remembers the name. */
    public static String remembered(String name) {
        return ResponseCookie.from(COOKIE, URLEncoder.encode(name, StandardCharsets.UTF_8))
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(name.isEmpty() ? Duration.ZERO : Duration.ofDays(365))
                .build()
                .toString();
    }

    private static String decoded(String value) {
        try {
            return URLDecoder.decode(value, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException garbled) {
            return "";
        }
    }
}
