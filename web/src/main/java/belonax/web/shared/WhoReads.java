package belonax.web.shared;

import belonax.room.practice.DrillAnswer;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.web.util.WebUtils;

/** Who reads strips in this browser: a name that it remembers, so that several sewists at one machine are told apart. */
public final class WhoReads {
    private static final String COOKIE = "belonax-reader";

    private WhoReads() {}

    /** Returns the name; empty for whoever gave none. */
    public static String at(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .map(WhoReads::decoded)
                .filter(text -> text.length() <= DrillAnswer.LONGEST_NAME
                        && text.chars().noneMatch(Character::isISOControl))
                .orElse("");
    }

    /** Returns the header by which a browser remembers the name. */
    public static String remembered(String name) {
        return BrowserCookie.header(COOKIE, URLEncoder.encode(name, StandardCharsets.UTF_8));
    }

    private static String decoded(String value) {
        try {
            return URLDecoder.decode(value, StandardCharsets.UTF_8);
        } catch (IllegalArgumentException garbled) {
            return "";
        }
    }
}
