package belonax.web.shared.sentence;

import java.nio.charset.StandardCharsets;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/** The address of a set-up sentence, each part word for word as it was typed. */
final class Address {
    private final UriComponentsBuilder uri;

    Address(String path) {
        uri = UriComponentsBuilder.fromPath(path);
    }

    Address with(String name, String typed) {
        uri.queryParam(name, UriUtils.encode(typed, StandardCharsets.UTF_8));
        return this;
    }

    @Override
    public String toString() {
        return uri.build(true).toUriString();
    }
}
