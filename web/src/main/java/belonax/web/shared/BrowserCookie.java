package belonax.web.shared;

import java.time.Duration;
import org.springframework.http.ResponseCookie;

/** What a browser remembers of its sewist for a year, for our own pages alone. */
final class BrowserCookie {
    private BrowserCookie() {}

    /** Returns the header by which it remembers a value; an empty one is forgotten. */
    static String header(String name, String value) {
        return ResponseCookie.from(name, value)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(value.isEmpty() ? Duration.ZERO : Duration.ofDays(365))
                .build()
                .toString();
    }
}
