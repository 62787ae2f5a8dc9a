package belonax.room;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where the room is kept.
 *
 * @param home the data folder
 */
@ConfigurationProperties("belonax")
public record RoomProperties(Path home) {
    /** Names the database's file in the data folder. */
    public static final String DATABASE = "belonax.mv.db";
}
