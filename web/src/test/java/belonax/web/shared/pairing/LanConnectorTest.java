package belonax.web.shared.pairing;

import static org.assertj.core.api.Assertions.assertThat;

import org.apache.catalina.connector.Connector;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Compression;

class LanConnectorTest {
    private static TomcatServletWebServerFactory server(boolean lan) {
        TomcatServletWebServerFactory server = new TomcatServletWebServerFactory(8455);
        Compression compression = new Compression();
        compression.setEnabled(true);
        server.setCompression(compression);
        new LanConnector(new Lan(new LanProperties(lan, "192.0.2.7"))).customize(server);
        return server;
    }

    @Test
    void the_home_network_gets_one_address_more_at_which_all_is_made_small() {
        assertThat(server(true).getAdditionalTomcatConnectors()).singleElement().satisfies(connector -> {
            assertThat(connector.getPort()).isEqualTo(8455);
            assertThat(connector.getProperty("compression")).isEqualTo("on");
            assertThat(compressible(connector)).contains("text/css", "application/json");
        });
    }

    @Test
    void without_being_asked_it_listens_nowhere_else() {
        assertThat(server(false).getAdditionalTomcatConnectors()).isEmpty();
    }

    private static String compressible(Connector connector) {
        return String.valueOf(connector.getProperty("compressibleMimeType"));
    }
}
