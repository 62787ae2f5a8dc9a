package belonax.web.shared;

import belonax.room.card.Kept;
import belonax.room.machine.MachineName;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.room.trouble.CaseBook;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.util.WebUtils;

/** What stands on every page: the thread path and the machine strip. */
@Component
public class Layout {
    /** Names the cookie that remembers which machine is on the table. */
    static final String MACHINE_COOKIE = "belonax-machine";

    private final SewingRoom room;
    private final SettingsStore settings;
    private final WorkLog work;
    private final CaseBook cases;

    Layout(SewingRoom room, SettingsStore settings, WorkLog work, CaseBook cases) {
        this.room = room;
        this.settings = settings;
        this.work = work;
        this.cases = cases;
    }

    /** Returns what the sewist chose. */
    public Settings settings() {
        return settings.now();
    }

    /** Adds the layout's parts, with the machine that this browser has on the table. */
    public void addTo(Model model, Optional<Stop> stop, HttpServletRequest request) {
        addTo(model, stop, onTheTable(request));
    }

    /** Adds the layout's parts, with this machine in the strip. */
    public void addTo(Model model, Optional<Stop> stop, Optional<MachineNow> machine) {
        model.addAttribute("stops", Arrays.asList(Stop.values()));
        model.addAttribute("stop", stop.orElse(null));
        model.addAttribute(
                "strip",
                MachineStrip.of(
                        machine,
                        machines(),
                        settings().units(),
                        machine.flatMap(work::running),
                        machine.flatMap(it -> cases.open(it.id())).map(Kept::id)));
        model.addAttribute("settings", settings());
        model.addAttribute("units", settings().units());
    }

    /** Returns the machine that this browser has on the table: the one chosen last, or else the first. */
    public Optional<MachineNow> onTheTable(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, MACHINE_COOKIE))
                .flatMap(it -> room.find(it.getValue()))
                .or(() -> machines().stream().findFirst().flatMap(it -> room.find(it.id())));
    }

    /** Returns the names of all machines, in the owner's order. */
    public List<MachineName> machines() {
        return room.names();
    }
}
