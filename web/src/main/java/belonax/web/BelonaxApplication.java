package belonax.web;

import belonax.web.shared.Installed;
import belonax.web.start.CopiesCommand;
import belonax.web.start.Preflight;
import belonax.web.start.Refusal;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Belonax, from the command line. */
@SpringBootApplication
public class BelonaxApplication {

    /** Starts Belonax, or says in one sentence why it cannot. */
    public static void main(String[] arguments) {
        try {
            if (CopiesCommand.isList(arguments)) {
                System.out.println(Preflight.copies(System.getProperties(), System.getenv()));
                return;
            }
            Preflight.check(System.getProperties(), System.getenv(), CopiesCommand.wanted(arguments));
        } catch (Refusal refusal) {
            if (refusal.isRunning() && Installed.is(System.getProperties())) {
                String address = Preflight.address(System.getProperties(), System.getenv());
                System.out.println("Belonax is running already: " + address);
                Installed.show(address);
                return;
            }
            System.err.println(refusal.getMessage());
            System.exit(1);
        }
        SpringApplication.run(BelonaxApplication.class, arguments);
    }
}
