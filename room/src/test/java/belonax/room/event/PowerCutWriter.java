package belonax.room.event;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.SessionFactory;
import org.hibernate.boot.model.naming.CamelCaseToUnderscoresNamingStrategy;
import org.hibernate.cfg.Configuration;

/** Writes events through the application's own entity, one after another, and names each once it is confirmed. */
public final class PowerCutWriter {
    private PowerCutWriter() {}

    public static void main(String[] args) {
        Configuration configuration = new Configuration().addAnnotatedClass(StoredEvent.class);
        configuration.setPhysicalNamingStrategy(new CamelCaseToUnderscoresNamingStrategy());
        configuration.setProperty("hibernate.connection.url", args[0]);
        configuration.setProperty("hibernate.connection.username", "sewist");
        configuration.setProperty("hibernate.connection.password", "");
        try (SessionFactory store = configuration.buildSessionFactory()) {
            for (int i = 0; i < 100_000; i++) {
                UUID action = UUID.randomUUID();
                StoredEvent event =
                        new StoredEvent(action, Instant.now().truncatedTo(ChronoUnit.MILLIS), new Event.JarEmptied());
                store.inTransaction(session -> session.persist(event));
                System.out.println(action);
            }
        }
    }
}
