package belonax.web.shared.api;

import org.springframework.http.HttpStatus;

/** What a status means to somebody who calls the JSON interface. */
public final class PlainWords {
    private PlainWords() {}

    /** Returns a sentence that says what to do. */
    public static String of(HttpStatus status) {
        return switch (status) {
            case BAD_REQUEST -> "This call cannot be read. Compare it with the description at /v3/api-docs.";
            case FORBIDDEN ->
                "This form has expired or comes from elsewhere. Open the page again and send it once more.";
            case NOT_FOUND -> "There is nothing at this address. The description at /v3/api-docs lists what there is.";
            case METHOD_NOT_ALLOWED -> "This address does not take that method. The Allow header names those it takes.";
            case NOT_ACCEPTABLE -> "This address answers in application/json. Ask for that.";
            case PAYLOAD_TOO_LARGE -> "The body is larger than 1 MiB. Send less at once.";
            case UNSUPPORTED_MEDIA_TYPE -> "Send the body as application/json.";
            default -> status.getReasonPhrase() + ".";
        };
    }
}
