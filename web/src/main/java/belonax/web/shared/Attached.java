package belonax.web.shared;

import org.springframework.http.ContentDisposition;

/** Names a file that is answered, so that a browser keeps or shows it under that name. */
public final class Attached {
    private Attached() {}

    /** Returns the header's value for a file to be kept. */
    public static String toKeep(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }

    /** Returns the header's value for a file to be shown. */
    public static String toShow(String name) {
        return ContentDisposition.inline().filename(name).build().toString();
    }
}
