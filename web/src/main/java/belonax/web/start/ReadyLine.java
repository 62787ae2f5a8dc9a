package belonax.web.start;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Prints where Belonax is to be found, on the one line of the console that matters. */
@Component
class ReadyLine {
    private final Environment environment;

    ReadyLine(Environment environment) {
        this.environment = environment;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web) {
            String whose = environment.matchesProfiles("demo") ? "with demo data" : "with your own data";
            System.out.println("Belonax is ready " + whose + ": http://localhost:"
                    + web.getWebServer().getPort() + "  (stop it with Ctrl+C)");
        }
    }
}
