package belonax.web.shared.pairing;

import org.apache.catalina.connector.Connector;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Compression;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Has the server listen at the home network's address as well, on the same port; what goes over the air is made as small as here. */
@Component
class LanConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final Lan lan;

    LanConnector(Lan lan) {
        this.lan = lan;
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        lan.address().ifPresent(address -> {
            Connector connector = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
            connector.setPort(server.getPort());
            connector.setProperty("address", address);
            makeSmall(connector, server.getCompression());
            server.addAdditionalTomcatConnectors(connector);
        });
    }

    /** Spring tells its own connector alone what is made small. */
    private static void makeSmall(Connector connector, @Nullable Compression compression) {
        if (compression != null && compression.getEnabled()) {
            connector.setProperty("compression", "on");
            connector.setProperty(
                    "compressionMinSize",
                    String.valueOf(compression.getMinResponseSize().toBytes()));
            connector.setProperty("compressibleMimeType", String.join(",", compression.getMimeTypes()));
        }
    }
}
