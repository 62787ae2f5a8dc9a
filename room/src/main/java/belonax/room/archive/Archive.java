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
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/**
 * One file of everything, which another computer takes in. Taking one in replaces all there is, in one go or not at
 * all; what was there before is written aside first.
 */
@Service
public class Archive {
    static final int VERSION = 3;

    private static final Logger LOG = LoggerFactory.getLogger(Archive.class);
    private static final String MARK = "archive";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSS");

    private final RoomArchive room;
    private final DrawerStore drawer;
    private final PictureStore pictures;
    private final SettingsStore settings;
    private final TransactionTemplate transactions;
    private final TransactionTemplate snapshot;
    private final Clock clock;
    private final Path home;

    Archive(
            RoomArchive room,
            DrawerStore drawer,
            PictureStore pictures,
            SettingsStore settings,
            PlatformTransactionManager manager,
            Clock clock,
            RoomProperties properties) {
        this.room = room;
        this.drawer = drawer;
        this.pictures = pictures;
        this.settings = settings;
        this.transactions = new TransactionTemplate(manager);
        this.snapshot = new TransactionTemplate(manager);
        snapshot.setReadOnly(true);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        this.clock = clock;
        this.home = properties.home();
    }

    /**
     * What an archive's document holds.
     *
     * @param pictures only in archives before the third version: JPEG in base 64
     */
    record Content(
            String belonax,
            int version,
            Instant madeAt,
            Settings settings,
            RoomContent room,
            List<CardLine> drawer,
            @Nullable Map<UUID, byte[]> pictures) {}

    /** Writes everything, as it is at one moment. */
    public void write(OutputStream out) {
        Content content = Objects.requireNonNull(snapshot.execute(it -> content()));
        try {
            ArchiveFile.write(
                    out,
                    it -> CraftJson.mapper().writerWithDefaultPrettyPrinter().writeValue(it, content),
                    home);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Replaces everything by what an archive holds.
     *
     * @return the file in which what was there before is kept
     * @throws BadInput if it is no archive, cut short, too large, from a newer Belonax, or holds what makes no sense
     */
    public Path replace(Path archive) {
        return replaceBy(unfolded -> read(archive, unfolded));
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
                null);
        return replaceBy(unfolded -> nothing);
    }

    /** Reads what comes in, and unfolds its files into a folder. */
    private interface Incoming {
        Content read(Path unfolded) throws IOException;
    }

    private Path replaceBy(Incoming incoming) {
        try {
            Files.createDirectories(home);
            Path unfolded = Files.createTempDirectory(home, "incoming");
            try {
                return replace(incoming.read(unfolded), unfolded);
            } finally {
                FileSystemUtils.deleteRecursively(unfolded);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path replace(Content content, Path unfolded) throws IOException {
        Path before = writeAside();
        Path older = unfolded.resolve("older");
        try {
            transactions.executeWithoutResult(it -> {
                room.replace(content.room());
                drawer.replace(content.drawer());
                settings.keep(content.settings());
                swap(unfolded, older);
            });
        } catch (RuntimeException refused) {
            if (Files.isDirectory(older)) {
                swap(older, unfolded.resolve("refused"));
            }
            throw told(refused);
        }
        return before;
    }

    private static BadInput told(RuntimeException refused) {
        if (refused instanceof BadInput bad) {
            return inArchive(bad);
        }
        LOG.warn("An archive could not be taken in", refused);
        return new BadInput(
                "archive",
                "That archive contradicts itself: something in it names a thing that is not in it, or twice.");
    }

    private void swap(Path files, Path older) {
        try {
            Files.createDirectories(older);
            ArchiveFile.swap(home, files, older);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Content content() {
        return new Content(MARK, VERSION, clock.instant(), settings.now(), room.content(), drawer.content(), null);
    }

    private Path writeAside() {
        Path folder = home.resolve("before-archive");
        Path file = folder.resolve(STAMP.format(clock.instant().atZone(ZoneOffset.UTC)) + ".zip");
        try {
            Files.createDirectories(folder);
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                write(out);
            }
            return file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Archives were one JSON document before the third version. */
    private Content read(Path archive, Path unfolded) throws IOException {
        if (isZip(archive)) {
            return read(ArchiveFile.read(archive, unfolded, pictures));
        }
        BadInput.unless(
                Files.size(archive) <= ArchiveFile.MOST_DOCUMENT_BYTES,
                "archive",
                () -> "That file is larger than 60 MB, which no older archive is.");
        Content content = read(Files.readAllBytes(archive));
        if (content.pictures() != null) {
            for (Map.Entry<UUID, byte[]> it : content.pictures().entrySet()) {
                byte[] drawn = pictures.read(it.getValue()).jpeg();
                ArchiveFile.write(unfolded.resolve(PictureStore.FOLDER), it.getKey() + ".jpg", drawn);
            }
        }
        return content;
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(2), StandardCharsets.ISO_8859_1).equals("PK");
        }
    }

    private static Content read(byte[] archive) {
        try {
            JsonNode tree = CraftJson.mapper().readTree(new String(archive, StandardCharsets.UTF_8));
            BadInput.unless(
                    tree != null && MARK.equals(tree.path("belonax").asText()),
                    "archive",
                    () -> "That file is no archive of Belonax. Choose the file that Belonax wrote.");
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
                    "archive", "That file is no archive, or was cut short. Choose the whole file that Belonax wrote.");
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
