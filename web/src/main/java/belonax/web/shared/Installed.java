package belonax.web.shared;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Properties;

/**
 * A Belonax that was installed and is started from a menu, where nobody reads a console: it opens the browser when it is ready, and where
 * it is running already.
 */
public final class Installed {
    private Installed() {}

    /** Tells whether this one was installed. */
    public static boolean is(Properties properties) {
        return Boolean.parseBoolean(properties.getProperty("belonax.installed"));
    }

    /** Returns the command by which this one is started, for a sentence that says what to type. */
    public static String command(Properties properties, boolean isDemo) {
        if (is(properties)) {
            return "belonax";
        }
        return isDemo ? "./start" : "./start --own";
    }

    /** Shows a page in the sewist's browser; where there is none, the console says its address. */
    public static void show(String address) {
        try {
            new ProcessBuilder(opener(address))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException noBrowser) {
            System.out.println("Open " + address + " in a browser.");
        }
    }

    private static List<String> opener(String address) {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        if (system.contains("mac")) {
            return List.of("open", address);
        }
        return system.contains("win")
                ? List.of("rundll32", "url.dll,FileProtocolHandler", address)
                : List.of("xdg-open", address);
    }
}
