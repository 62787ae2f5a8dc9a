package belonax.web.shared.form;

import belonax.room.usecase.CurrentIdempotencyKey;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Every form carries a key that is good for one press: Back and send again, a double tap, two tabs out of one history are one
 * press, which is carried out once and answered as often as it is asked.
 */
@Component
public class IdempotencyInterceptor implements HandlerInterceptor, WebMvcConfigurer {
    /** The name of the entry that holds the key. */
    static final String KEY = "press-key";

    /** The name of the entry that tells which needles the page of a form showed in its machine. */
    static final String SEEN = "seen-in-machine";

    /** Under this name a request knows what its page shows, worked out when it is asked for. */
    public static final String SHOWN = IdempotencyInterceptor.class.getName() + ".shown";

    private static final String TOKEN = "_csrf";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (HttpMethod.POST.matches(request.getMethod())) {
            CurrentIdempotencyKey.showed(request.getParameter(SEEN));
            key(request).ifPresent(id -> CurrentIdempotencyKey.begin(id, digest(request)));
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        CurrentIdempotencyKey.end();
    }

    private static Optional<UUID> key(HttpServletRequest request) {
        String sent = request.getParameter(KEY);
        try {
            return sent == null || sent.length() != 36 ? Optional.empty() : Optional.of(UUID.fromString(sent));
        } catch (IllegalArgumentException noKey) {
            return Optional.empty();
        }
    }

    /** What tells one press from another: where it was sent to, and everything that was sent but the token of the session. */
    private static String digest(HttpServletRequest request) {
        StringBuilder sent = new StringBuilder(request.getRequestURI());
        new TreeMap<>(request.getParameterMap()).forEach((name, values) -> {
            if (!name.equals(TOKEN)) {
                sent.append('\n').append(name).append('=').append(String.join("\u0000", values));
            }
        });
        if (request instanceof MultipartHttpServletRequest files) {
            for (MultipartFile multipartFile : files.getFileMap().values()) {
                sent.append('\n')
                        .append(multipartFile.getOriginalFilename())
                        .append(' ')
                        .append(multipartFile.getSize());
            }
        }
        try {
            byte[] bytes = sent.toString().getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
