package belonax.web.shared;

import java.time.Duration;
import org.springframework.http.ResponseCookie;

/** What a browser remembers of its sewist, for our own pages alone. */
public final class BrowserCookie {
    private static final Duration YEAR = Duration.ofDays(365);

    private BrowserCookie() {}

    /** Returns the header by which it remembers a value for a year; an empty one is forgotten. */
    public static String header(String name, String value) {
        return header(name, value, "/", YEAR);
    }

    /** Returns the header by which it remembers a value so long, below a path; an empty one is forgotten. */
    public static String header(String name, String value, String path, Duration howLong) {
        return ResponseCookie.from(name, value)
                .httpOnly(true)
                .sameSite("Strict")
                .path(path)
                .maxAge(value.isEmpty() ? Duration.ZERO : howLong)
                .build()
                .toString();
    }
}
