package belonax.web.needles;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.room.card.DrawerStore;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.SewingRoom;
import belonax.room.supply.NeedleSupply;
import belonax.web.shared.NeedleWord;
import belonax.web.shared.form.FlashMessage;
import belonax.web.shared.sentence.Sentences;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.View;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.view.RedirectView;
import org.springframework.web.util.UriComponentsBuilder;

/** Records that a needle was changed, and takes a change back. Leads back to the page that asked. */
@Controller
class NeedleChanges {
    private final NeedleSupply supply;
    private final Undo undo;
    private final Sentences sentences;
    private final SewingRoom room;

    NeedleChanges(NeedleSupply supply, Undo undo, Sentences sentences, SewingRoom room) {
        this.supply = supply;
        this.undo = undo;
        this.sentences = sentences;
        this.room = room;
    }

    /**
     * What a page sends when its needle is fitted.
     *
     * @param needle its {@link NeedleWord}
     */
    public record FitForm(
            String machine,
            int place,
            @Nullable String needle,
            @Nullable UUID parked,
            @Nullable List<String> out,
            @Nullable String table,
            String back) {

        /** Returns the needle that the page showed in the place that was pressed; every place sends its own, in their order. */
        Optional<UUID> expectedOut() {
            return out == null || place < 0 || place >= out.size()
                    ? Optional.empty()
                    : DrawerStore.uuid(out.get(place));
        }

        Needle fitted() {
            return Optional.ofNullable(needle)
                    .flatMap(NeedleWord::read)
                    .orElseThrow(() -> new BadInput(
                            "needle", "This page names no needle that is made. Open Match again and press there."));
        }
    }

    @PostMapping("/needles/fit")
    View fit(@ModelAttribute FitForm form) {
        Optional<TableWork> work = sentences.work(form.table(), room.find(form.machine()));
        UUID action = form.parked() == null
                ? supply.fit(form.machine(), form.place(), form.fitted(), work, form.expectedOut())
                : supply.putBackIn(form.machine(), form.place(), form.parked(), work, form.expectedOut());
        return back(form.back(), Optional.of(action));
    }

    @PostMapping("/needles/undo")
    View undo(@RequestParam UUID action, @RequestParam String back, RedirectAttributes next) {
        undo.undo(action);
        FlashMessage.next(next, "Taken back: the strip shows what is in the machine again.");
        return back(back, Optional.empty());
    }

    /** Only ever leads to a page of ours: what is sent along counts as a query, never as an address. */
    private static View back(String back, Optional<UUID> done) {
        String query = Optional.ofNullable(
                        UriComponentsBuilder.fromUriString(back).build().getQuery())
                .orElse("");
        String address = UriComponentsBuilder.fromPath("/match")
                .query(query)
                .replaceQueryParam("done", done.stream().toArray())
                .build()
                .toUriString();
        RedirectView view = new RedirectView(address);
        view.setExpandUriTemplateVariables(false);
        view.setPropagateQueryParams(false);
        return view;
    }
}
