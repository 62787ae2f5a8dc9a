package belonax.web.shared.pairing;

import org.apache.catalina.connector.Connector;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Has the server listen at the home network's address as well, on the same port; what goes over the air is made small. */
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
            connector.setProperty("compression", "on");
            connector.setProperty("compressionMinSize", "1024");
            connector.setProperty("compressibleMimeType", "text/css,text/javascript,application/json,image/svg+xml");
            server.addAdditionalTomcatConnectors(connector);
        });
    }
}
