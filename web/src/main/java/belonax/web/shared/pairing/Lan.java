package belonax.web.shared.pairing;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.stereotype.Component;

/** The one address of the home network at which Belonax listens too, if it was asked to. */
@Component
@EnableConfigurationProperties(LanProperties.class)
public class Lan {
    private final Optional<String> address;

    Lan(LanProperties asked) {
        String named = asked.lanAddress() == null ? "" : asked.lanAddress();
        this.address = asked.lan() ? Optional.of(named.isBlank() ? found() : named) : Optional.empty();
    }

    /** Returns the address; empty without {@code --lan}. */
    public Optional<String> address() {
        return address;
    }

    private static String found() {
        try {
            List<NetworkInterface> all = Collections.list(NetworkInterface.getNetworkInterfaces());
            return all.stream()
                    .flatMap(Lan::addresses)
                    .min(Comparator.comparing(inetAddress -> !inetAddress.isSiteLocalAddress()))
                    .map(InetAddress::getHostAddress)
                    .orElseThrow(() -> new IllegalStateException(
                            "This computer is on no network. Join one, or start Belonax without --lan."));
        } catch (SocketException e) {
            throw new IllegalStateException("The network cannot be asked. Start Belonax without --lan.", e);
        }
    }

    private static Stream<InetAddress> addresses(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback() && !network.isPointToPoint()
                    ? Collections.list(network.getInetAddresses()).stream()
                            .filter(inetAddress ->
                                    inetAddress instanceof Inet4Address && !inetAddress.isLinkLocalAddress())
                    : Stream.empty();
        } catch (SocketException e) {
            return Stream.empty();
        }
    }
}
