package belonax.room.archive;

import belonax.BadInput;
import belonax.room.CraftJson;
import belonax.room.RoomProperties;
import belonax.room.card.CardArchive;
import belonax.room.card.CardArchive.CardLine;
import belonax.room.card.CardNames;
import belonax.room.drawer.PictureStore;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** All that is kept, as one document and the files beside it: read in one moment, and put in the place of what is there in one go. */
@Component
class WholeRoom {
    static final int VERSION = 4;
    static final String MARK = "archive";

    private static final Logger LOG = LoggerFactory.getLogger(WholeRoom.class);

    private final RoomArchive room;
    private final CardArchive cards;
    private final SettingsStore settings;
    private final PictureStore pictures;
    private final CardNames named;
    private final TransactionTemplate transactions;
    private final TransactionTemplate snapshot;
    private final Clock clock;
    private final Path home;

    WholeRoom(
            RoomArchive room,
            CardArchive cards,
            SettingsStore settings,
            PictureStore pictures,
            CardNames named,
            PlatformTransactionManager manager,
            Clock clock,
            RoomProperties properties) {
        this.room = room;
        this.cards = cards;
        this.settings = settings;
        this.pictures = pictures;
        this.named = named;
        this.transactions = new TransactionTemplate(manager);
        this.snapshot = new TransactionTemplate(manager);
        snapshot.setReadOnly(true);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        this.clock = clock;
        this.home = properties.home();
    }

    /**
     * What the document of an archive or a copy holds.
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

    /** Returns everything, as it is at one moment. */
    Content now() {
        return Objects.requireNonNull(snapshot.execute(status ->
                new Content(MARK, VERSION, clock.instant(), settings.now(), room.content(), cards.content(), null)));
    }

    /** Returns a room with nothing in it but what was chosen in the settings. */
    Content nothing() {
        return new Content(
                MARK,
                VERSION,
                clock.instant(),
                settings.now(),
                new RoomContent(List.of(), List.of(), List.of()),
                List.of(),
                null);
    }

    /** Removes pictures that no card names, and that nothing taken back would bring again. Copies keep theirs. */
    void tidyPictures() {
        pictures.tidy(named.all(), clock.instant());
    }

    static void write(Content content, OutputStream out) throws IOException {
        CraftJson.mapper().writerWithDefaultPrettyPrinter().writeValue(out, content);
    }

    /**
     * Puts a room in the place of what is there. Whoever does it stands alone at the gate.
     *
     * @param unfolded where the files lie that belong to it; the older ones are put there
     * @throws BadInput if it contradicts itself; then everything is as it was
     */
    void put(Content content, Path unfolded) {
        Path older = unfolded.resolve("older");
        try {
            transactions.executeWithoutResult(status -> {
                room.replace(content.room());
                cards.replace(content.drawer());
                settings.keep(content.settings());
                swap(unfolded, older);
            });
        } catch (RuntimeException refused) {
            if (Files.isDirectory(older)) {
                swap(older, unfolded.resolve("refused"));
            }
            throw told(refused);
        }
    }

    private static BadInput told(RuntimeException refused) {
        if (refused instanceof BadInput bad) {
            return RoomDocument.inArchive(bad);
        }
        LOG.warn("An archive could not be taken in: {}", refused.getClass().getName());
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
}
