package belonax.room.archive;

import belonax.BadInput;
import belonax.room.CraftJson;
import belonax.room.RoomProperties;
import belonax.room.card.DrawerStore;
import belonax.room.card.DrawerStore.CardLine;
import belonax.room.drawer.PictureStore;
import belonax.room.event.ColumnEvent;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * One JSON file of everything, which another computer takes in. Taking one in replaces all there is, in one go or not at
 * all; what was there before is written aside first.
 */
@Service
public class Archive {
    static final int VERSION = 2;
    public static final int MOST_BYTES = 60 << 20;

    private static final Logger LOG = LoggerFactory.getLogger(Archive.class);
    private static final String MARK = "archive";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSS");

    private final RoomArchive room;
    private final DrawerStore drawer;
    private final PictureStore pictures;
    private final SettingsStore settings;
    private final TransactionTemplate transactions;
    private final Clock clock;
    private final Path home;

    Archive(
            RoomArchive room,
            DrawerStore drawer,
            PictureStore pictures,
            SettingsStore settings,
            TransactionTemplate transactions,
            Clock clock,
            RoomProperties properties) {
        this.room = room;
        this.drawer = drawer;
        this.pictures = pictures;
        this.settings = settings;
        this.transactions = transactions;
        this.clock = clock;
        this.home = properties.home();
    }

    /** What an archive holds; pictures are JPEG in base 64. */
    record Content(
            String belonax,
            int version,
            Instant madeAt,
            Settings settings,
            RoomContent room,
            List<CardLine> drawer,
            Map<UUID, byte[]> pictures) {}

    /** Returns everything as one JSON document. */
    public byte[] write() {
        try {
            return CraftJson.mapper().writerWithDefaultPrettyPrinter().writeValueAsBytes(content());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Replaces everything by what an archive holds.
     *
     * @return the file in which what was there before is kept
     * @throws BadInput if it is no archive, cut short, too large, from a newer Belonax, or holds what makes no sense
     */
    public Path replace(byte[] archive) {
        Content content = read(archive);
        Map<UUID, PictureStore.Picture> drawn = new LinkedHashMap<>();
        content.pictures().forEach((card, jpeg) -> drawn.put(card, pictures.read(jpeg)));
        return replace(content, drawn);
    }

    /**
     * Takes everything out.
     *
     * @return the file in which what was there is kept
     */
    public Path empty() {
        Content nothing = new Content(
                MARK,
                VERSION,
                clock.instant(),
                settings.now(),
                new RoomContent(List.of(), List.of(), List.of()),
                List.of(),
                Map.of());
        return replace(nothing, Map.of());
    }

    private Path replace(Content content, Map<UUID, PictureStore.Picture> drawn) {
        Path before = writeAside();
        try {
            transactions.executeWithoutResult(it -> {
                room.replace(content.room());
                drawer.replace(content.drawer());
                settings.keep(content.settings());
            });
        } catch (BadInput bad) {
            throw inArchive(bad);
        } catch (RuntimeException contradiction) {
            LOG.warn("An archive could not be taken in", contradiction);
            throw new BadInput(
                    "archive",
                    "That archive contradicts itself: something in it names a thing that is not in it, or twice.");
        }
        pictures.replace(drawn);
        return before;
    }

    private Content content() {
        Map<UUID, byte[]> shown = new LinkedHashMap<>();
        pictures.all().forEach((card, picture) -> shown.put(card, picture.jpeg()));
        return new Content(MARK, VERSION, clock.instant(), settings.now(), room.content(), drawer.content(), shown);
    }

    private Path writeAside() {
        Path folder = home.resolve("before-archive");
        Path file = folder.resolve(STAMP.format(clock.instant().atZone(ZoneOffset.UTC)) + ".json");
        try {
            Files.createDirectories(folder);
            Files.write(file, write());
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Content read(byte[] archive) {
        BadInput.unless(
                archive.length <= MOST_BYTES, "archive", () -> "That file is larger than 60 MB, which no archive is.");
        try {
            JsonNode tree = CraftJson.mapper().readTree(new String(archive, StandardCharsets.UTF_8));
            BadInput.unless(
                    tree != null && MARK.equals(tree.path("belonax").asText()),
                    "archive",
                    () -> "That file is no archive of Belonax. Choose the .json file that Belonax wrote.");
            int version = tree.path("version").asInt(0);
            BadInput.unless(
                    version <= VERSION,
                    "archive",
                    () -> "That archive was written by a newer Belonax (version " + version
                            + "). Update this one, then take it in.");
            BadInput.unless(
                    version >= 1, "archive", () -> "That archive does not tell its version; it cannot be read.");
            if (version == 1) {
                liftEvents(tree.path("room").path("events"));
            }
            return checked(CraftJson.mapper().treeToValue(tree, Content.class));
        } catch (JsonMappingException e) {
            throw e.getCause() instanceof BadInput bad ? inArchive(bad) : unreadable();
        } catch (JsonProcessingException e) {
            throw new BadInput(
                    "archive",
                    "That file is no JSON, or was cut short. Choose the whole .json file that Belonax wrote.");
        }
    }

    /** The first version kept an event in columns that meant another thing for every kind. */
    private static void liftEvents(JsonNode events) throws JsonProcessingException {
        for (JsonNode it : events) {
            ColumnEvent old = CraftJson.mapper().treeToValue(it, ColumnEvent.class);
            ObjectNode event = (ObjectNode) it;
            event.retain("action", "at", "kind");
            event.set("event", CraftJson.tree(old.lifted()));
        }
    }

    private static Content checked(Content content) {
        boolean whole = content.room() != null
                && content.drawer() != null
                && content.settings() != null
                && content.pictures() != null
                && content.room().machines() != null;
        BadInput.unless(whole, "archive", () -> "That archive lacks a part. Choose the file as Belonax wrote it.");
        return content;
    }

    private static BadInput inArchive(BadInput bad) {
        return new BadInput("archive", "Something in that archive makes no sense. " + bad.getMessage());
    }

    private static BadInput unreadable() {
        return new BadInput(
                "archive", "Something in that archive is not as Belonax writes it. Choose the file as it was written.");
    }
}
