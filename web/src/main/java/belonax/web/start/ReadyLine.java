package belonax.web.start;

import belonax.web.shared.Installed;
import belonax.web.shared.drawing.QrMark;
import belonax.web.shared.pairing.Lan;
import belonax.web.shared.pairing.Pairing;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Prints where Belonax is to be found, on the one line of the console that matters. */
@Component
class ReadyLine {
    private final Environment environment;
    private final Lan lan;
    private final Pairing pairing;

    ReadyLine(Environment environment, Lan lan, Pairing pairing) {
        this.environment = environment;
        this.lan = lan;
        this.pairing = pairing;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web) {
            String whose = environment.matchesProfiles("demo") ? "with demo data" : "with your own data";
            System.out.println("Belonax is ready " + whose + ": http://localhost:"
                    + web.getWebServer().getPort() + "  (stop it with Ctrl+C)");
            if (Installed.is(System.getProperties())) {
                Installed.show("http://localhost:" + web.getWebServer().getPort());
            }
            lan.address()
                    .ifPresent(text -> tellTablets(
                            "http://" + text + ":" + web.getWebServer().getPort()));
        }
    }

    /** The code pairs one device; it is shown here and in the settings on this computer, nowhere else. */
    private void tellTablets(String address) {
        String code = pairing.newCode();
        System.out.println("A tablet at the machine: open " + address + " and name the code " + code);
        System.out.println(QrMark.forConsole(address + "/pair?code=" + code));
    }
}
