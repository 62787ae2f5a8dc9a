package belonax.web.shared;

import belonax.room.card.BadCards;
import belonax.room.card.Kept;
import belonax.room.machine.MachineName;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.room.trouble.CaseBook;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.WebUtils;
import org.thymeleaf.context.LazyContextVariable;

/** What stands on every page: the thread path and the machine bar. */
@Component
public class Layout {
    /** Names the cookie that remembers which machine is on the table. */
    static final String MACHINE_COOKIE = "belonax-machine";

    /** Names the machine in addresses, and in what a form sends along. */
    private static final String MACHINE = "machine";

    /** Names the entry in which a form sends the sentence of its page along. */
    public static final String SENTENCE = "table";

    private static final String STRIP_MACHINE = "stripMachine";

    private static final String ON_THE_TABLE = Layout.class.getName();

    private final SewingRoom room;
    private final SettingsStore settings;
    private final WorkLog work;
    private final CaseBook cases;
    private final BadCards bad;

    Layout(SewingRoom room, SettingsStore settings, WorkLog work, CaseBook cases, BadCards bad) {
        this.bad = bad;
        this.room = room;
        this.settings = settings;
        this.work = work;
        this.cases = cases;
    }

    /** Returns what the sewist chose. */
    public Settings settings() {
        return settings.now();
    }

    /** Returns the cards that could not be read. */
    List<BadCards.Bad> badCards() {
        return bad.all();
    }

    /** Puts this machine into the strip, in place of the one that this browser has on the table. */
    public void show(Model model, MachineNow machine) {
        show(model, () -> Optional.of(machine));
    }

    /** Returns which needles the strip of a page shows, as its forms send them along; empty where it shows none. */
    static String shown(Model model) {
        return model.getAttribute(STRIP_MACHINE) instanceof Shown shown
                ? shown.machine().get().map(MachineNow::seen).orElse("")
                : "";
    }

    /** The machine of the strip, found once it is asked for. */
    private record Shown(Supplier<Optional<MachineNow>> machine) {}

    void show(Model model, Supplier<Optional<MachineNow>> machine) {
        model.addAttribute(STRIP_MACHINE, new Shown(machine));
        model.addAttribute("strip", new LazyContextVariable<MachineBar>() {
            @Override
            protected MachineBar loadValue() {
                return strip(machine.get());
            }
        });
    }

    private MachineBar strip(Optional<MachineNow> machine) {
        return MachineBar.of(
                machine,
                machines(),
                settings().units(),
                machine.flatMap(work::running),
                machine.flatMap(machineNow -> cases.open(machineNow.id())).map(Kept::id));
    }

    /** Returns the machine that the address names, or the one that this browser has on the table: the one chosen last, or else the first. */
    @SuppressWarnings("unchecked") // Under this name stands nothing else.
    public Optional<MachineNow> onTheTable(HttpServletRequest request) {
        Optional<MachineNow> known = (Optional<MachineNow>) request.getAttribute(ON_THE_TABLE);
        if (known != null) {
            return known;
        }
        Optional<MachineNow> found = find(request);
        request.setAttribute(ON_THE_TABLE, found);
        return found;
    }

    private Optional<MachineNow> find(HttpServletRequest request) {
        return named(request)
                .flatMap(room::find)
                .or(() -> remembered(request).flatMap(room::find))
                .or(() -> machines().stream().findFirst().flatMap(machineName -> room.find(machineName.id())));
    }

    /** The machine that was named last stays on this browser's table, whatever the next address says. */
    void remember(HttpServletRequest request, HttpServletResponse response) {
        named(request)
                .filter(text -> !remembered(request).equals(Optional.of(text)))
                .filter(text -> machines().stream().anyMatch(known -> known.id().equals(text)))
                .ifPresent(text -> response.addHeader(HttpHeaders.SET_COOKIE, cookie(text)));
    }

    /** Returns the header by which a browser remembers its machine. */
    static String cookie(String machine) {
        return BrowserCookie.header(MACHINE_COOKIE, machine);
    }

    /** Returns the machine that is named by the address, or by the sentence that a form sends along. */
    private static Optional<String> named(HttpServletRequest request) {
        return Optional.ofNullable(request.getParameter(MACHINE))
                .or(() -> Optional.ofNullable(request.getParameter(SENTENCE))
                        .map(text -> UriComponentsBuilder.newInstance()
                                .query(text)
                                .build()
                                .getQueryParams()
                                .getFirst(MACHINE)));
    }

    private static Optional<String> remembered(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, MACHINE_COOKIE)).map(Cookie::getValue);
    }

    /** Returns the names of all machines, in the owner's order. */
    public List<MachineName> machines() {
        return room.names();
    }
}
