package belonax.web.shared.security;

import belonax.web.shared.BrowserCookie;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.web.util.WebUtils;

/**
 * The token that every form carries: it follows from the browser's own secret, which is in a cookie that no script and no other site
 * reads, and from the key of this data folder. So it cannot be made from a cookie alone, and a page that was open holds after a restart.
 */
final class BrowserTokens implements CsrfTokenRepository {
    static final String COOKIE = "belonax-browser";

    private static final String HEADER = "X-CSRF-TOKEN";
    private static final String ENTRY = "_csrf";
    private static final String NEW = BrowserTokens.class.getName();
    private static final int SECRET_BYTES = 24;
    private static final String METHOD = "HmacSHA256";

    private final SecretKeySpec key;
    private final SecureRandom random = new SecureRandom();

    BrowserTokens(byte[] key) {
        this.key = new SecretKeySpec(key, METHOD);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie == null || cookie.getValue().isBlank() ? null : token(cookie.getValue());
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String value = text(secret);
        request.setAttribute(NEW, value);
        return token(value);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        if (token != null && request.getAttribute(NEW) instanceof String secret) {
            response.addHeader(HttpHeaders.SET_COOKIE, BrowserCookie.header(COOKIE, secret));
        }
    }

    private CsrfToken token(String secret) {
        try {
            Mac mac = Mac.getInstance(METHOD);
            mac.init(key);
            return new DefaultCsrfToken(HEADER, ENTRY, text(mac.doFinal(secret.getBytes(StandardCharsets.UTF_8))));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(byte[] bytes) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
