package belonax.web.drawer;

import belonax.BadInput;
import belonax.room.ChangedMeanwhile;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.FormPage;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;

/**
 * What every form of the drawer does when it is sent: it records and leads back to the drawer, where the change can be taken
 * back; or it is shown again with what was typed and what is wrong.
 *
 * @param page the template that is shown again
 * @param show puts the entries and the lists of the page into the model
 */
record Again(String page, HttpServletResponse response, Model model, Consumer<Entries> show) {

    /** Records and leads back, or shows the form again. */
    String or(Entries entries, Supplier<UUID> change) {
        return orAll(entries, () -> List.of(change.get()));
    }

    /** Does the same for several changes that are taken back together. */
    String orAll(Entries entries, Supplier<List<UUID>> changes) {
        try {
            return "redirect:/drawer?done="
                    + changes.get().stream().map(UUID::toString).collect(Collectors.joining(","));
        } catch (ChangedMeanwhile changed) {
            return again(entries, new BadInput("", String.valueOf(changed.getMessage())));
        } catch (BadInput refused) {
            return again(entries, refused);
        }
    }

    private String again(Entries entries, BadInput refused) {
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
        show.accept(entries);
        model.addAttribute("keeping", true);
        FormPage.refuse(model, refused);
        return page;
    }
}
