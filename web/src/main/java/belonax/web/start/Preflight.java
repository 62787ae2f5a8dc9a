package belonax.web.start;

import belonax.room.usecase.DiskSpace;
import belonax.web.shared.Installed;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import org.jspecify.annotations.Nullable;

/**
 * Looks, before anything is loaded, whether the data folder can be written, whether another Belonax has it open, and
 * whether the port is free. Takes a second instead of the ten that the framework needs to find out.
 */
public final class Preflight {
    private static final String LOCK = "belonax.lock";

    /** Held as long as the process lives, so that two of them never open one database. */
    private static @Nullable FileLock heldForLife;

    private Preflight() {}

    /** Returns the list of copies in the data folder. */
    public static String copies(Properties properties, Map<String, String> environment) {
        return CopiesCommand.list(home(properties, environment), starts(properties));
    }

    private static String starts(Properties properties) {
        return Installed.command(properties, "demo".equals(properties.getProperty("spring.profiles.active")));
    }

    /**
     * Checks folder, lock, port and what can be seen of the database from outside.
     *
     * @param copy the copy that is to be gone back to; then the database is set aside instead of looked at
     * @throws Refusal with the first thing that is wrong
     */
    public static void check(Properties properties, Map<String, String> environment, Optional<String> copy) {
        if ("onRefresh".equals(properties.getProperty("spring.context.exit"))) {
            return; // Only recording which classes are loaded.
        }
        Path home = home(properties, environment);
        int port = port(setting(properties, environment, "server.port", "BELONAX_PORT", "8455"));
        lock(writable(home));
        OwnersOnly.close(home);
        checkRoom(home);
        checkFree(port);
        if (copy.isPresent()) {
            CopiesCommand.setAside(home, copy.get(), Clock.systemUTC());
            properties.setProperty("belonax.go-back-to", copy.get());
        } else {
            Damage.check(home, starts(properties));
        }
    }

    /** Returns the data folder. */
    static Path home(Properties properties, Map<String, String> environment) {
        return Path.of(setting(properties, environment, "belonax.home", "BELONAX_HOME", defaultHome()));
    }

    private static void checkRoom(Path home) {
        long free = DiskSpace.free(home);
        if (free < DiskSpace.RESERVE_BYTES) {
            throw new Refusal(
                    "The disk is full: " + (free >> 20) + " MB are free where Belonax keeps its data, and it needs "
                            + (DiskSpace.RESERVE_BYTES >> 20) + ". Make room, then start it again.");
        }
    }

    private static String defaultHome() {
        return Path.of(System.getProperty("user.home"), ".belonax").toString();
    }

    private static String setting(
            Properties properties,
            Map<String, String> environment,
            String property,
            String variable,
            String otherwise) {
        return properties.getProperty(property, environment.getOrDefault(variable, otherwise));
    }

    /** Returns where Belonax is to be found. */
    public static String address(Properties properties, Map<String, String> environment) {
        return "http://localhost:" + port(setting(properties, environment, "server.port", "BELONAX_PORT", "8455"));
    }

    private static int port(String text) {
        try {
            int port = Integer.parseInt(text);
            if (port >= 1 && port <= 65535) {
                return port;
            }
        } catch (NumberFormatException e) {
            // Told below, together with numbers that are no ports.
        }
        throw new Refusal("“" + text + "” is not a port. Set BELONAX_PORT to a number from 1024 to 65535.");
    }

    private static Path writable(Path home) {
        try {
            Files.createDirectories(home);
            Path probe = Files.createTempFile(home, "can-write", ".tmp");
            Files.delete(probe);
            return home;
        } catch (IOException e) {
            throw new Refusal("Belonax cannot write to its data folder " + home
                    + ". Make it writable, or name another one in BELONAX_HOME.");
        }
    }

    @SuppressWarnings("resource") // The channel stays open with the lock, for the life of the process.
    private static void lock(Path home) {
        try {
            FileChannel channel =
                    FileChannel.open(home.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            heldForLife = channel.tryLock();
        } catch (IOException | OverlappingFileLockException e) {
            heldForLife = null;
        }
        if (heldForLife == null) {
            throw Refusal.running(
                    "Another Belonax has the data folder " + home + " open. Use that one, or stop it and start again.");
        }
    }

    private static void checkFree(int port) {
        try (ServerSocket socket = new ServerSocket()) {
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
        } catch (IOException e) {
            throw new Refusal("Port " + port
                    + " is taken by another program. Stop it, or set BELONAX_PORT to another number, such as "
                    + (port + 1) + ".");
        }
    }
}
