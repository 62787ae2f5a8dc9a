package belonax.web.drawer;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;

/** Where a form of the drawer leads: back to the drawer, where the change can be taken back, or again to the page that asked. */
public final class KeptForm {
    private KeptForm() {}

    /** Leads on after changes that are taken back together; shows the page again when they were refused. */
    public static String leads(Optional<List<UUID>> changes, String page, HttpServletResponse response) {
        if (changes.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return page;
        }
        return "redirect:/drawer?done="
                + changes.get().stream().map(UUID::toString).collect(Collectors.joining(","));
    }

    /** Leads on after something was taken out of the drawer. */
    public static String removed(UUID change) {
        return "redirect:/drawer?done=" + change;
    }
}
