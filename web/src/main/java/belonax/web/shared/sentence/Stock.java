package belonax.web.shared.sentence;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.needle.Needle;
import belonax.room.Choice;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.ClothShelf;
import belonax.room.drawer.DrawerContents;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the sentence can be made of: the sewist's own cloths, threads and needles first, then the catalogue. */
public final class Stock {
    private final DrawerStore drawer;
    private final ClothCatalogue catalogue;
    private final ClothShelf cloths;
    private @Nullable List<Packet> packets;
    private final int year;
    private final Units units;

    Stock(DrawerStore drawer, ClothCatalogue catalogue, ClothShelf cloths, Clock clock, Units units) {
        this.drawer = drawer;
        this.catalogue = catalogue;
        this.cloths = cloths;
        this.year = LocalDate.now(clock).getYear();
        this.units = units;
    }

    public Units units() {
        return units;
    }

    /** Returns the cloth with this id: a swatch of the drawer or a cloth of the catalogue. */
    public Optional<Cloth> findCloth(String id) {
        return cloths.find(id);
    }

    /** Tells whether a cloth of the drawer was washed before cutting. */
    boolean isWashed(String id) {
        return drawer.find(Swatch.class, id)
                .filter(kept -> kept.card().washed())
                .isPresent();
    }

    /** Returns in how many layers a cloth is usually sewn, as it would be typed. */
    String usualLayers(String id) {
        return String.valueOf(findCloth(id).map(Stack::usualLayers).orElse(2));
    }

    /** Returns the cloths of the drawer that hold these words. */
    List<Cloth> ownCloths(String words) {
        return drawer.search(Swatch.class, words).stream()
                .map(kept -> kept.card().cloth(kept.id().toString()))
                .toList();
    }

    /** Returns the cloths of the catalogue that hold these words. */
    List<Cloth> catalogueCloths(String words) {
        return catalogue.search(words);
    }

    /** Returns the word by which the catalogue knows what somebody calls otherwise. */
    Optional<String> calledHere(String words) {
        return catalogue
                .calledHere(words)
                .filter(text -> !catalogue.search(text).isEmpty());
    }

    /** Returns every cloth as a list offers it. */
    List<Choice> clothChoices() {
        return cloths.choices();
    }

    public Optional<Spool> findSpool(String id) {
        return drawer.find(Spool.class, id).map(Kept::card);
    }

    /** Returns the id of the sound spool that somebody calls so: by its colour, or by colour and thread. */
    public Optional<String> findSpoolCalled(String words) {
        return spools().stream()
                .filter(kept -> kept.card().colour().equalsIgnoreCase(words.strip())
                        || kept.card().words().equalsIgnoreCase(words.strip()))
                .map(kept -> kept.id().toString())
                .findFirst();
    }

    /** Returns the spools that may be sewn with. */
    List<Kept<Spool>> spools() {
        return DrawerContents.soundSpools(drawer);
    }

    SewingThread thread(Spool spool) {
        return spool.thread(year);
    }

    /** Returns the needles that lie in the drawer. */
    List<Needle> needles() {
        return packets().stream()
                .filter(Packet::isOffered)
                .map(Packet::needle)
                .distinct()
                .toList();
    }

    /** So many needles of a kind and size. */
    public record Left(Needle needle, int count) {}

    /** Returns how many needles of each kind and size lie in the drawer, those found rough set aside. */
    public List<Left> left() {
        return packets().stream()
                .filter(Packet::isOffered)
                .map(packet -> new Left(packet.needle(), packet.count()))
                .toList();
    }

    private List<Packet> packets() {
        if (packets == null) {
            packets = drawer.all(Packet.class).stream().map(Kept::card).toList();
        }
        return packets;
    }
}
