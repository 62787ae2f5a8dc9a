package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PreflightTest {
    @TempDir
    private Path folder;

    @Test
    void a_free_port_and_a_fresh_folder_pass_and_a_second_belonax_on_it_is_told_so() throws IOException {
        assertThatCode(() -> check(folder.resolve("own"), String.valueOf(freePort())))
                .doesNotThrowAnyException();

        assertThatThrownBy(() -> check(folder.resolve("own"), String.valueOf(freePort())))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Another Belonax has the data folder");
    }

    @Test
    void a_taken_port_is_told_with_the_way_out() throws IOException {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(() -> check(folder.resolve("b"), String.valueOf(taken.getLocalPort())))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("is taken by another program")
                    .hasMessageContaining("BELONAX_PORT");
        }
    }

    @Test
    void a_folder_that_cannot_be_written_is_told_with_the_way_out() throws IOException {
        Path file = Files.createFile(folder.resolve("a-file"));

        assertThatThrownBy(() -> check(file.resolve("inside"), "8455"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("cannot write to its data folder")
                .hasMessageContaining("BELONAX_HOME");
    }

    @Test
    void what_is_kept_is_its_owners_alone() throws IOException {
        Path home = Files.createDirectories(folder.resolve("open"));
        Path file = Files.writeString(home.resolve("belonax.log"), "");
        Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r--r--"));

        OwnersOnly.close(home);

        assertThat(Files.getPosixFilePermissions(home)).isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
    }

    @Test
    void a_word_for_a_port_is_told() {
        assertThatThrownBy(() -> check(folder.resolve("c"), "thimble"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("“thimble” is not a port");
    }

    private static void check(Path home, String port) {
        Preflight.check(
                new Properties(), Map.of("BELONAX_HOME", home.toString(), "BELONAX_PORT", port), Optional.empty());
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }
}
