package belonax.web.shared;

import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;

/** Stops Belonax from within, once the page that asked for it is answered. */
@Component
public class Closing {
    private static final long ANSWERED_BY_MILLIS = 500;

    private final ApplicationContext application;

    Closing(ApplicationContext application) {
        this.application = application;
    }

    /** Tells whether it was installed, and so has no console to be stopped at. */
    public boolean isInstalled() {
        return Installed.is(System.getProperties());
    }

    /** Stops it in a moment. */
    public void stopSoon() {
        Thread stop = new Thread(this::stop, "stopping");
        stop.setDaemon(false);
        stop.start();
    }

    private void stop() {
        try {
            Thread.sleep(ANSWERED_BY_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        System.exit(SpringApplication.exit(application));
    }
}
